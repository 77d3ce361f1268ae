import { done, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import type { ShopContext } from '../../context';
import { batchOf, writeEntries } from '../../journal/entries';
import { loadShop } from '../../shop/load-shop';
import { wishSchema } from './form';
import { makeDrafts } from './make';
import { thawDrafts } from './thaw';

/**
 * Writes what was found for a wish of the cultures: a feed, a few in a row, a levain, a refresh, a dough with discard in it, as
 * done or planned; or plans a thaw. One act, taken back as one.
 */
export function takeWish(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; lotIds: readonly string[] }> {
  const parsed = parseForm(wishSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const wish = parsed.value;
    const found =
      wish.wish === 'thaw' ? thawDrafts(context, state, wish) : makeDrafts(context, state, wish);
    if (!found.ok) return found;
    writeEntries(context, batchOf(context, wish.batch, found.value.drafts));
    return done({ batch: wish.batch, lotIds: found.value.lotIds });
  });
}
