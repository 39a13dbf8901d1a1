import { lazy, Suspense, type ReactNode } from "react";
import { Link, useNavigate } from "react-router";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { words } from "../words";

const MoreTools = lazy(() => import("./MoreTools"));

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
  /** Seen from behind. */
  rear: boolean;
  /** Nobody has looked into it yet. */
  unopened: boolean;
  /** A small screen: the one thing to do next, and the rest behind a button. */
  small: boolean;
  /** What else can be done with what is picked. */
  gestures: ReactNode;
  onAdd: (what: "cable" | "device") => void;
  onJoin: () => void;
  onMove: () => void;
  onTurn: () => void;
};

/** What can be done with the whole box, above its picture. */
export function Tools(props: Props) {
  const { job, box, past, planned, picked, rear, onAdd, onJoin, onMove, onTurn } = props;
  if (props.small) return <OnPhone {...props} />;
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
          {props.gestures}
        </>
      )}
      <Button className="ml-auto" aria-pressed={rear} onClick={onTurn}>
        {rear ? w.fromBehind : w.fromFront}
      </Button>
    </div>
  );
}

/** The same on a phone. */
function OnPhone({ job, box, past, planned, picked, rear, unopened, gestures, onAdd, onJoin, onMove, onTurn }: Props) {
  const navigate = useNavigate();
  const survey = [words.survey.start, () => void navigate(address.survey(job, box))] as const;
  const cable = [words.box.addCable, () => onAdd("cable")] as const;
  const surveyed = past || planned ? [] : [survey];
  const find =
    past || planned
      ? []
      : [
          [words.whichBreaker, () => void navigate(address.breaker(job, box))] as const,
          [words.wrongHere, () => void navigate(address.troubles(job, box))] as const,
        ];
  const change = past ? [] : [cable, [words.box.addDevice, () => onAdd("device")] as const];
  const all = [
    ...(picked > 1 ? [[words.box.join(picked), onJoin] as const, [w.moveThese(picked), onMove] as const] : []),
    ...(unopened ? [...surveyed, ...change] : [...change, ...surveyed]),
    ...find,
    [rear ? w.fromBehind : w.fromFront, onTurn] as const,
  ];
  const [first, ...rest] = all;
  return (
    <div className="no-print mb-2 flex flex-wrap items-center justify-between gap-2">
      {picked > 1 && gestures}
      <Button look="main" onClick={first![1]}>
        {first![0]}
      </Button>
      <Suspense fallback={<span className="min-h-11" />}>
        <MoreTools tools={rest} />
      </Suspense>
    </div>
  );
}
