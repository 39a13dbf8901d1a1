import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Dialog, DialogBackdrop, DialogPanel } from "@headlessui/react";
import { useMemo, useState } from "react";
import { useMatch, useNavigate } from "react-router";
import { useBoxes, useHead, useJobs } from "../model/job";
import { setSettings } from "../api/settings";
import { words } from "../words";
import { acceptWords, troubleWords } from "../words/trouble";
import { whichWords } from "../words/which";
import { loadWords } from "../words/loads";
import { panelWords } from "../words/panel";
import { address, served } from "../parts/address";

type Item = { key: string; name: string; kind: string; detail?: string; go: () => void };

/** Finds any box, room or action by its words. */
export default function Palette({ open, onClose, job }: { open: boolean; onClose: () => void; job: string }) {
  const navigate = useNavigate();
  const here = useMatch("/jobs/:job/boxes/:box/*")?.params.box ?? "";
  const [find, setFind] = useState("");
  const boxes = useBoxes(open ? job : "");
  const head = useHead(open ? job : "");
  const jobs = useJobs(false);
  const items = useMemo<Item[]>(() => {
    const to = (path: string) => () => void navigate(path);
    const all: Item[] = (boxes.data ?? []).map((b) => ({
      key: `b${b.id}`,
      name: b.name,
      kind: words.palette.box,
      detail: [b.place, words.fit[b.fit]].filter(Boolean).join(", "),
      go: to(address.box(job, b.id)),
    }));
    for (const [id, place] of Object.entries(head.data?.places ?? {}))
      all.push({
        key: `p${id}`,
        name: place.name,
        kind: words.palette.room,
        go: to(address.find(job, place.name)),
      });
    for (const [id, wall] of Object.entries(head.data?.walls ?? {}))
      all.push({ key: `w${id}`, name: wall.name, kind: words.palette.wall, go: to(address.wall(job, id)) });
    const action = (key: string, name: string, go: () => void) => all.push({ key, name, kind: words.palette.action, go });
    action("quick", words.quick, to(address.quick()));
    action("practice", words.practice, to(address.practice));
    action("mark", words.mark, to(address.mark()));
    action("trench", words.trench, to(address.trench(job)));
    if (job) {
      action("today", words.today, to(address.today(job)));
      action("add", words.todayPage.addBox, to(address.addBox(job)));
      action("book", words.book, to(address.book(job)));
      action("log", words.log, to(address.log(job)));
      action("changes", words.changes, to(address.changes(job)));
      action("ways", words.ways, to(address.ways(job)));
      action("lists", words.lists.title, to(address.lists(job)));
      action("loads", loadWords.loads.title, to(address.loads(job)));
      action("labels", panelWords.labels.title, to(address.labels(job)));
      action("sheet", words.runSheet, to(address.sheet(job)));
      action("walk", whichWords.walk.title, to(address.walk(job)));
      action("trouble", troubleWords.title, to(address.troubles(job, here)));
      action("prove", acceptWords.title, to(address.acceptance(job)));
      action("export", words.jobs.export, () => window.location.assign(served.job(job)));
    }
    action("jobs", words.home, to(address.jobs));
    for (const theme of ["light", "dark", "contrast"] as const)
      action(theme, words.palette.theme(words.settings[theme]), () => setSettings({ theme }));
    // Many, and so behind everything else.
    for (const j of jobs.data ?? []) action(`j${j.id}`, `${words.jobs.open} ${j.name}`, to(address.today(j.id)));
    for (const b of boxes.data ?? [])
      all.push({
        key: `s${b.id}`,
        name: `${words.survey.title}: ${b.name}`,
        kind: words.palette.action,
        go: to(address.survey(job, b.id)),
      });
    return all;
  }, [boxes.data, head.data, jobs.data, job, here, navigate]);
  const parts = find.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = items.filter((i) => parts.every((p) => `${i.name} ${i.detail ?? ""}`.toLowerCase().includes(p))).slice(0, 80);
  const close = () => {
    setFind("");
    onClose();
  };
  return (
    <Dialog open={open} onClose={close} className="relative z-50">
      <DialogBackdrop className="fixed inset-0 bg-[rgb(0_0_0/0.5)]" />
      <div className="fixed inset-0 flex items-start justify-center p-3 sm:pt-[12vh]">
        <DialogPanel className="w-full max-w-xl rounded-2xl border-2 border-ink bg-lime p-3" aria-label={words.palette.title}>
          <Combobox
            onChange={(item: Item | null) => {
              close();
              item?.go();
            }}
          >
            <ComboboxInput
              autoFocus
              aria-label={words.palette.title}
              placeholder={words.palette.hint}
              className="min-h-12 w-full rounded-lg border-2 border-rule bg-card px-3 text-lg"
              onChange={(e) => setFind(e.target.value)}
            />
            <ComboboxOptions static className="mt-2 max-h-[55vh] overflow-auto">
              {shown.map((i) => (
                <ComboboxOption key={i.key} value={i} className="flex min-h-11 items-center gap-3 rounded-lg px-3 data-focus:bg-slate-wash">
                  <span className="w-12 shrink-0 text-sm text-ink-2">{i.kind}</span>
                  <span className="font-semibold">{i.name}</span>
                  <span className="ml-auto text-right text-sm text-ink-2">{i.detail}</span>
                </ComboboxOption>
              ))}
              {shown.length === 0 && <div className="p-3 text-ink-2">{words.palette.none}</div>}
            </ComboboxOptions>
          </Combobox>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
