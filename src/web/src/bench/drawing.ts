// What the drawing of a box is made of, without React: for tests and benchmarks that run in Node.
export { arrange, layout, orderOf, plainOrder } from "./layout";
export { pathOf, waysOf } from "./layout/ways";
export { labelHeight, labelWidth, outline, sceneOf, thickness } from "./scene";
