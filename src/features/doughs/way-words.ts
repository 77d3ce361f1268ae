import type { Way } from '@/shop/doughs/ways';

/** What is otherwise about a way, as a baker says it. */
export function wayWords({ otherwise }: Pick<Way, 'otherwise'>): string {
  if (otherwise === null) return 'As it stands';
  const { kind, hours, of } = otherwise;
  switch (kind) {
    case 'cold hours':
      return `${capital(of)} ${hours ?? 0} h in the cold`;
    case 'a night':
      return 'Balls a night in the cold';
    case 'straight':
      return 'Straight from the cold, not tempered';
    case 'boost':
      return 'With a little yeast in the dough';
    case 'no boost':
      return 'Without yeast in the dough';
    default:
      return `With ${of} instead`;
  }
}

const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
