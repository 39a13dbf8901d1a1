import { lazy, Suspense } from "react";
import { later } from "./later";
import type { TermProps } from "./TermBody";

const Body = lazy(() => later(() => import("./TermBody")));

/** A trade word that explains itself when tapped; a word like any other until what opens it has come. */
export function Term(props: TermProps) {
  return (
    <Suspense fallback={<span className="inline-block min-h-6 underline decoration-dotted underline-offset-4">{props.children}</span>}>
      <Body {...props} />
    </Suspense>
  );
}
