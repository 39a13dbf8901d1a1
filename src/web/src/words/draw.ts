import type { Schemas } from "../api/client";

type Figures = Schemas["CircuitFigures"];
type Stop = Schemas["StopOutcome"];

const all = (names: readonly string[], none: string) => (names.length === 0 ? none : names.join(" and "));
const load = (f: Figures) =>
  `${f.unsaid > 0 && f.knownLoad > 0 ? "at least " : ""}${f.knownLoad > 0 ? `${f.knownLoad}` : "not known"}${
    f.amperes == null ? "" : ` of ${f.amperes} A`
  }`;

/** Words of drawing on the run sheet, and of what something would do. */
export const drawWords = {
  draw: {
    title: (from: string, to: string) => `From ${from} to ${to}`,
    next: (from: string) => `From ${from}: tap where it goes, another stop or a breaker.`,
    leave: "Leave it",
    nothing: "No cable can go between these two.",
    means: "What is it?",
    moves: {
      NewCable: "A new cable",
      ComesFrom: "Its cable comes from there",
      EndsThere: "That end is there",
      ToBreaker: "It hangs on that breaker",
    },
    act: { NewCable: "Draw it", ComesFrom: "Move it", EndsThere: "It ends there", ToBreaker: "Move it" },
    another: "Another cable",
    record: "This sets down what is there. Where its leads land is recorded at each box.",
    panel: "This sets down what is there. Work in a panel is for a licensed electrician: its service side stays live with everything off.",
  },
  outcome: {
    nothing: "Nothing else changes.",
    rail: {
      title: (name: string) => `Circuit ${name}, before and after`,
      isNew: "new",
      gone: "no longer here",
      guarded: "protected",
      open: "no longer protected",
    },
    stops: "What hangs where",
    circuits: "Circuits",
    boxes: "Boxes",
    then: "becomes",
    hangs: (s: Stop) => {
      const breakers =
        s.was.join() === s.is.join() ? `on ${all(s.is, "nothing")}` : `from ${all(s.was, "nothing")} to ${all(s.is, "nothing")}`;
      const [was, is] = [all(s.wasBehind, "nothing"), all(s.isBehind, "nothing")];
      if (was === is) return breakers;
      return `${breakers}; ${s.isBehind.length === 0 ? `no longer protected by ${was}` : `protected by ${is}`}`;
    },
    figures: (was: Figures | null, is: Figures | null): [string, string, string][] => {
      const of = (f: Figures | null, say: (f: Figures) => string) => (f ? say(f) : "none");
      const row = (what: string, say: (f: Figures) => string): [string, string, string] => [what, of(was, say), of(is, say)];
      return [
        row("Load", load),
        row("Outlets", (f) => String(f.outlets)),
        row("Protected", (f) => String(f.protected)),
        row("Drop", (f) => (f.drop == null ? "not known" : `${f.measured ? "" : "about "}${f.drop.toFixed(1)} %`)),
        row("Fault", (f) => (f.faultAmperes == null ? "not known" : `${f.faultAmperes} A`)),
      ];
    },
  },
} as const;
