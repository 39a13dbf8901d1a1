import { lazy, Suspense } from "react";
import { later } from "./later";
import type { SheetProps } from "./SheetBody";

const load = () => import("./SheetBody");
const Body = lazy(load);

// Not among what a page waits for, but there before a hand reaches for it.
void later(load);

/** A sheet over the page. */
export function Sheet(props: SheetProps) {
  return <Suspense>{props.open && <Body {...props} />}</Suspense>;
}
