/** Every address of the interface and every file the server gives, made in one place. */
export const address = {
  jobs: "/",
  quick: (job = "") => (job ? `/quick?job=${job}` : "/quick"),
  mark: (job = "") => (job ? `/mark?job=${job}` : "/mark"),
  trench: (job = "") => (job ? `/trench?job=${job}` : "/trench"),
  today: (job: string) => `/jobs/${job}`,
  find: (job: string, text: string) => `/jobs/${job}?find=${encodeURIComponent(text)}`,
  addBox: (job: string) => `/jobs/${job}?add=1`,
  lists: (job: string) => `/jobs/${job}/lists`,
  changes: (job: string) => `/jobs/${job}/changes`,
  sheet: (job: string, open = "") => `/jobs/${job}/sheet${open && `?open=${open}`}`,
  walk: (job: string) => `/jobs/${job}/walk`,
  wall: (job: string, wall: string, box = "") => `/jobs/${job}/walls/${wall}${box && `?box=${box}`}`,
  directory: (job: string, panel: string) => `/jobs/${job}/panels/${panel}`,
  loads: (job: string, box = "") => `/jobs/${job}/loads${box && `?box=${box}`}`,
  order: (job: string) => `/jobs/${job}/order`,
  ways: (job: string, wish: Record<string, string> = {}) => `/jobs/${job}/ways?${new URLSearchParams(wish)}`,
  labels: (job: string) => `/jobs/${job}/labels`,
  book: (job: string) => `/jobs/${job}/book`,
  log: (job: string) => `/jobs/${job}/log`,
  box: (job: string, box: string, lit: readonly string[] = []) =>
    `/jobs/${job}/boxes/${box}${lit.length > 0 ? `?lit=${encodeURIComponent(lit.join(","))}` : ""}`,
  breaker: (job: string, box: string) => `/jobs/${job}/boxes/${box}/breaker`,
  plan: (job: string, box: string, change: string) => `/jobs/${job}/boxes/${box}?plan=${change}`,
  survey: (job: string, box: string, step = "") => `/jobs/${job}/boxes/${box}/survey${step && `?step=${step}`}`,
};

/** What is fetched as a file, sent as one, or listened to. */
export const served = {
  job: (job: string) => `/api/jobs/${job}/export`,
  verdicts: (job: string) => `/api/jobs/${job}/verdicts.csv`,
  boxes: (job: string) => `/api/jobs/${job}/boxes.csv`,
  stock: (job: string) => `/api/jobs/${job}/stock.csv`,
  shopping: (job: string) => `/api/jobs/${job}/shopping.csv`,
  work: (job: string, change: string) => `/api/jobs/${job}/changes/${change}/work.csv`,
  fill: (job: string, box: string) => `/api/jobs/${job}/boxes/${box}/fill.csv`,
  photos: (job: string) => `/api/jobs/${job}/photos`,
  label: (job: string, box: string, version: number) => `/api/jobs/${job}/boxes/${box}/label?v=${version}`,
  printed: (label: number) => `/api/label-tray/${label}`,
  photo: (job: string, sha: string) => `/api/jobs/${job}/photos/${sha}`,
  wallSheet: (job: string, wall: string, kind: "pdf" | "svg", metric: boolean) =>
    `/api/jobs/${job}/walls/${wall}/sheet.${kind}?metric=${metric}`,
  holeSheet: (job: string, wall: string, box: string, kind: "pdf" | "svg", metric: boolean) =>
    `/api/jobs/${job}/walls/${wall}/boxes/${box}/template.${kind}?metric=${metric}`,
  events: (job: string) => `/api/jobs/${job}/events`,
  meter: (job: string, query: URLSearchParams) => `/api/jobs/${job}/meter?${query}`,
};
