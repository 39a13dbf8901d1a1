/** Sentences under each other. */
export function Lines({ lines }: { lines: readonly string[] }) {
  return (
    <ul className="list-disc pl-5">
      {lines.map((l) => (
        <li key={l}>{l}</li>
      ))}
    </ul>
  );
}
