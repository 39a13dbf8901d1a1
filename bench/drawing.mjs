// Times the layout of generated boxes and run sheets in Node: node drawing.mjs <drawing modules> <inputs>
import { readFileSync } from "node:fs";

const [modules, inputs] = process.argv.slice(2);
const { arrange, layout, plainOrder, sceneOf } = await import(`${modules}/drawing.mjs`);
const sheet = await import(`${modules}/sheet.mjs`);
const { catalogue, views } = JSON.parse(readFileSync(`${inputs}/boxes.json`, "utf8"));
const sheets = JSON.parse(readFileSync(`${inputs}/sheets.json`, "utf8")).map((rails) =>
  rails.map((r) => ({ ...r, stops: r.stops.map((s) => ({ ...s, from: s.from ?? null })) })),
);
const graphs = views.map((view) => sceneOf(view, catalogue).graph);

const time = (work, all = graphs) => {
  const took = all.map((graph) => {
    const start = performance.now();
    work(graph);
    return performance.now() - start;
  });
  took.sort((a, b) => a - b);
  return { median: took[took.length >> 1], p95: took[Math.floor(took.length * 0.95)] };
};
const plain = (graph) => {
  const { order, crossings } = plainOrder(graph);
  arrange(graph, order, crossings);
};
for (const warm of [layout, plain, layout, plain]) graphs.forEach((g) => warm(g));
const ours = time((g) => layout(g));
const barycentre = time(plain);
const ms = (n) => n.toFixed(2);
console.log(
  `| Layout of a box, ${graphs.length} generated | ${ms(ours.median)} ms | ${ms(ours.p95)} ms |
    ${(ours.median / barycentre.median).toFixed(1)} times a plain barycentre pass (${ms(barycentre.median)} ms) |`,
);
for (let warm = 0; warm < 3; warm++) sheets.forEach((s) => sheet.layout(s));
const laid = time((s) => sheet.layout(s), sheets);
const read = time((s) => JSON.stringify(s), sheets);
const boxes = sheets.map((rails) => rails.reduce((n, r) => n + r.stops.length, 0)).sort((a, b) => a - b);
console.log(
  `| Layout of a run sheet, 40 circuits, ${boxes[0]} to ${boxes.at(-1)} stops | ${ms(laid.median)} ms | ${ms(laid.p95)} ms |
    ${(laid.median / read.median).toFixed(1)} times writing it as JSON (${ms(read.median)} ms) |`,
);
