// Lays out the boxes that come in as JSON and writes what the drawing says of each: where everything is.
// Use: node drawing.mjs <drawing module> < boxes.json > layouts.json
import { readFileSync } from "node:fs";

const { labelHeight, labelWidth, layout, outline, plainOrder, sceneOf, thickness, waysOf } = await import(process.argv[2]);
const { catalogue, views, again } = JSON.parse(readFileSync(0, "utf8"));

const length = (fact) => (fact?.value ?? "?").replace(/(\d+)\/(\d+)/, "½");
const draw = (view, before) => {
  const scene = sceneOf(view, catalogue);
  const placed = layout(scene.graph, before);
  const ways = waysOf(placed).map((way) => {
    const strand = scene.strands.get(way.strand);
    const width = labelWidth(`${strand.colour} ${length(strand.length)}`);
    return {
      strand: way.strand,
      points: way.points,
      width: thickness(strand.gauge) + outline,
      label: { x: way.label.x, y: way.label.y - labelHeight / 2, width, height: labelHeight },
    };
  });
  return {
    graph: scene.graph,
    order: placed.order,
    crossings: placed.crossings,
    plain: plainOrder(scene.graph).crossings,
    x: placed.x,
    cuffs: placed.cuffs,
    middle: placed.middle,
    blocks: placed.blocks,
    ways,
  };
};

const drawn = views.map((view) => draw(view));
const after = (again ?? []).map((view, i) => draw(view, drawn[i].order));
process.stdout.write(JSON.stringify({ drawn, after }));
