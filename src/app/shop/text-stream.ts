/** Pieces of text as the body of an answer, each made when the reader has taken the one before. */
export function textStream(pieces: Iterator<string>): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  return new ReadableStream({
    pull(controller) {
      // Small pieces are put together: a row a chunk would be slow.
      let text = '';
      while (text.length < 65_536) {
        const next = pieces.next();
        if (next.done === true) {
          if (text !== '') controller.enqueue(encoder.encode(text));
          controller.close();
          return;
        }
        text += next.value;
      }
      controller.enqueue(encoder.encode(text));
    },
    // A reader that goes away lets go of what the pieces are read from.
    cancel() {
      pieces.return?.();
    },
  });
}
