import { tr } from '@/words/tr';
import type { Way } from '@/shop/doughs/ways';

/** What is otherwise about a way, as a baker says it. */
export function wayWords({ otherwise }: Pick<Way, 'otherwise'>): string {
  if (otherwise === null) return tr`As it stands`;
  const { kind, hours, of } = otherwise;
  switch (kind) {
    case 'cold hours':
      return tr`${capital(of)} ${hours ?? 0} h in the cold`;
    case 'a night':
      return tr`Balls a night in the cold`;
    case 'straight':
      return tr`Straight from the cold, not tempered`;
    case 'boost':
      return tr`With a little yeast in the dough`;
    case 'no boost':
      return tr`Without yeast in the dough`;
    default:
      return tr`With ${of} instead`;
  }
}

const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
