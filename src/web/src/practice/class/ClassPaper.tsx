import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { flushSync } from "react-dom";
import { api, must } from "../../api/client";
import { Button, Choice } from "../../parts/controls";
import { Nowhere } from "../../parts/Nowhere";
import { words } from "../../words";
import { classWords as w } from "../../words/class";
import { Answers, Paper } from "./Papers";
import type { View } from "./useClass";

type Look = "sheets" | "answers";

/** The sheets of the class on paper: as many as sit in it, and those who have no phone. */
export function ClassPaper({ view }: { view: View }) {
  const learners = Math.max(1, view.learners.length);
  const [look, setLook] = useState<Look>("sheets");
  const sheets = useQuery({
    queryKey: ["class-sheets", view.id, JSON.stringify(view.plan), learners],
    queryFn: () => must(api.GET("/api/classes/{class}/sheets", { params: { path: { class: view.id }, query: { learners } } })),
    staleTime: Infinity,
  });
  const head = w.sheetOf(String(view.plan.sheet.seed), String(view.plan.sheet.level), words.edition[view.plan.sheet.edition]);
  const print = (what: Look) => {
    flushSync(() => setLook(what));
    window.print();
  };
  return (
    <>
      <div className="no-print flex flex-wrap items-end gap-3">
        <Choice
          label={w.what}
          hide
          value={look}
          onChange={setLook}
          options={[
            ["sheets", w.sheets],
            ["answers", w.answers],
          ]}
        />
        <Button look="main" disabled={!sheets.data} onClick={() => print("sheets")}>
          {w.print}
        </Button>
        <Button disabled={!sheets.data} onClick={() => print("answers")}>
          {w.printAnswers}
        </Button>
      </div>
      {sheets.error && <Nowhere error={sheets.error} />}
      {!sheets.data && !sheets.error && <p className="text-ink-2">{words.loading}</p>}
      <div className="flex flex-col gap-6">
        {sheets.data?.map((s) =>
          look === "sheets" ? <Paper key={s.learner} sheet={s} head={head} /> : <Answers key={s.learner} sheet={s} head={head} />,
        )}
      </div>
    </>
  );
}
