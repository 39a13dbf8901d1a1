import { lazy, Suspense } from "react";
import type { BoxView, Catalogue } from "../api/client";
import type { BoxEdit } from "../model/useBoxEdit";
import { actionsOf, type Reach } from "./actions";
import type { Sel } from "./select";

const MenuAt = lazy(() => import("../parts/MenuAt"));

export type Menu = { sel: Sel; x: number; y: number };

type Props = Reach & { menu: Menu; view: BoxView; catalogue: Catalogue; edit: BoxEdit; onClose: () => void };

/** What can be done with a thing, where it was pressed: by right-click, long press, or the m key. */
export function Actions({ menu, view, catalogue, edit, onClose, ...reach }: Props) {
  const { name, items } = actionsOf(menu.sel, view, catalogue, edit, reach);
  return (
    <Suspense>
      <MenuAt x={menu.x} y={menu.y} name={name} items={items} onClose={onClose} />
    </Suspense>
  );
}
