import type { BoxView, Catalogue } from "../api/client";
import type { BoxEdit } from "../model/useBoxEdit";
import { AddCable } from "./AddCable";
import { AddDevice } from "./DeviceThing";

/** What somebody asked to put in; a cable at an opening where it was asked for there. */
export type Asked = { what: "cable" | "device"; entry?: string };

/** Asks for what is put into the box. */
export default function Adding({
  job,
  view,
  catalogue,
  edit,
  adding,
  onClose,
}: {
  job: string;
  view: BoxView;
  catalogue: Catalogue;
  edit: BoxEdit;
  adding: Asked;
  onClose: () => void;
}) {
  return adding.what === "cable" ? (
    <AddCable job={job} view={view} sorts={catalogue.cables} edit={edit} entry={adding.entry} onClose={onClose} />
  ) : (
    <AddDevice catalogue={catalogue} edit={edit} open onClose={onClose} />
  );
}
