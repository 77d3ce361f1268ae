/** The languages Olvik speaks, each by its own name. */
export const LANGUAGES = { en: 'English', it: 'Italiano', de: 'Deutsch' } as const;

/** A language Olvik speaks, by its code of two letters. */
export type Language = keyof typeof LANGUAGES;

/** Finds a sentence by its English and sets in what stands in it. */
export type Translate = (key: string, values: Readonly<Record<string, string>>) => string;

/** The language that a locale as “de-CH” asks for; English where Olvik does not speak it. */
export function languageFor(locale: string): Language {
  const [asked = ''] = locale.toLowerCase().split('-');
  return Object.hasOwn(LANGUAGES, asked) ? (asked as Language) : 'en';
}

/** What one process says its sentences with. */
export interface Speaker {
  readonly language: Language;
  /** Null in English, in which the sentences stand in the source. */
  readonly translate: Translate | null;
}

const ENGLISH: Speaker = { language: 'en', translate: null };

// One for the process: pages, routes and threads of a server are bundled apart, and a shop speaks one language.
const holder = globalThis as { olvikSpeaker?: Speaker };

/** What this process says its sentences with; English until another was learned. */
export function speaker(): Speaker {
  return holder.olvikSpeaker ?? ENGLISH;
}

/** From here on this process speaks so. */
export function speakWith(next: Speaker | null): void {
  holder.olvikSpeaker = next ?? ENGLISH;
}

/** The language this process speaks. */
export function language(): Language {
  return speaker().language;
}
