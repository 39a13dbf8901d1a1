import { useCallback, useState } from "react";
import { api, must, newId, type BoxView, type Schemas } from "../api/client";
import type { BoxEdit } from "../box/useBoxEdit";
import { say } from "../parts/Notices";
import { words } from "../words";

export type Move = Schemas["Move"];
type Held = Schemas["Held"];

/** What is in the hand, every place it may go with what would follow, and the place under the pointer. */
export type Hand = { held: Held; name: string; moves: Move[] | null; over: string | null };

/** How a place looks while something is held. */
export function stateOf(move: Move): "fine" | "worse" | "no" | "here" {
  if (move.refusal) return "no";
  if (move.here) return "here";
  return move.new.some((f) => f.verdict === "Stop" || f.verdict === "Fix") ? "worse" : "fine";
}

/** Picking asks once for all places; hovering and landing need no other question. */
export function useHeld(job: string, view: BoxView, change: string | null, edit: BoxEdit) {
  const [hand, setHand] = useState<Hand | null>(null);
  const pick = useCallback(
    (what: Partial<Held>, name: string) => {
      const held: Held = { leads: [], farEnd: false, pigtail: null, fromJoint: null, newId: newId("n"), ...what };
      setHand({ held, name, moves: null, over: null });
      must(api.POST("/api/jobs/{job}/boxes/{box}/moves", { params: { path: { job, box: view.id } }, body: { held, change } })).then(
        (answer) => setHand((now) => (now?.held === held ? { ...now, moves: answer.moves } : now)),
        (error: unknown) => {
          setHand(null);
          say(error instanceof Error ? error.message : words.failed, "stop");
        },
      );
    },
    [job, view.id, change],
  );
  const hover = useCallback((over: string | null) => setHand((now) => (now && now.over !== over ? { ...now, over } : now)), []);
  const drop = useCallback(() => setHand(null), []);
  const land = useCallback(
    (key: string) => {
      const move = hand?.moves?.find((m) => m.key === key);
      if (!move) return;
      if (move.refusal) {
        say(move.refusal.says, "stop");
        return;
      }
      setHand(null);
      if (!move.here && move.edit) void edit.ready(move.edit);
    },
    [hand, edit],
  );
  return { hand, pick, hover, drop, land };
}
