import type { Schemas } from "../api/client";

/** Where a verdict is looked at: the box with its part lit, or the circuit or panel among the supply. */
export const whereIs = (job: string, f: Schemas["JobFinding"]) =>
  f.box ? `/jobs/${job}/boxes/${f.box}?lit=${encodeURIComponent(f.finding.ids.join(","))}` : `/jobs/${job}/house#${f.supply}`;
