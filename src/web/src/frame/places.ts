import { address } from "../parts/address";
import { words } from "../words";

/** A place of a job. What is reached seldom stands on no phone's bar; what does may have a shorter name there. */
type Place = { to: string; name: string; onPhone: string | null };

export const placesOf = (job: string): readonly Place[] => [
  { to: address.today(job), name: words.today, onPhone: words.today },
  { to: address.sheet(job), name: words.runSheet, onPhone: words.runSheet },
  { to: address.quick(job), name: words.quick, onPhone: words.quick },
  { to: address.changes(job), name: words.changes, onPhone: words.changes },
  { to: address.log(job), name: words.log, onPhone: null },
  { to: address.lists(job), name: words.lists.nav, onPhone: null },
  { to: address.book(job), name: words.book, onPhone: words.bookShort },
];
