import { address } from "../parts/address";
import { words } from "../words";

/** A place of a job, with what belongs to it. */
type Place = { to: string; name: string; within: (path: string) => boolean };

const under =
  (...parts: readonly string[]) =>
  (path: string) =>
    parts.some((p) => path === p || path.startsWith(`${p}/`));

/** The places that stand on the bar. */
export const placesOf = (job: string): readonly Place[] => [
  { to: address.today(job), name: words.today, within: (path) => path === address.today(job) },
  { to: address.sheet(job), name: words.runSheet, within: under(address.sheet(job), address.walk(job)) },
  {
    to: address.changes(job),
    name: words.work,
    within: under(address.changes(job), `/jobs/${job}/ways`, address.outage(job), address.order(job), address.lists(job)),
  },
  { to: address.practice, name: words.practice, within: under(address.practice) },
  { to: address.book(job), name: words.bookShort, within: under(address.book(job)) },
];

/** What is reached from the places, from the palette, and behind one button. */
export const elsewhereOf = (job: string): readonly { to: string; name: string }[] => [
  { to: address.quick(job), name: words.quick },
  { to: address.log(job), name: words.log },
  { to: address.lists(job), name: words.lists.nav },
];

/** Practice pages one reads on, where the bar of the job one came from stays. On the others one works with the whole screen. */
export const readsPractice = (path: string) => /^\/practice(\/(count|asked\/[^/]+|class|class\/[^/]+))?$/.test(path);
