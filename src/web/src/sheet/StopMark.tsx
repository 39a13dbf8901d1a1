import { U } from "./layout";
import type { Stop } from "./show";

const HALF = U.stop / 2;

/** What stands at a stop: a box by its worst verdict, each with a shape of its own; a load; an end that goes somewhere; a panel. */
export function StopMark({ stop, x, y }: { stop: Stop; x: number; y: number }) {
  if (stop.at === "Somewhere")
    return (
      <path
        d={`M${x - HALF} ${y}h8q6 0 6 -6t6 -6t6 6v2`}
        fill="none"
        stroke="var(--ink-2)"
        strokeWidth="2.5"
        strokeLinecap="round"
        strokeDasharray="3 4"
      />
    );
  if (stop.at === "Load")
    return (
      <>
        <circle cx={x} cy={y} r={HALF - 1} fill="var(--card)" stroke="var(--ink)" strokeWidth="2" />
        <path d={`M${x - 5} ${y - 5}l10 10m0 -10l-10 10`} stroke="var(--ink)" strokeWidth="2" />
      </>
    );
  if (stop.at === "Panel")
    return <rect x={x - 10} y={y - HALF - 2} width="20" height="30" rx="3" fill="var(--metal)" stroke="var(--ink)" strokeWidth="2" />;
  const box = (fill: string, stroke: string, dash?: string) => (
    <rect
      x={x - HALF}
      y={y - HALF}
      width={U.stop}
      height={U.stop}
      rx="6"
      fill={fill}
      stroke={stroke}
      strokeWidth="2"
      strokeDasharray={dash}
    />
  );
  const line = (d: string, colour: string) => (
    <path d={d} fill="none" stroke={colour} strokeWidth="2.8" strokeLinecap="round" strokeLinejoin="round" />
  );
  if (!stop.judged) return box("none", "var(--ink-2)", "4 3");
  switch (stop.worst) {
    case "Stop":
      return (
        <>
          <path d={`M${x - 7} ${y - 17}h14l10 10v14l-10 10h-14l-10 -10v-14z`} fill="var(--barn)" stroke="var(--ink)" strokeWidth="1.5" />
          <path d={`M${x} ${y - 8}v9`} stroke="var(--on-barn)" strokeWidth="3.2" strokeLinecap="round" />
          <circle cx={x} cy={y + 7} r="2" fill="var(--on-barn)" />
        </>
      );
    case "Fix":
      return (
        <>
          {box("var(--card)", "var(--ink)")}
          {line(`M${x - 5} ${y - 5}l10 10m0 -10l-10 10`, "var(--barn)")}
        </>
      );
    case "Measure":
      return (
        <>
          {box("var(--card)", "var(--ink)")}
          {line(`M${x - 4} ${y - 3}q0 -5 4 -5t4 4q0 3 -4 5v1`, "var(--slate)")}
          <circle cx={x} cy={y + 7.5} r="1.8" fill="var(--slate)" />
        </>
      );
    case "Better":
      return (
        <>
          {box("var(--card)", "var(--ink)")}
          {line(`M${x - 6} ${y + 1}q3 -6 6 -1t6 -1`, "var(--amber)")}
        </>
      );
    case "Fine":
      return (
        <>
          {box("var(--card)", "var(--ink)")}
          {line(`M${x - 6} ${y}l4 5l8 -10`, "var(--moss)")}
        </>
      );
  }
}
