import { useNavigate, useSearchParams } from "react-router";
import { useCatalogue } from "../model/job";
import { address } from "../parts/address";
import { Button } from "../parts/controls";
import { classWords } from "../words/class";
import { practiceWords as w } from "../words/practice";
import { Record } from "./Record";
import { useRecord } from "./record";
import { useNewExercise } from "./useExercise";
import { setOf, Setting } from "./Setting";

/** What there is to practise, and what comes back. */
export default function Practice() {
  const [search, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const { level, edition } = setOf(search);
  const set = (change: Record<string, string>) => setSearch({ level, edition, ...(about ? { about } : {}), ...change }, { replace: true });
  const about = search.get("about");
  const rule = useCatalogue().data?.rules.find((r) => r.id === about);
  const at = { level: Number(level), edition };
  const [spot, hunt, make] = [useNewExercise("Spot"), useNewExercise("Hunt"), useNewExercise("Make")];
  const making = spot.isPending || hunt.isPending || make.isPending;
  const kept = useRecord();
  const kinds = [
    ...(rule
      ? [
          {
            key: "about",
            name: rule.name,
            says: rule.taught ? rule.why : `${rule.why} ${w.noBox}`,
            go: () => (rule.taught ? spot.mutate({ ...at, about: rule.id }) : void navigate(address.asked("sizes", level, edition))),
          },
        ]
      : []),
    { key: "spot", ...w.kinds.spot, go: () => spot.mutate(at) },
    { key: "hunt", ...w.kinds.hunt, go: () => hunt.mutate(at) },
    { key: "make", ...w.kinds.make, go: () => make.mutate(at) },
    { key: "sizes", ...w.kinds.sizes, go: () => void navigate(address.asked("sizes", level, edition)) },
    { key: "heard", ...w.kinds.heard, go: () => void navigate(address.asked("heard", level, edition)) },
    { key: "tester", ...w.kinds.tester, go: () => void navigate(address.asked("tester", level, edition)) },
    { key: "class", name: classWords.title, says: classWords.says, go: () => void navigate(address.classSheets) },
    { key: "count", ...w.kinds.count, go: () => void navigate(address.count(level, edition)) },
  ];
  return (
    <div className="mx-auto flex max-w-6xl flex-col gap-4 pb-8">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div className="mr-auto">
          <h1 className="text-2xl">{w.title}</h1>
          <p className="text-ink-2">{w.about}</p>
        </div>
        <Setting level={level} edition={edition} onLevel={(l) => set({ level: l })} onEdition={(e) => set({ edition: e })} />
      </div>
      <ul className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
        {kinds.map((k) => (
          <li key={k.key} className="flex flex-col gap-2 rounded-2xl border-2 border-ink bg-card p-4">
            <h2 className="text-lg">{k.name}</h2>
            <p className="flex-1 text-ink-2">{k.says}</p>
            <Button look="main" disabled={making} onClick={k.go} aria-label={w.begin(k.name)}>
              {w.go}
            </Button>
          </li>
        ))}
      </ul>
      <Record {...kept} />
    </div>
  );
}
