import { Told } from "../api/client";
import { words } from "../words";

/** Where a page has nothing to show: the program does not answer, or there is nothing of that name. */
export function Nowhere({ error }: { error: unknown }) {
  const gone = error instanceof Told && error.status === 0;
  return <p role={gone ? "alert" : undefined}>{gone ? words.gone : words.notFound}</p>;
}
