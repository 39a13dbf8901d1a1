import type { Schemas } from "../api/client";
import { address } from "./address";

/** Where a verdict is looked at: the box with its part lit, or the circuit or panel among the supply. */
export const whereIs = (job: string, f: Schemas["JobFinding"]) =>
  f.box ? address.box(job, f.box, f.finding.ids) : address.sheet(job, f.supply ?? "");
