/** The pieces of an answer that comes a line of JSON at a time. */
export async function* pieces<T>(body: unknown): AsyncGenerator<T> {
  const reader = (body as ReadableStream<Uint8Array<ArrayBuffer>>).pipeThrough(new TextDecoderStream()).getReader();
  let rest = "";
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return;
    const whole = (rest + value).split("\n");
    rest = whole.pop() ?? "";
    for (const line of whole) yield JSON.parse(line) as T;
  }
}
