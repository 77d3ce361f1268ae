import de from './catalogue/de.json';
import it from './catalogue/it.json';
import { language, speakWith, type Language, type Speaker } from './speaker';
import { taught } from './teach';

const CATALOGUES = { it, de };

const known = new Map<Language, Speaker>();

/** From here on this process speaks so; for where every catalogue is at hand, as on a server. */
export function speak(wanted: Language): void {
  if (wanted === language()) return;
  if (wanted === 'en') {
    speakWith(null);
    return;
  }
  const speaker = known.get(wanted) ?? taught(wanted, CATALOGUES[wanted]);
  known.set(wanted, speaker);
  speakWith(speaker);
}
