/** @jest-environment jsdom */
import { cleanup, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { renderToString } from 'react-dom/server';
import type { TideView } from '@/server/tide';
import { ANSWERED_COOKIE, answerNotice } from '@/ui/notice-answers';
import { SIX_MS } from '../../../tests/fixtures/shown';
import { useNotices } from './use-notices';

/** A shop in which one bake may slip. */
const view = {
  risks: [{ bakeId: 'b1', name: 'Friday', lotId: 'D1', behindMin: 40, chance: 0.4 }],
  hot: [],
  moments: [],
  strands: [],
  bands: [],
  silentProbes: [],
} as unknown as TideView;

/** A page that shows the notice that is up. */
function Notice(props: { hasAnswered: boolean }): ReactNode {
  return useNotices(view, SIX_MS, props.hasAnswered).notice?.text ?? 'none';
}

const shownAt = (hasAnswered: boolean) =>
  renderHook(() => useNotices(view, SIX_MS, hasAnswered)).result.current.notice;

describe('notices on a device', () => {
  afterEach(() => {
    cleanup();
    window.localStorage.clear();
    document.cookie = `${ANSWERED_COOKIE}=; path=/; max-age=0`;
  });

  test('one that never answered any has the notice in the page as it is sent', () => {
    expect(renderToString(<Notice hasAnswered={false} />)).toContain('Friday may slip');
    expect(renderToString(<Notice hasAnswered />)).toBe('none');
  });

  test('what was answered is not shown again, and the device says so to the next page', () => {
    const up = shownAt(true);
    expect(up?.text).toContain('Friday may slip');
    answerNotice(up!.id, null);
    expect(document.cookie).toContain(`${ANSWERED_COOKIE}=1`);
    expect(shownAt(true)).toBeNull();
  });

  test('answers without the cookie, as of an earlier version, count, and the device says so from then on', () => {
    window.localStorage.setItem('olvik-notices', JSON.stringify({ [shownAt(true)!.id]: null }));
    expect(shownAt(false)).toBeNull();
    expect(document.cookie).toContain(`${ANSWERED_COOKIE}=1`);
  });

  test('nothing sounds before the device’s memory is read', () => {
    answerNotice(shownAt(true)!.id, null);
    cleanup();
    const sounded = jest.fn();
    Object.assign(window, { AudioContext: sounded });
    window.localStorage.setItem('olvik-notice-sound', 'on');
    shownAt(false);
    expect(sounded).not.toHaveBeenCalled();
  });
});
