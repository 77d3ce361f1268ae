import { tr } from '@/words/tr';
import { changeOneThing, THINGS, type ThingKey } from '@/core/compare';
import { z } from '@/core/parse';
import { atWallMinute, MS_PER_MINUTE, toLocalText, wallTime } from '@/core/units';
import type { ShopContext } from '../context';
import { saveMethod } from '../doughs/methods';
import { takeMethodBake } from '../doughs/take-method-bake';
import { done, refused, type Outcome, sentencesOf } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { bakedById } from './baked-shop';
import { methodOfBake, withChange } from './method-of-bake';
import { wantedWayOf } from './wanted-way';

const KEYS = THINGS.map((thing) => thing.key) as [ThingKey, ...ThingKey[]];
const schema = z.object({
  bakeId: z.string().min(1).max(80),
  key: z.enum(KEYS),
  placeId: z.string().min(1).max(80).nullable(),
});

/** What came of taking a change. */
export interface TakenChange {
  readonly methodId: string;
  readonly number: number;
  /** The bake that tries it, planned; null where it can not be planned, and why. */
  readonly bakeId: string | null;
  readonly batch: string | null;
  readonly readyFromMs: number;
  readonly because: string | null;
}

const DAYS_AHEAD = 8;

/**
 * Puts a proposed change into a new version of the method, worked out anew, and plans a bake with it: at the same hours of
 * the same weekday, the next one that still can be.
 */
export function takeChange(context: ShopContext, form: unknown): Outcome<TakenChange> {
  const parsed = parseForm(schema, form);
  if (!parsed.ok) return parsed;
  return refusing<TakenChange>(() => {
    const { bakeId, key, placeId } = parsed.value;
    const found = bakedById(context, bakeId);
    if (found === null) return refused('bakeId', tr`Bake: nothing of it was baked.`);
    const { baked, shop, state, bake } = found;
    const changes = changeOneThing(baked, shop, wantedWayOf(state, bakeId));
    const change = changes.find((one) => one.key === key && one.placeId === placeId);
    if (change === undefined) {
      return refused('key', tr`Change: with what is known by now it is not proposed any more.`);
    }
    const of = methodOfBake(context, bake);
    const method = withChange(of.method, change);
    const saved = saveMethod(context, { methodId: of.methodId, method });
    if (!saved.ok) return saved;
    const { methodId, number, versionId } = saved.value;
    const { timeZone } = state.shop;
    let because: string | null = null;
    const from = wallTime(bake.readyFromMs, timeZone);
    const lengthMs = bake.readyToMs - bake.readyFromMs;
    for (let day = 1; day <= DAYS_AHEAD; day += 1) {
      const readyFromMs = atWallMinute(state.nowMs, day, from.hour * 60 + from.minute, timeZone);
      if (wallTime(readyFromMs, timeZone).weekday !== from.weekday) continue;
      const taken = takeMethodBake(context, {
        name: method.name,
        method,
        versionId,
        readyFrom: toLocalText(readyFromMs, timeZone),
        readyTo: toLocalText(readyFromMs + Math.max(lengthMs, MS_PER_MINUTE), timeZone),
        mixAt: null,
        leavenAt: {},
      });
      if (taken.ok) {
        return done({ methodId, number, readyFromMs, because: null, ...taken.value });
      }
      because = sentencesOf(taken);
    }
    return done({ methodId, number, bakeId: null, batch: null, readyFromMs: 0, because });
  });
}
