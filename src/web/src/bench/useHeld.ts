import { notifyManager, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { api, must, newId, type BoxView, type Schemas } from "../api/client";
import type { BoxEdit } from "../model/useBoxEdit";
import { say } from "../parts/Notices";
import { words } from "../words";
import { keys } from "../model/keys";

export type Move = Schemas["ToldMove"];
type Held = Schemas["Held"];

/** What is in the hand, every place it may go with what would follow, and the place under the pointer. */
export type Hand = { held: Held; name: string; moves: Move[] | null; over: string | null };

/** How a place looks while something is held. */
export function stateOf(move: Move): "fine" | "worse" | "no" | "here" {
  if (move.refusal) return "no";
  if (move.here) return "here";
  return move.new.some((f) => f.verdict === "Stop" || f.verdict === "Fix") ? "worse" : "fine";
}

/** A picked end shows as held when the answer is here, or after so long, ms, when it is slow. */
const SOON = 60;

/** An end that was put somewhere lies there with all that follows when the answer is here, or by itself after so long, ms. */
const LIES = 90;

/** The box with an end where it was just put, to show until the answer says what follows. A lead says at once where it lies. */
function landed(view: BoxView, edit: Schemas["Edit"], place: string): BoxView {
  const { leads = {}, pigtails = {} } = view.box;
  if (edit.do === "moveLead" && leads[edit.lead]) {
    const { name } = view.names.leads[edit.lead] ?? { name: edit.lead };
    return {
      ...view,
      box: { ...view.box, leads: { ...leads, [edit.lead]: { ...leads[edit.lead]!, lands: edit.to } } },
      names: { ...view.names, leads: { ...view.names.leads, [edit.lead]: { name, says: `${name}: ${place}` } } },
    };
  }
  if (edit.do === "landPigtail" && pigtails[edit.id])
    return {
      ...view,
      box: { ...view.box, pigtails: { ...pigtails, [edit.id]: { ...pigtails[edit.id]!, [edit.farEnd ? "to" : "from"]: edit.to } } },
    };
  return view;
}

const hold = (what: Partial<Held>): Held => ({
  leads: [],
  farEnd: false,
  pigtail: null,
  fromJoint: null,
  fromPlace: null,
  onward: null,
  newId: newId("n"),
  ...what,
});

/** Picking asks once for all places; hovering and landing need no other question. */
export function useHeld(job: string, view: BoxView, change: string | null, edit: BoxEdit) {
  const client = useQueryClient();
  const [hand, setHand] = useState<Hand | null>(null);
  const asked = useRef<Held | null>(null);
  const ask = useCallback(
    (held: Held) =>
      must(
        api.POST("/api/jobs/{job}/boxes/{box}/moves", {
          params: { path: { job, box: view.id } },
          body: { held, change, state: edit.of.state ?? null },
        }),
      ),
    [job, view.id, change, edit.of.state],
  );
  const pick = useCallback(
    (what: Partial<Held>, name: string) => {
      const held = hold(what);
      asked.current = held;
      const take = (moves: Move[] | null) => asked.current === held && setHand({ held, name, moves, over: null });
      const slow = setTimeout(() => take(null), SOON);
      ask(held)
        .then(
          (answer) => take(answer.moves),
          (error: unknown) => {
            if (asked.current === held) setHand(null);
            say(error instanceof Error ? error.message : words.failed, "stop");
          },
        )
        .finally(() => clearTimeout(slow));
    },
    [ask],
  );
  const hover = useCallback((over: string | null) => setHand((now) => (now && now.over !== over ? { ...now, over } : now)), []);
  const drop = useCallback(() => {
    asked.current = null;
    setHand(null);
  }, []);
  const land = useCallback(
    (key: string) => {
      const move = hand?.moves?.find((m) => m.key === key);
      if (!move || asked.current !== hand?.held) return;
      if (move.refusal) {
        say(move.refusal.says, "stop");
        return;
      }
      const { here, edit: made, says } = move;
      if (here || !made || change) {
        drop();
        if (!here && made) void edit.ready(made);
        return;
      }
      // Landed once: what is still shown as held until then takes no second tap.
      asked.current = null;
      const empty = () => setHand((now) => (now?.held === hand.held ? null : now));
      let shown: BoxView | undefined;
      const slow = setTimeout(
        () =>
          notifyManager.batch(() => {
            notifyManager.schedule(empty);
            shown = client.setQueryData<BoxView>(keys.box(job, view.id), landed(view, made, says));
          }),
        LIES,
      );
      const answered = () => {
        clearTimeout(slow);
        empty();
      };
      void edit.ready(made, answered).then((ok) => {
        // What was not taken lies again where it lay.
        if (!ok && shown) client.setQueryData(keys.box(job, view.id), (now?: BoxView) => (now === shown ? view : now));
      });
    },
    [hand, edit, drop, change, client, job, view],
  );
  /** Joins leads in one go: the same edit as picking them and landing in a new joint. */
  const join = (leads: string[]) =>
    ask(hold({ leads })).then(
      (answer) => {
        const move = answer.moves.find((m) => m.key === "new");
        if (move?.edit) return edit.ready(move.edit);
        if (move?.refusal) say(move.refusal.says, "stop");
        return false;
      },
      (error: unknown) => say(error instanceof Error ? error.message : words.failed, "stop"),
    );
  const holding = hand !== null;
  useEffect(() => {
    if (!holding) return;
    const onKey = (e: KeyboardEvent) => {
      if (e.key !== "Escape") return;
      e.preventDefault();
      drop();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [holding, drop]);
  return { hand, pick, hover, drop, land, join };
}
