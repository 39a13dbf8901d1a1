import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, must, newId, type Schemas } from "../../api/client";
import { address } from "../../parts/address";
import { Button, Choice } from "../../parts/controls";
import { Field } from "../../parts/Field";
import { Nowhere } from "../../parts/Nowhere";
import { classWords as w } from "../../words/class";

type Shown = Schemas["MarksShown"];

/** Classes there are, the youngest first. */
export function ClassList() {
  const classes = useQuery({ queryKey: ["classes"], queryFn: () => must(api.GET("/api/classes")) });
  if (!classes.data) return null;
  return (
    <section aria-label={w.classes}>
      {classes.data.length === 0 && <p className="text-ink-2">{w.noClass}</p>}
      <ul className="flex flex-wrap gap-2">
        {classes.data.map((c) => (
          <li key={c.id}>
            <Link to={address.class(c.id)} className="flex min-h-12 flex-col rounded-xl border-2 border-ink bg-card px-4 py-1">
              <b>{c.name}</b>
              <span className="text-sm text-ink-2">
                {w.learnersIn(c.learners)}, {c.closed ? w.isClosed : w.isOpen}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Opens a class with a sheet. */
export function OpenClass({ sheet }: { sheet: Schemas["SheetAsk"] }) {
  const navigate = useNavigate();
  const [name, setName] = useState("");
  const [shown, setShown] = useState<Shown>("AtOnce");
  const open = useMutation({
    mutationFn: () =>
      must(
        api.POST("/api/classes/{class}", {
          params: { path: { class: newId("c") } },
          body: { name: name.trim(), sheet, shown, own: [], bench: [] },
        }),
      ),
    onSuccess: (made) => navigate(address.class(made.id)),
  });
  return (
    <section aria-label={w.open} className="rounded-2xl border-2 border-ink bg-card p-4">
      <h2 className="text-lg">{w.open}</h2>
      <p className="text-ink-2">{w.openHow}</p>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <Field label={w.called} value={name} onType={setName} hint={w.calledHint} />
        <Choice label={w.shown} value={shown} onChange={setShown} options={Object.entries(w.shownWhen) as [Shown, string][]} />
        <Button look="main" disabled={name.trim() === "" || open.isPending} onClick={() => open.mutate()}>
          {w.openIt}
        </Button>
      </div>
      {open.error && <Nowhere error={open.error} />}
    </section>
  );
}
