import type { Schemas } from "../api/client";
import { drawWords } from "../words/draw";

const w = drawWords.outcome.rail;

/** A circuit from its breaker down, stop by stop, with what is new on it, gone from it or protected otherwise. */
export function RailStrip({ rail }: { rail: Schemas["RailOutcome"] }) {
  return (
    <figure aria-label={w.title(rail.name)} className="rounded-lg border border-rule bg-card p-2">
      <figcaption className="font-semibold">{rail.name}</figcaption>
      <ol>
        {rail.stops.map((s) => (
          <li key={s.key} className={`flex min-h-7 items-stretch gap-2 ${s.begins ? "mt-1.5" : ""}`}>
            {/* The lines that go on past it. */}
            {Array.from({ length: Math.min(s.depth, 6) }, (_, i) => (
              <span key={i} aria-hidden className="w-2 shrink-0 translate-x-1.5 border-l-3 border-ink" />
            ))}
            <span aria-hidden className="relative w-4 shrink-0">
              <span
                className={`absolute bottom-0 left-1.5 ${s.begins ? "top-2" : "top-0"} ${s.is ? "border-l-3" : "border-l-2 border-dashed"}
                  ${s.is && !s.was ? "border-moss" : "border-ink"}`}
              />
              <span
                className={`absolute top-1.5 left-0 size-4 rounded-sm border-2
                  ${s.is && !s.was ? "border-moss bg-moss" : s.is ? "border-ink bg-card" : "border-dashed border-rule bg-card"}`}
              />
            </span>
            <span className={`flex-1 py-0.5 ${s.is ? "" : "text-ink-2 line-through"} ${s.is && !s.was ? "font-semibold" : ""}`}>
              {s.name}
            </span>
            {tags(s).map((t) => (
              <span key={t} className="self-center rounded-full border border-moss px-2 text-moss">
                {t}
              </span>
            ))}
          </li>
        ))}
      </ol>
    </figure>
  );
}

function tags(s: Schemas["RailStopOutcome"]): string[] {
  if (!s.is) return [w.gone];
  return [
    ...(s.was ? [] : [w.isNew]),
    ...(s.isGuarded && !s.wasGuarded ? [w.guarded] : []),
    ...(!s.isGuarded && s.wasGuarded ? [w.open] : []),
  ];
}
