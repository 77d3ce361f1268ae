import type { ShopFacts } from '@/shop/facts';
import { demoShop } from '../../../tests/demo-shop';
import { newBakeView } from '../bakes/new-bake-view';
import { culturesView } from '../cultures/view';
import { doughFacts } from '../doughs/facts';
import { moveFacts } from '../hands/move-facts';
import { planFacts } from '../plan/facts';
import { loadShop } from '../shop/load-shop';
import { shopFacts } from './shop-facts';

const { context } = demoShop();
const state = loadShop(context);
const facts = shopFacts(context, state);

/** The facts of an opened panel of Cultures. */
function panelFacts(...path: string[]): ShopFacts {
  const { panel } = culturesView(context, path);
  if (!('facts' in panel) || !('cultureSpeeds' in panel.facts)) throw new Error(panel.kind);
  return panel.facts;
}
const { chains, discards, frozen } = culturesView(context, []);

test.each<[string, () => ShopFacts]>([
  ['a feed', () => panelFacts('grusa')],
  ['feeds in a row', () => panelFacts('grusa', 'series')],
  ['a chain', () => panelFacts(chains[0]!.culture.id)],
  ['a discard jar', () => panelFacts(discards[0]!.culture.id)],
  ['a thaw', () => panelFacts('frozen', frozen[0]!.lotId)],
  ['a dough', () => doughFacts(context, state)],
  ['plans of a week', () => planFacts(context, state).dough],
  ['a move', () => moveFacts(context, state)],
  ['a bake by its grams', () => newBakeView(context).facts],
])('%s rests on the same shop', (_, read) => {
  expect(read()).toMatchObject({ ...facts });
});

test('they can be posted to a worker as they are', () => {
  expect(structuredClone(facts)).toEqual(facts);
});
