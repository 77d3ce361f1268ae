import type { WaterFact } from '@/shop/mix/view';
import type { ShopState } from '@/shop/state';
import { cardItems, mixCard, type CardItem, type Mark, type MixCard } from '@/core/mixing';
import { remediesFor, doughTemperatureC, shopRule, waterFor } from '@/core/thermal';
import { listMarks, listMixCards, type MixCardRow } from '@/data';
import type { ShopContext } from '../context';
import { batchesOf } from './batches';
import { mixingOf, waterRequest } from './water';
import { stockOf } from '../culture-lines/registry';
import { forecastState } from '../shop/forecast-state';
import type { PlannedMix } from './planned-mix';

/** A card with its items and marks. */
export interface LoadedCard {
  readonly row: MixCardRow | null;
  readonly items: readonly CardItem[];
  readonly marks: readonly Mark[];
  readonly card: MixCard;
  readonly batches: number;
  readonly water: WaterFact | null;
}

/** One batch of a planned mix as it stands; null for a batch that there is none of. */
export function loadCard(
  context: ShopContext,
  state: ShopState,
  planned: PlannedMix,
  batchNumber: number,
): LoadedCard | null {
  const row =
    listMixCards(context.db, planned.stepId).find((one) => one.batchNumber === batchNumber) ?? null;
  const marks = row === null ? [] : listMarks(context.db, row.id);
  const water = waterFact(context, state, planned);
  const begun = marks.flatMap(({ what }) => (what.kind === 'begin' ? [what] : []))[0];
  const batches = begun?.batches ?? batchesOf(context, state, planned);
  if (batchNumber < 1 || batchNumber > batches) return null;
  const stock = stockOf(context, state);
  const { lots } = forecastState(context, state);
  const items = cardItems({
    act: planned.act,
    batches,
    mix: planned.mix,
    schools: planned.schools,
    pantry: state.pantry,
    lotNames: Object.fromEntries(
      planned.act.portions.map(({ lotId }) => [
        lotId,
        stock.get(lotId)?.name ?? lots.get(lotId)?.story.lot.name ?? lotId,
      ]),
    ),
    iceG: begun?.iceG ?? water?.answer.iceG ?? 0,
    stepG: state.shop.scaleStepG,
    fineStepG: state.shop.fineStepG,
  });
  return { row, items, marks, card: mixCard(items, marks), batches, water };
}

function waterFact(context: ShopContext, state: ShopState, planned: PlannedMix): WaterFact | null {
  const mixing = mixingOf(context, state, planned.act, planned.bakeId);
  const request = waterRequest(planned.act, planned.atMs, mixing, {
    state,
    forecast: forecastState(context, state),
  });
  if (request === null) return null;
  const [flour, leaven] = request.parts;
  const { aimC, mixingC } = request;
  return {
    answer: waterFor(request),
    remedies: remediesFor(request),
    rule: shopRule({
      aimC,
      roomC: flour?.tempC ?? aimC,
      flourC: flour?.tempC ?? aimC,
      leavenC: leaven?.tempC ?? null,
      mixingC,
    }),
    mixingC,
    iceColdC:
      mixing.iceCold === true
        ? doughTemperatureC(request.parts, { ...request, waterC: request.tapC }, mixingC)
        : null,
  };
}
