import { address } from "../parts/address";
import { words } from "../words";

/** Places of a job: address, name, and whether it is reached so often that it stands on a phone's bar. */
export const placesOf = (job: string) =>
  [
    [address.today(job), words.today, true],
    [address.quick(job), words.quick, true],
    [address.changes(job), words.changes, true],
    [address.house(job), words.house, true],
    [address.log(job), words.log, false],
    [address.lists(job), words.lists.nav, false],
    [address.book(job), words.bookShort, true],
  ] as const;
