import { words } from "../words";

const w = words.photos;
/** The longer side of a kept picture. */
const SIDE = 1600;

/** The picture made anew from its pixels, so that nothing but pixels leaves this screen. */
async function redrawn(file: File): Promise<Blob> {
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new Error(w.cannot);
  });
  const scale = Math.min(1, SIDE / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  const context = canvas.getContext("2d");
  if (!context) throw new Error(w.large);
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return new Promise((done, fail) => canvas.toBlob((b) => (b ? done(b) : fail(new Error(w.large))), "image/jpeg", 0.85));
}

/** Hands a picture in at an address of this server; what it is kept by. */
export async function sendPicture(to: string, file: File) {
  const reply = await fetch(to, { method: "POST", headers: { "content-type": "image/jpeg" }, body: await redrawn(file) });
  const answer = (await reply.json()) as { sha: string; width: number; height: number; bytes: number; detail?: string };
  if (!reply.ok) throw new Error(answer.detail ?? words.failed);
  return answer;
}
