import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, must, type Edit } from "../api/client";
import { useEdit } from "../model/job";
import { Mark } from "../model/Verdict";
import { Button } from "../parts/controls";
import { Sheet } from "../parts/Sheet";
import { words } from "../words";
import { keys } from "../model/keys";
import { address } from "../parts/address";

const w = words.rejudge;
const MANY = 40;

/** What an edit of the book would change over the whole job, shown before it is kept. */
export function Rejudge({ job, edit, onClose }: { job: string; edit: Edit; onClose: () => void }) {
  const send = useEdit(job);
  const answer = useQuery({
    queryKey: keys.of(job, "rejudge", edit),
    queryFn: () => must(api.POST("/api/jobs/{job}/rejudge", { params: { path: { job } }, body: { edits: [edit], change: null } })),
    staleTime: 0,
  });
  const boxes = answer.data?.changed ?? [];
  return (
    <Sheet title={w.title} open onClose={onClose}>
      <div className="flex flex-col gap-4">
        <div className="flex flex-wrap gap-3">
          <Button
            look="main"
            disabled={!answer.data || !!answer.data.refusal}
            onClick={() => void send.mutateAsync({ edit }).then(onClose, () => undefined)}
          >
            {w.keep}
          </Button>
          <Button onClick={onClose}>{w.leave}</Button>
        </div>
        {answer.isPending && <p className="text-ink-2">{w.looking}</p>}
        {answer.data?.refusal && <p className="text-barn">{answer.data.refusal.says}</p>}
        {answer.data && !answer.data.refusal && boxes.length === 0 && <p>{w.none}</p>}
        <ul>
          {boxes.slice(0, MANY).map((b) => (
            <li key={b.box ?? b.supply} className="border-t border-rule py-2 first:border-t-0">
              <Link
                to={b.box ? address.box(job, b.box) : address.sheet(job, b.supply ?? "")}
                className="font-bold underline underline-offset-4"
              >
                {b.name}
              </Link>
              <ul className="text-sm">
                {b.new.map((f) => (
                  <li key={`n${f.rule}${f.of}`}>
                    <b>{w.new}</b> <Mark verdict={f.verdict} /> {f.says} <span className="text-ink-2">{f.article}</span>
                  </li>
                ))}
                {b.gone.map((f) => (
                  <li key={`g${f.rule}${f.of}`} className="text-ink-2">
                    <b>{w.gone}</b> {words.verdict[f.verdict]}: {f.says}
                  </li>
                ))}
              </ul>
            </li>
          ))}
        </ul>
      </div>
    </Sheet>
  );
}
