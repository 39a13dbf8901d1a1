import { Zap } from "lucide-react";
import { Link } from "react-router";
import type { Look } from "../model/useLive";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { words } from "../words";

const w = words.bench;

type Props = {
  job: string;
  box: string;
  /** Looking back: nothing can be changed. */
  past: boolean;
  /** A Change is looked at, not what is there. */
  planned: boolean;
  /** How many ends are picked together. */
  picked: number;
  look: Look;
  /** Seen from behind. */
  rear: boolean;
  onAdd: (what: "cable" | "device") => void;
  onJoin: () => void;
  onMove: () => void;
  onTurn: () => void;
};

/** What can be done with the whole box, above its picture. */
export function Tools({ job, box, past, planned, picked, look, rear, onAdd, onJoin, onMove, onTurn }: Props) {
  return (
    <div className="no-print mb-2 flex flex-wrap items-center gap-2">
      <Button look="main" disabled={past} onClick={() => onAdd("cable")}>
        {words.box.addCable}
      </Button>
      <Button disabled={past} onClick={() => onAdd("device")}>
        {words.box.addDevice}
      </Button>
      {!past && !planned && (
        <Link
          to={address.survey(job, box)}
          className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
        >
          {words.survey.start}
        </Link>
      )}
      {picked > 1 && (
        <>
          <Button look="main" onClick={onJoin}>
            {words.box.join(picked)}
          </Button>
          <Button onClick={onMove}>{w.moveThese(picked)}</Button>
        </>
      )}
      <Button
        className="ml-auto"
        look={look.on ? "main" : "plain"}
        aria-pressed={look.on}
        disabled={past}
        onClick={() => look.setOn(!look.on)}
      >
        <Zap size={18} aria-hidden />
        {words.live.toggle}
      </Button>
      <Button aria-pressed={rear} onClick={onTurn}>
        {rear ? w.fromBehind : w.fromFront}
      </Button>
    </div>
  );
}
