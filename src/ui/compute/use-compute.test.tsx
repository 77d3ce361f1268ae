/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import type { ComputeMessage } from './compute.worker';
import type { JobWord } from './job-queue';
import { useCompute } from './use-compute';

/** A worker that says only what a test lets it say. */
class HandWorker extends EventTarget {
  static readonly made: HandWorker[] = [];
  readonly heard: ComputeMessage[] = [];
  constructor() {
    super();
    HandWorker.made.push(this);
  }
  postMessage(message: ComputeMessage) {
    this.heard.push(message);
  }
  say(word: JobWord) {
    act(() => void this.dispatchEvent(new MessageEvent('message', { data: word })));
  }
}
beforeAll(() => {
  (globalThis as { Worker?: unknown }).Worker = HandWorker;
});

const asked = (question: string) => ({ question }) as never;
const hook = (question: string | null) =>
  renderHook(({ asks }) => useCompute('lanes', asks), {
    initialProps: { asks: question === null ? null : asked(question) },
  });
const worker = () => HandWorker.made[0]!;
const lastId = () =>
  worker()
    .heard.flatMap((message) => ('id' in message ? [message.id] : []))
    .at(-1)!;

test('all that a page computes goes to one worker', () => {
  const [one, other] = [hook('one'), hook('other')];
  expect(HandWorker.made).toHaveLength(1);
  worker().say({ id: lastId(), kind: 'answer', value: 'for the other' });
  expect(other.result.current).toMatchObject({ answer: 'for the other', busy: false });
  expect(one.result.current).toMatchObject({ answer: null, busy: true });
});

test('a question whose answer came with the page is not asked; the next one is', () => {
  const asksFirst = asked('came with the page');
  const { result, rerender } = renderHook(
    ({ asks }) => useCompute('lanes', asks, 'its answer' as never),
    { initialProps: { asks: asksFirst } },
  );
  expect(result.current).toMatchObject({ answer: 'its answer', busy: false });
  const isAsked = (question: string) =>
    JSON.stringify(worker().heard).includes(JSON.stringify(question));
  expect(isAsked('came with the page')).toBe(false);
  rerender({ asks: asked('typed since') });
  expect(result.current).toMatchObject({ answer: 'its answer', busy: true });
  expect(isAsked('typed since')).toBe(true);
});

test('a new question drops the one before it; its answer stays until the next is there', () => {
  const { result, rerender } = hook('first');
  const first = lastId();
  worker().say({ id: first, kind: 'answer', value: 1 });
  rerender({ asks: asked('second') });
  expect(result.current).toMatchObject({ answer: 1, busy: true });
  const second = lastId();
  rerender({ asks: asked('third') });
  expect(worker().heard).toContainEqual({ cancel: second });
  worker().say({ id: second, kind: 'answer', value: 2 });
  expect(result.current.answer).toBe(1);
  worker().say({ id: lastId(), kind: 'progress', share: 0.5, soFar: 3 });
  expect(result.current).toMatchObject({ answer: 3, busy: true, share: 0.5 });
  act(() => result.current.stop());
  expect(result.current).toMatchObject({ answer: 3, busy: false, share: null });
  expect(worker().heard.at(-1)).toEqual({ cancel: lastId() });
});

test('a refusal is told, and what is left open when the page goes on is cancelled', () => {
  const { result, unmount } = hook('odd');
  worker().say({ id: lastId(), kind: 'refused', sentence: 'Dose: 200 % is not possible.' });
  expect(result.current.refused).toBe('Dose: 200 % is not possible.');
  unmount();
  expect(worker().heard.at(-1)).not.toHaveProperty('cancel', lastId());
  const open = hook('open');
  open.unmount();
  expect(worker().heard.at(-1)).toEqual({ cancel: lastId() });
});
