/** What was said to notices on this device: null seen, a number put off until then, UTC ms. */
export type NoticeAnswers = Readonly<Record<string, number | null>>;

const STORE = 'olvik-notices';
/** Answers kept: those of the last notices; older ones can not come up again. */
const MOST_KEPT = 200;

/** The answers of this device; none where nothing can be read. */
export function noticeAnswers(): NoticeAnswers {
  try {
    return JSON.parse(window.localStorage.getItem(STORE) ?? '{}') as NoticeAnswers;
  } catch {
    return {};
  }
}

/** Keeps an answer to a notice; gives all of them. */
export function answerNotice(id: string, value: number | null): NoticeAnswers {
  const entries = [...Object.entries(noticeAnswers()), [id, value] as const].slice(-MOST_KEPT);
  const next = Object.fromEntries(entries);
  window.localStorage.setItem(STORE, JSON.stringify(next));
  return next;
}
