import { eventStream } from './event-stream';
import { openStreams } from './streams';

async function readSome(response: Response, times: number): Promise<string> {
  const reader = response.body!.getReader();
  const decoder = new TextDecoder();
  let text = '';
  for (let i = 0; i < times; i += 1) {
    const { value } = await reader.read();
    text += decoder.decode(value);
  }
  await reader.cancel();
  return text;
}

test('what is sent arrives as events, and the sender is told to stop when nobody listens', async () => {
  let stopped = 0;
  const response = eventStream(new AbortController().signal, (send) => {
    send('1');
    send('{"massG":5}');
    return () => {
      stopped += 1;
    };
  });
  expect(response.headers.get('content-type')).toBe('text/event-stream');
  const text = await readSome(response, 3);
  expect(text).toBe('retry: 1000\n\ndata: 1\n\ndata: {"massG":5}\n\n');
  expect(stopped).toBe(1);
  expect(openStreams.size).toBe(0);
});

test('a request that goes away ends its stream', async () => {
  const gone = new AbortController();
  let stopped = false;
  const response = eventStream(gone.signal, () => () => {
    stopped = true;
  });
  const reader = response.body!.getReader();
  await reader.read();
  expect(openStreams.size).toBe(1);
  gone.abort();
  expect(stopped).toBe(true);
  expect((await reader.read()).done).toBe(true);
  expect(openStreams.size).toBe(0);
});
