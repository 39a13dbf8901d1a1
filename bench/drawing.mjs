// Times the layout of generated boxes in Node: node drawing.mjs <drawing module> <boxes.json>
import { readFileSync } from "node:fs";

const { arrange, layout, plainOrder, sceneOf } = await import(process.argv[2]);
const { catalogue, views } = JSON.parse(readFileSync(process.argv[3], "utf8"));
const graphs = views.map((view) => sceneOf(view, catalogue).graph);

const time = (work) => {
  const took = graphs.map((graph) => {
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
