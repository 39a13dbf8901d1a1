import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { api, must } from "../api/client";
import { useToday } from "../model/job";
import { keys } from "../model/keys";
import { Choice } from "../parts/controls";
import { Pick } from "../parts/Pick";
import { troubleWords as w } from "../words/trouble";
import { Answers, type Seen } from "../model/Answers";
import { Tick } from "../parts/Tick";
import type { Look } from "./useTrouble";

type Weather = "" | "wet" | "dry";

/** What somebody noticed: at which box, what, and what it did. */
export function LookForm({ job, onSeen }: { job: string; onSeen: (look: Look, seen: Seen, more: object) => void }) {
  const today = useToday(job);
  const [search] = useSearchParams();
  const [box, setBox] = useState(search.get("at") ?? "");
  const [at, setAt] = useState("0");
  const [told, setTold] = useState(false);
  const [weather, setWeather] = useState<Weather>("");
  const [shock, setShock] = useState({ wetSkin: false, shoes: true, wetGround: false, usedBefore: false });
  const looks = useQuery({
    queryKey: keys.of(job, "looks", box),
    queryFn: () => must(api.GET("/api/jobs/{job}/boxes/{box}/looks", { params: { path: { job, box } } })),
    enabled: box !== "",
  });
  const data = today.data;
  const boxes = data ? [...data.over, ...data.full, ...data.unknown, ...data.fine] : [];
  const look = looks.data?.[Number(at)];
  const seen = (one: Seen) => {
    if (!look) return;
    const wet = weather === "" ? null : weather === "wet";
    onSeen({ ...look, setup: { ...look.setup, wet } }, one, { told, ...(look.look.kind === "Touch" ? { shock } : {}) });
  };
  return (
    <div className="flex flex-col gap-3">
      <div className="grid gap-2 sm:grid-cols-2">
        <Pick
          label={w.at}
          value={box}
          empty={w.at}
          onChange={(b) => {
            setBox(b);
            setAt("0");
          }}
          options={boxes.map((b) => [b.id, b.name] as const)}
        />
        <Pick label={w.what} value={at} onChange={setAt} options={(looks.data ?? []).map((l, i) => [String(i), l.says] as const)} />
      </div>
      {look && (
        <>
          {look.look.kind === "Touch" && (
            <fieldset className="flex flex-wrap gap-x-4">
              <legend className="text-sm text-ink-2">{w.shock}</legend>
              <Tick label={w.skin} on={shock.wetSkin} turn={(wetSkin) => setShock({ ...shock, wetSkin })} />
              <Tick label={w.shoes} on={shock.shoes} turn={(shoes) => setShock({ ...shock, shoes })} />
              <Tick label={w.ground} on={shock.wetGround} turn={(wetGround) => setShock({ ...shock, wetGround })} />
              <Tick label={w.before} on={shock.usedBefore} turn={(usedBefore) => setShock({ ...shock, usedBefore })} />
            </fieldset>
          )}
          <div className="flex flex-wrap items-end gap-x-4">
            <Choice
              label={w.weather}
              value={weather}
              onChange={setWeather}
              options={[
                ["", w.nobody],
                ["wet", w.wet],
                ["dry", w.dry],
              ]}
            />
            <Tick label={w.told} on={told} turn={setTold} />
          </div>
          <p className="text-sm text-ink-2">{w.shows}</p>
          <Answers key={look.says} look={look} onSeen={seen} />
        </>
      )}
    </div>
  );
}
