/** Where an entry lies on the outline, and which way out of the box is. */
export function entryAt(
  side: string,
  t: number,
  x: number,
  y: number,
  W: number,
  H: number,
): { at: [number, number]; out: [number, number] } {
  if (side === "Top") return { at: [x + W * t, y], out: [0, -1] };
  if (side === "Bottom") return { at: [x + W * t, y + H], out: [0, 1] };
  if (side === "Left") return { at: [x, y + H * t], out: [-1, 0] };
  if (side === "Right") return { at: [x + W, y + H * t], out: [1, 0] };
  return { at: [x + W * t, y + H * 0.5], out: [0, 0] };
}

/** An octagon, a round, or a rectangle with small corners. */
export function outlineOf(octagon: boolean, round: boolean, x: number, y: number, W: number, H: number): string {
  if (W <= 0 || H <= 0) return "";
  const c = Math.min(W, H) * (octagon ? 0.29 : round ? 0.5 : 0.06);
  const corner = (cx: number, cy: number, tx: number, ty: number) => (octagon ? `L${tx} ${ty}` : `Q${cx} ${cy} ${tx} ${ty}`);
  const [right, foot] = [x + W, y + H];
  return [
    `M${x + c} ${y}H${right - c}${corner(right, y, right, y + c)}`,
    `V${foot - c}${corner(right, foot, right - c, foot)}`,
    `H${x + c}${corner(x, foot, x, foot - c)}`,
    `V${y + c}${corner(x, y, x + c, y)}Z`,
  ].join("");
}
