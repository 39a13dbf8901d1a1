import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, must } from "../../api/client";
import { useMe } from "../../model/me";
import { address } from "../../parts/address";
import { Back } from "../../parts/Back";
import { Button, Choice } from "../../parts/controls";
import { Nowhere } from "../../parts/Nowhere";
import { words } from "../../words";
import { classWords as w } from "../../words/class";
import { BenchTasks } from "./BenchTasks";
import { ClassPaper } from "./ClassPaper";
import { OwnQuestions } from "./OwnQuestions";
import { Results } from "./Results";
import { useClass, useClassStep, type View } from "./useClass";

type Tab = keyof typeof w.tabs;

/** A class as its teacher has it: the code, who sits in it, how each did, what is asked besides. */
export default function ClassPage() {
  const { one = "" } = useParams();
  const view = useClass(one);
  const [tab, setTab] = useState<Tab>("results");
  if (view.error) return <Nowhere error={view.error} />;
  if (!view.data) return <p className="text-ink-2">{words.loading}</p>;
  return (
    <div className="mx-auto flex max-w-6xl flex-col gap-4 pb-8">
      <div className="no-print flex flex-col gap-4">
        <Head view={view.data} />
        <Choice label={w.tab} hide value={tab} onChange={setTab} options={Object.entries(w.tabs) as [Tab, string][]} />
      </div>
      {tab === "results" && <Results view={view.data} />}
      {tab === "own" && <OwnQuestions view={view.data} />}
      {tab === "bench" && <BenchTasks view={view.data} />}
      {tab === "paper" && <ClassPaper view={view.data} />}
    </div>
  );
}

/** What stands on the wall: the code, and where a phone goes. */
function Head({ view }: { view: View }) {
  const close = useClassStep(view.id, (closed: boolean) =>
    must(api.POST("/api/classes/{class}/closed", { params: { path: { class: view.id } }, body: { closed } })),
  );
  const me = useMe();
  const sheet = view.plan.sheet;
  const wall = new URLSearchParams({
    kinds: sheet.kinds.join(","),
    level: String(sheet.level),
    edition: sheet.edition,
    items: String(sheet.items),
    seed: String(sheet.seed),
  });
  return (
    <>
      <Back to={address.classSheets} name={w.title} />
      <div className="flex flex-wrap items-center gap-x-8 gap-y-3">
        <div className="mr-auto">
          <h1 className="text-2xl">{view.plan.name}</h1>
          <p className="text-ink-2">
            {w.sheetOf(String(sheet.seed), String(sheet.level), words.edition[sheet.edition])}. {w.shown}:{" "}
            {w.shownWhen[view.plan.shown].toLowerCase()}.
          </p>
        </div>
        <div className="rounded-2xl border-2 border-ink bg-card px-5 py-2">
          <span className="text-sm text-ink-2">
            {w.comeIn(`${me.data?.classAddress?.replace("http://", "") ?? location.host}${address.room()}`)}
          </span>
          <p className="flex items-baseline gap-3">
            {w.code} <b className="figure text-4xl tracking-widest">{view.code}</b>
            {view.closed && <span className="font-semibold text-amber">{w.isClosed}</span>}
          </p>
        </div>
      </div>
      <div className="flex flex-wrap gap-3">
        <Button look={view.closed ? "plain" : "main"} disabled={close.isPending} onClick={() => close.mutate(!view.closed)}>
          {view.closed ? w.reopen : w.close}
        </Button>
        <Link
          to={`${address.projector}?${wall}`}
          className="inline-flex min-h-11 items-center rounded-xl border-2 border-ink bg-card px-4 font-semibold"
        >
          {w.onWall}
        </Link>
        <Remove view={view} />
      </div>
    </>
  );
}

/** Takes the class away, once it was said twice. */
function Remove({ view }: { view: View }) {
  const [sure, setSure] = useState(false);
  const navigate = useNavigate();
  const client = useQueryClient();
  const remove = useMutation({
    mutationFn: () => must(api.POST("/api/classes/{class}/remove", { params: { path: { class: view.id } } })),
    onSuccess: () => {
      client.removeQueries({ queryKey: ["classes"] });
      void navigate(address.classSheets);
    },
  });
  if (!sure)
    return (
      <Button look="quiet" onClick={() => setSure(true)}>
        {w.remove}
      </Button>
    );
  return (
    <div role="alert" className="flex flex-wrap items-center gap-3 rounded-xl border-2 border-barn px-3">
      <span>{w.removeSure}</span>
      <Button look="stop" disabled={remove.isPending} onClick={() => remove.mutate()}>
        {w.remove}
      </Button>
      <Button look="quiet" onClick={() => setSure(false)}>
        {w.keep}
      </Button>
    </div>
  );
}
