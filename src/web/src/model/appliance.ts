import type { Schemas } from "../api/client";

/** A thing like a common one: its own from then on. */
export function likeCommon({ name, watts, hours, how, motor, minds }: Schemas["CommonLoad"]): Schemas["Appliance"] {
  return { name, watts, hours, how, motor, minds };
}

/** The name an outlet goes by in a list. */
export const outletKey = (o: { box: string; device: string }) => `${o.box}/${o.device}`;

/** What an outlet reads in a list. */
export const outletName = (o: Schemas["OutletChoice"]) => [o.name, o.place].filter(Boolean).join(", ");
