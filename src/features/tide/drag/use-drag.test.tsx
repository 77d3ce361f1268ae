/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import type { PointerEvent } from 'react';
import type { Moment } from '@/server/tide';
import type { Picture } from '../layout/picture-parts';
import { useDrag } from './use-drag';

const HOUR = 3_600_000;
const NOW = Date.parse('2026-11-27T05:10:00Z');
const moment = { ref: 'm', atMs: NOW + 4 * HOUR } as Moment;
/** Thirty px to the hour. */
const scale = {
  x: (atMs: number) => ((atMs - NOW) / HOUR) * 30,
  instant: (x: number) => NOW + (x / 30) * HOUR,
};
const at = (clientX: number, type = 'pointermove') =>
  ({
    type,
    button: 0,
    pointerId: 1,
    clientX,
    currentTarget: { setPointerCapture: () => undefined },
  }) as unknown as PointerEvent<SVGSVGElement>;

function dragged(fromX: number, toX: number, ends = 'pointerup') {
  const onDrop = jest.fn();
  const options = {
    picture: { scale } as unknown as Picture,
    nowMs: NOW,
    snaps: () => [],
    onDrop,
  };
  const { result } = renderHook(() => useDrag(0, () => undefined, options));
  // Nothing is drawn between: the hand is quicker than the picture.
  const { take, move, drop } = result.current;
  act(() => {
    take(at(fromX), moment);
    move(at((fromX + toX) / 2));
    move(at(toX));
    drop(at(toX, ends));
  });
  return onDrop;
}

test('a disc let go before the picture has followed is moved to where the finger was', () => {
  const onDrop = dragged(200, 230);
  expect(onDrop).toHaveBeenCalledWith({ moment, atMs: moment.atMs + HOUR });
});

test('a touch that trembles, comes back or is taken away moves nothing', () => {
  expect(dragged(200, 203)).not.toHaveBeenCalled();
  expect(dragged(200, 200)).not.toHaveBeenCalled();
  expect(dragged(200, 260, 'pointercancel')).not.toHaveBeenCalled();
});
