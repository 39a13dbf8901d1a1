/** Light enough to be white on paper. */
const LIGHT = 0.4;

/** Colours of the page that are ink on paper, whatever the theme; its others are paper. */
const ink = /^var\(--(ink|ink-2|w-edge|w-black|barn|slate|moss|amber|knot-line)\)$/;

/** A colour as black or white, or as nothing where it is nothing: one of the page by its name, another by how light it is. */
function onPaper(named: string | null, colour: string): string {
  if (named?.startsWith("var(")) return ink.test(named) ? "#000" : "#fff";
  const parts = colour.match(/[\d.]+/g)?.map(Number);
  if (!parts || parts.length < 3 || parts[3] === 0) return "none";
  const [r, g, b] = parts as [number, number, number];
  return (0.2126 * r + 0.7152 * g + 0.0722 * b) / 255 > LIGHT ? "#fff" : "#000";
}

/** The picture as a drawing of its own in black and white: words on its strands, nothing to press. */
export function sheetOf(picture: SVGSVGElement): string {
  const sheet = picture.cloneNode(true) as SVGSVGElement;
  const [here, there] = [picture.querySelectorAll("*"), sheet.querySelectorAll<SVGElement>("*")];
  there.forEach((copy, i) => {
    const look = getComputedStyle(here[i]!);
    if (copy.tagName === "text") {
      copy.setAttribute("fill", copy.getAttribute("fill") === "var(--on-ink)" ? "#fff" : "#000");
      copy.setAttribute("font-family", look.fontFamily.includes("Mono") ? "monospace" : "sans-serif");
    } else if (copy.tagName !== "g" && copy.tagName !== "title") {
      copy.setAttribute("fill", onPaper(copy.getAttribute("fill"), look.fill));
      copy.setAttribute("stroke", onPaper(copy.getAttribute("stroke"), look.stroke));
    }
    copy.removeAttribute("class");
    copy.removeAttribute("style");
    copy.removeAttribute("tabindex");
  });
  sheet.querySelectorAll("[data-walk]").forEach((stop) => stop.remove());
  const [x, y, width, height] = sheet.getAttribute("viewBox")!.split(" ").map(Number) as [number, number, number, number];
  const paper = document.createElementNS("http://www.w3.org/2000/svg", "rect");
  for (const [name, value] of Object.entries({ x, y, width, height, fill: "#fff" })) paper.setAttribute(name, String(value));
  sheet.prepend(paper);
  sheet.setAttribute("xmlns", "http://www.w3.org/2000/svg");
  sheet.setAttribute("width", String(width));
  sheet.setAttribute("height", String(height));
  sheet.removeAttribute("class");
  sheet.removeAttribute("style");
  return new XMLSerializer().serializeToString(sheet);
}

/** The same as points of a picture, twice as fine as on the screen. */
export async function pointsOf(sheet: string): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(sheet)}`;
  await image.decode();
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = [image.width * 2, image.height * 2];
  canvas.getContext("2d")!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, fail) => canvas.toBlob((b) => (b ? done(b) : fail(new Error(sheet.slice(0, 40)))), "image/png"));
}

/** Hands a file to the one who asked for it. */
export function handOut(file: Blob, name: string) {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}
