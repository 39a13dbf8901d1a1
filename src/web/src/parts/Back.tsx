import { Link } from "react-router";
import { words } from "../words";

/** The way back to where a place was reached from; to the run sheet unless another is named. */
export function Back({ to, name = words.runSheet }: { to: string; name?: string }) {
  return (
    <p className="no-print text-sm text-ink-2">
      <Link to={to} className="underline underline-offset-4">
        {name}
      </Link>
    </p>
  );
}
