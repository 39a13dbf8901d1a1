import type { Schemas } from "../api/client";

type Stop = Schemas["SheetStopView"];
type Rail = Schemas["RailView"];

const expects = {
  Live: "expected live",
  Dead: "expected dead, not proved",
  Ghost: "a ghost: coupling only",
  Unknown: "cannot be told",
} as const;
const brings = { Feed: "", Switched: "behind a switch", Travelers: "between switches", Unknown: "nobody saw what comes by it" } as const;
const worst = { Stop: "stop", Fix: "to fix", Measure: "to measure", Better: "could be better", Fine: "nothing found" } as const;

const expected = (stop: Stop) => (stop.seen ? expects[stop.expected] : "cannot be told: not followed");

/** The way to a stop; an end is called by where it goes already. */
const way = (stop: Stop) => (stop.at === "Box" || stop.at === "Panel" ? `to ${stop.name}` : stop.name);

const railShort = (rail: Rail) =>
  rail.breakers.map((b) => `${b.slot} ${b.legs}`).join(" + ") + (rail.amperes == null ? "" : `, ${rail.amperes} A`);

/** Words of the run sheet. */
export const sheetWords = {
  directory: {
    title: (panel: string) => `Directory of ${panel}`,
    link: "Its directory, as it should be written",
    how:
      "What and where, by what is recorded, each told from every other (NEC 408.4(A)). What nobody followed is not on it: look it over " +
      "before it goes into the door.",
    write: "Write it so",
    writeAll: (n: number) => (n === 1 ? "Write this one so" : `Write all ${n} so`),
    written: (says: string) => `is written: ${says}`,
    nothing: "not known",
    empty: "empty",
    open: "there may be more: not all of it was followed",
    room: (free: readonly number[], pairs: readonly number[]) => {
      if (free.length === 0) return "No slot is free.";
      const two = pairs.length === 0 ? "No breaker of two poles fits." : `One of two poles fits at ${pairs.join(", ")}.`;
      return `Free: ${free.join(", ")}. ${two}`;
    },
  },
  sheet: {
    show: "Show",
    shows: [
      ["all", "All"],
      ["off", "Off"],
      ["fails", "Fails"],
      ["unknown", "Not known"],
    ] as const,
    room: "Room",
    everyRoom: "every room",
    panels: "Panel",
    rooms: "Rooms",
    labels: "Labels",
    empty: "Nothing is recorded that feeds this job. Open Panel, and say how many slots it has.",
    none: "Nothing of this kind.",
    nothing: "Nothing that hangs on it is recorded.",
    notFollowed: "Not followed to a panel",
    noName: "not said what it feeds",
    apart: "No cable is recorded to these",
    behind: (guards: readonly string[]) => `Protected by ${guards.join("; ")}`,
    isProtected: "protected",
    held: (by: readonly string[]) => `held off by ${by.join(", ")}`,
    load: (known: number, amperes: number) => (known > 0 ? `${known} of ${amperes} A known` : "load not known"),
    left: (amperes: number) => `${Math.round(amperes * 10) / 10} A beside what is known`,
    comesBy: "Comes by",
    notSeen: "nobody saw by what",
    expected: "Just now",
    protectedBy: "Protected by",
    headroom: "Left on the breaker",
    ties: "Another cable to",
    tie: (names: readonly [string, string]) => `a further cable between ${names[0]} and ${names[1]}`,
    working: "What is live is still being worked out.",
    notOpened: "not opened",
    open: "Open this box",
    alsoOn: (rail: string) => `Also on ${rail}`,
    throwIt: (slot: string) => `Breaker ${slot}`,
    goesDead: (live: readonly string[], open: number) =>
      `${live.length === 0 ? "Nothing that was followed is live on it." : `Known to hang on it: ${live.join("; ")}.`}${
        open > 0 ? ` Of ${open} more nobody can tell.` : ""
      }`,
    isOff: (by: readonly string[]) => (by.length > 0 ? `It is off, held by ${by.join(", ")}.` : "It is off."),
    feeds: "What feeds the panels",
    noSource: "nobody said what feeds it",
    main: (amperes: number) => `, main ${amperes} A`,
    transfer: (one: boolean | null) =>
      one === null ? "one source at a time? look" : one ? "one source at a time" : "both can be on: stop",
    testHere: "Test here",
    moreFrom: "An outlet more near here",
    testAt: (box: string) => `Test at ${box}`,
    drawFrom: "Draw a cable from here",
    followTo: "It goes to a box",
    fixedAt: "It goes to something fixed",
    fixedHint: "water heater",
    way,
    cableTo: (stop: Stop) => `the cable ${way(stop)}`,
    before: "The circuit before",
    after: "The next circuit",
    nth: (n: number, of: number) => `${n} of ${of}`,
    expects: expected,
    railShort,
    railSays: (rail: Rail) =>
      `Breaker ${railShort(rail)}: ${rail.name ?? rail.breakers[0]?.says ?? "not said what it feeds"}${
        rail.breakers[0]?.on === false ? ", off" : ""
      }`,
    under: (stop: Stop) =>
      [
        stop.place,
        brings[stop.brings],
        stop.judged ? worst[stop.worst] : stop.box ? "not opened" : "",
        stop.expected === "Dead" ? "off" : "",
      ]
        .filter(Boolean)
        .join(", "),
    stopSays: (stop: Stop) =>
      [
        stop.name,
        stop.place,
        stop.judged ? worst[stop.worst] : stop.box ? "not opened" : "",
        brings[stop.brings],
        expected(stop),
        stop.guards.length > 0 ? "protected" : "",
      ]
        .filter(Boolean)
        .join(", "),
  },
} as const;
