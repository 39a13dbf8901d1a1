import type { ReactNode } from "react";
import type { Catalogue, Schemas } from "../api/client";
import { setSettings, useSettings, type Settings } from "../api/settings";
import { words } from "../words";
import { Choice } from "./controls";

const w = words.cablePicker;

/** A cable as it is picked: its sort, with the ground and the metal that were said last. */
export type PickedCable = { sort: Catalogue["cables"][number]; spec: Schemas["CableSpec"] };

/** What a sort becomes with what was said last of ground and metal. */
export function madeOf({ spec, grounds }: Catalogue["cables"][number], kept: Settings["cable"]): Schemas["CableSpec"] {
  const ground = kept.type === spec.type ? grounds?.find((g) => g === kept.ground) : undefined;
  return { ...spec, ground: ground ?? spec.ground, metal: kept.metal ?? "Copper" };
}

/** Two taps to a cable: its type, which sticks for the next one, and its size. Ground and metal are said once and stick too. */
export function CablePicker({
  sorts,
  children,
  plain,
}: {
  sorts: Catalogue["cables"];
  /** How each size is shown; told what the cable would be. */
  children: (cable: PickedCable) => ReactNode;
  /** Only types and sizes: ground and metal say nothing here. */
  plain?: boolean;
}) {
  const { cable: kept } = useSettings();
  const usual = plain ? 4 : 8;
  const types = [...new Set(sorts.map((s) => s.spec.type))];
  const type = types.find((t) => t === kept.type) ?? types[0]!;
  const may = sorts.find((s) => s.spec.type === type)?.grounds ?? [];
  const keep = (change: Partial<typeof kept>) => setSettings({ cable: { ...kept, ...change } });
  const shown = sorts.filter((s) => s.spec.type === type);
  const picked = (sort: (typeof sorts)[number]) => ({
    sort,
    spec: plain ? sort.spec : madeOf(sort, kept),
  });
  return (
    <div className="flex flex-col gap-2">
      <Choice
        hide
        label={w.type}
        value={type}
        onChange={(t) => keep({ type: t, ground: null })}
        options={types.map((t) => [t, words.cable[t]] as const)}
      />
      <div className="grid grid-cols-4 gap-1.5" role="group" aria-label={w.size}>
        {shown.slice(0, kept.all ? undefined : usual).map((s) => children(picked(s)))}
      </div>
      {(shown.length > usual || !plain) && (
        <details open={kept.all} onToggle={(e) => e.currentTarget.open !== kept.all && keep({ all: e.currentTarget.open })}>
          <summary className="min-h-8 text-sm text-ink-2">{plain ? w.sizes : w.more}</summary>
          {!plain && (
            <div className="flex flex-col gap-2 pb-1">
              {may.length > 1 && (
                <Choice
                  label={w.ground}
                  value={may.find((g) => g === kept.ground) ?? may[0]!}
                  onChange={(ground) => keep({ type, ground })}
                  options={may.map((g) => [g, words.box.grounds[g]] as const)}
                />
              )}
              <Choice
                label={words.box.metal}
                value={kept.metal ?? "Copper"}
                onChange={(metal) => keep({ metal })}
                options={Object.entries(words.box.metals) as [Schemas["Metal"], string][]}
              />
            </div>
          )}
        </details>
      )}
    </div>
  );
}
