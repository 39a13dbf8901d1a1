import { words } from "../words";

/** Which way power goes, as a shape and a word: a filled arrow in, an outlined arrow on, a shield for protected. */
export function FeedMark({
  x,
  y,
  feeds,
  strong,
}: {
  x: number;
  y: number;
  feeds: "FeedsIn" | "FeedsOn" | "Protected" | "CannotTell";
  strong: boolean;
}) {
  const text = words.feeds[feeds];
  const width = text.length * 6.6 + 24;
  const moss = feeds === "Protected";
  return (
    <g>
      <rect
        x={x}
        y={y - 1}
        width={width}
        height="16"
        rx="8"
        fill={strong ? "var(--ink)" : moss ? "var(--moss-wash)" : "var(--card)"}
        stroke={moss ? "var(--moss)" : "var(--ink)"}
        strokeWidth="1.4"
      />
      {moss ? (
        <path d={`M${x + 7} ${y + 2}l4 -1.5l4 1.5v4q0 4 -4 6q-4 -2 -4 -6z`} fill="var(--moss)" />
      ) : (
        <path
          d={`M${x + 6} ${y + 5}h5v-3l6 5l-6 5v-3h-5z`}
          fill={strong ? "var(--on-ink)" : "none"}
          stroke={strong ? "none" : "var(--ink)"}
          strokeWidth="1.2"
        />
      )}
      <text x={x + 20} y={y + 11} fontSize="11.5" fontWeight="600" fill={strong ? "var(--on-ink)" : "var(--ink)"}>
        {text}
      </text>
    </g>
  );
}

/** The size without what its strands show anyway: a cable without a ground has no bare one. */
export function short(size: string): string {
  return size.split(",")[0]!;
}
