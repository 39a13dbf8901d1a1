import { useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { api, must, newId, type Edit } from "../api/client";
import { useSettings } from "../api/settings";
import { useEdit } from "../model/job";
import { useTroubles } from "../model/troubles";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { Field } from "../parts/Field";
import { Nowhere } from "../parts/Nowhere";
import { words } from "../words";
import { troubleWords as w } from "../words/trouble";
import { Trouble } from "./Trouble";

/** What is wrong: one trouble, or all of them. */
export default function Troubles() {
  const { trouble } = useParams();
  return trouble ? <Trouble key={trouble} /> : <All />;
}

/** What is or was wrong in a job; and a fault hidden for practice. */
function All() {
  const { job = "" } = useParams();
  const { who } = useSettings();
  const send = useEdit(job);
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const at = search.get("at") ?? "";
  const [says, setSays] = useState("");
  const list = useTroubles(job);
  const begin = async (text: string, hidden: number | null) => {
    const id = newId("t");
    await send.mutateAsync({ edit: { do: "openComplaint", id, says: text, by: who, at: new Date().toISOString(), hidden } as Edit });
    if (hidden !== null) {
      const { look, setup, sees } = await must(
        api.GET("/api/jobs/{job}/troubles/{trouble}/noticed", { params: { path: { job, trouble: id } } }),
      );
      const observed = { look, setup, ...sees, by: who, at: new Date().toISOString() };
      await send.mutateAsync({ edit: { do: "observe", complaint: id, id: newId("o"), observed } as Edit });
    }
    void navigate(address.trouble(job, id, at));
  };
  if (list.isPending) return <p className="text-ink-2">{words.loading}</p>;
  if (!list.data) return <Nowhere error={list.error} />;
  return (
    <div className="mx-auto flex max-w-3xl flex-col gap-4">
      <div>
        <h1 className="text-2xl">{w.title}</h1>
        <p className="text-ink-2">{w.how}</p>
      </div>
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (says.trim()) void begin(says.trim(), null).catch(() => undefined);
        }}
      >
        <Field label={w.begin} hint={w.hint} value={says} onType={setSays} />
        <Button look="main" type="submit" disabled={!says.trim()}>
          {w.open}
        </Button>
      </form>
      <ul>
        {list.data.map((t) => (
          <li key={t.id} className="border-t border-rule">
            <Link to={address.trouble(job, t.id, at)} className="flex min-h-14 flex-wrap items-center gap-x-3 py-1">
              <b className="underline underline-offset-4">{t.says}</b>
              <span className="text-sm text-ink-2">
                {[
                  t.by,
                  new Date(t.at).toLocaleDateString(),
                  t.boxes.join(", "),
                  t.closed ? (t.known ? w.closed : w.closedUnknown) : "",
                  t.hidden ? w.hidden : "",
                ]
                  .filter(Boolean)
                  .join(" · ")}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {list.data.length === 0 && <p className="text-ink-2">{w.none}</p>}
      <div className="flex flex-wrap gap-3">
        <Link to={address.acceptance(job)} className="inline-flex min-h-11 items-center underline underline-offset-4">
          {w.accept}
        </Link>
        <Button look="quiet" onClick={() => void begin(w.practise, Math.floor(Math.random() * 1e6)).catch(() => undefined)}>
          {w.practise}
        </Button>
      </div>
    </div>
  );
}
