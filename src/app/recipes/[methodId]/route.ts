import { tr } from '@/words/tr';
import { shopContext } from '@/server/context';
import { recipeOut } from '@/server/doughs/recipe-out';
import { segmentOf } from '../../segment';

type Props = { params: Promise<{ methodId: string }> };

/** A method as a recipe in JSON-LD. */
export async function GET(_: Request, { params }: Props): Promise<Response> {
  const recipe = recipeOut(shopContext(), segmentOf((await params).methodId));
  if (recipe === null)
    return new Response(tr`Recipe: this method is not in the shop.`, { status: 404 });
  const name = recipe.name.replace(/[^A-Za-z0-9]+/g, '-').toLowerCase();
  return new Response(recipe.text, {
    headers: {
      'Content-Type': 'application/ld+json; charset=utf-8',
      'Content-Disposition': `attachment; filename="${name}.json"`,
    },
  });
}
