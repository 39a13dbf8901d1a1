import { blank, type Question } from "../model/question";

/** Boxes that come up again and again, ready to be put into a job and changed there. */
export const templates: { id: string; name: string; question: Question }[] = [
  {
    id: "receptacle-15",
    name: "receptacle, fed through, 14-2",
    question: { ...blank, kind: "nm-1g-18", clamps: "Flap", cables: { "14-2": 2 }, devices: { receptacle: 1 } },
  },
  {
    id: "receptacle-20",
    name: "receptacle, fed through, 12-2",
    question: { ...blank, kind: "nm-1g-20", clamps: "Flap", cables: { "12-2": 2 }, devices: { receptacle: 1 } },
  },
  {
    id: "protective-20",
    name: "protective receptacle with one protected cable, 12-2",
    question: { ...blank, kind: "nm-1g-22.5", clamps: "Flap", cables: { "12-2": 2 }, devices: { protective: 1 } },
  },
  {
    id: "switch-neutral",
    name: "switch with neutral, 14-2 in and out",
    question: { ...blank, kind: "nm-1g-18", clamps: "Flap", cables: { "14-2": 2 }, devices: { switch: 1 } },
  },
  {
    id: "three-way",
    name: "three-way switch, 14-2 and 14-3",
    question: { ...blank, kind: "nm-1g-20", clamps: "Flap", cables: { "14-2": 1, "14-3": 1 }, devices: { "switch-3way": 1 } },
  },
  {
    id: "two-switches",
    name: "two switches, three 14-2",
    question: { ...blank, kind: "nm-2g-32", clamps: "Internal", cables: { "14-2": 3 }, devices: { switch: 2 } },
  },
  {
    id: "junction",
    name: "junction in a 4 square, three 12-2",
    question: { ...blank, kind: "square-4x2-1/8", clamps: "Outside", cables: { "12-2": 3 }, devices: {} },
  },
];
