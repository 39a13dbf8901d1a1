import { useState } from "react";
import type { Schemas } from "../api/client";
import { Button, Choice } from "../parts/controls";
import { practiceWords as w } from "../words/practice";

type Said = Schemas["SpotSaid"];

/** What is wrong with the part that is pointed at: what a look close up shows of it, what can be said, and how bad it is. */
export function SpotClaim({
  part,
  choices,
  onWhole,
  onSay,
}: {
  part: Schemas["ToldSpotPart"] | undefined;
  choices: readonly Schemas["ToldSpotChoice"][];
  onWhole: () => void;
  onSay: (said: Said) => void;
}) {
  const [rule, setRule] = useState<string | null>(null);
  const [severity, setSeverity] = useState<"Stop" | "Fix" | null>(null);
  if (!part)
    return (
      <section aria-label={w.what} className="rounded-2xl border-2 border-ink bg-card p-3">
        <h2 className="text-lg">{w.what}</h2>
        <p className="text-ink-2">{w.point}</p>
        <Button className="mt-2" onClick={onWhole}>
          {w.whole}
        </Button>
      </section>
    );
  return (
    <section aria-label={w.what} className="rounded-2xl border-2 border-ink bg-card p-3">
      <h2 className="text-lg first-letter:uppercase">{part.name}</h2>
      {part.seen.length > 0 && (
        <ul aria-label={w.closer} className="mb-2 text-sm">
          {part.seen.map((s) => (
            <li key={s} className="border-t border-rule py-0.5">
              {s}
            </li>
          ))}
        </ul>
      )}
      <label className="block">
        <span className="mb-1 block text-sm text-ink-2">{w.whatOf}</span>
        <select
          className="min-h-11 w-full rounded-lg border-2 border-rule bg-card px-2"
          value={rule ?? ""}
          onChange={(e) => setRule(e.target.value || null)}
        >
          <option value="">{w.choose}</option>
          {choices.map((c) => (
            <option key={c.rule} value={c.rule}>
              {c.name}
            </option>
          ))}
        </select>
      </label>
      <div className="mt-2">
        <Choice
          label={w.howBad}
          value={severity}
          onChange={setSeverity}
          options={
            [
              ["Stop", w.severity.Stop],
              ["Fix", w.severity.Fix],
            ] as const
          }
        />
      </div>
      <Button
        className="mt-3 w-full"
        disabled={!rule || !severity}
        onClick={() => {
          onSay({ part: part.part, rule: rule!, severity: severity! });
          setRule(null);
          setSeverity(null);
        }}
      >
        {w.sayIt}
      </Button>
    </section>
  );
}
