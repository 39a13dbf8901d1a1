/** Text that is typed and sent with what stands beside it. */
export function Field({
  label,
  value,
  onType,
  hint,
  type,
  figure,
  wide = true,
}: {
  label: string;
  value: string;
  onType: (text: string) => void;
  hint?: string;
  type?: "date" | "datetime-local";
  /** Digits of even width, large, and the keys for them. */
  figure?: "decimal" | "numeric";
  wide?: boolean;
}) {
  return (
    <label className={`block min-w-0 ${wide ? "flex-1" : ""}`}>
      <span className="mb-1 block text-sm text-ink-2">{label}</span>
      <input
        type={type}
        inputMode={figure}
        className={`rounded-lg border-2 border-rule bg-card px-2.5 ${figure ? "figure min-h-12 text-xl" : "min-h-11"}
          ${wide ? "w-full" : ""}`}
        placeholder={hint}
        value={value}
        onChange={(e) => onType(e.target.value)}
      />
    </label>
  );
}
