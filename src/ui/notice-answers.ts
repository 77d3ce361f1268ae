/** What was said to notices on this device: null seen, a number put off until then, UTC ms. */
export type NoticeAnswers = Readonly<Record<string, number | null>>;

/** Cookie of a device that has answered a notice: only then does a page wait for what it remembers before it shows one. */
export const ANSWERED_COOKIE = 'olvik-answered-notices';
const A_YEAR_S = 365 * 24 * 3600;

const STORE = 'olvik-notices';
/** Answers kept: those of the last notices; older ones can not come up again. */
const MOST_KEPT = 200;

/** The answers of this device; none where nothing can be read. */
export function noticeAnswers(): NoticeAnswers {
  try {
    const kept = window.localStorage.getItem(STORE);
    // Answers of an earlier version, or older than what a browser keeps of cookies.
    if (kept !== null) sayAnswered();
    return JSON.parse(kept ?? '{}') as NoticeAnswers;
  } catch {
    return {};
  }
}

/** Keeps an answer to a notice; gives all of them. */
export function answerNotice(id: string, value: number | null): NoticeAnswers {
  const entries = [...Object.entries(noticeAnswers()), [id, value] as const].slice(-MOST_KEPT);
  const next = Object.fromEntries(entries);
  window.localStorage.setItem(STORE, JSON.stringify(next));
  sayAnswered();
  return next;
}

function sayAnswered(): void {
  document.cookie = `${ANSWERED_COOKIE}=1; path=/; max-age=${A_YEAR_S}; samesite=lax`;
}
