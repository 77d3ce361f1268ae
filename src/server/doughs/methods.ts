import { tr } from '@/words/tr';
import type { ShopState } from '@/shop/state';
import { startingMethods, methodSchema, placedMethod, type Method } from '@/core/methods';
import { z } from '@/core/parse';
import {
  addMethodVersion,
  listFlours,
  listMethods,
  listMethodVersions,
  oneMethodVersion,
  retireMethod,
  type MethodVersion,
} from '@/data';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';

/** A method in the list: one of the shop’s own, or a starting one. */
export interface MethodRow {
  readonly id: string;
  /** Null for a starting method that nobody changed yet. */
  readonly versionId: string | null;
  readonly number: number | null;
  readonly method: Method;
}

/** The prefix of a starting method’s id. */
const STARTING = 'start-';

/** The shop’s own methods, then the starting ones on its own places and flours. */
export function methodRows(context: ShopContext, state: ShopState): MethodRow[] {
  const own = listMethods(context.db).map((version): MethodRow => ({
    id: version.methodId,
    versionId: version.id,
    number: version.number,
    method: version.method,
  }));
  return [...own, ...startingRows(context, state)];
}

function startingRows(context: ShopContext, state: ShopState): MethodRow[] {
  const shop = {
    places: state.places,
    flours: listFlours(context.db).filter((flour) => flour.retiredMs === null),
    atMs: state.nowMs,
    yeastType: state.shop.yeastType,
  };
  return startingMethods().map((one) => ({
    id: `${STARTING}${one.id}`,
    versionId: null,
    number: null,
    method: placedMethod(one, shop),
  }));
}

/** The versions of one of the shop’s own methods, the newest first. */
export function versionsOf(context: ShopContext, methodId: string): MethodVersion[] {
  return listMethodVersions(context.db, methodId);
}

const saveSchema = z.object({
  /** Null, or a starting method’s id, for a new one. */
  methodId: z.string().max(80).nullable(),
  method: methodSchema,
});

/** Saves a method as a new version; what was baked with the one before keeps it. */
export function saveMethod(
  context: ShopContext,
  form: unknown,
): Outcome<{ methodId: string; versionId: string; number: number; before: string | null }> {
  const parsed = parseForm(saveSchema, form);
  if (!parsed.ok) return parsed;
  const { method } = parsed.value;
  const wanted = parsed.value.methodId;
  const own = wanted !== null && !wanted.startsWith(STARTING);
  const versions = own ? versionsOf(context, wanted) : [];
  if (own && versions.length === 0) return refused('methodId', tr`This method is not in the shop.`);
  const methodId = own ? wanted : context.newId();
  const id = context.newId();
  const createdMs = context.clock().nowMs;
  const number = addMethodVersion(context.db, { id, methodId, createdMs, method });
  return done({ methodId, versionId: id, number, before: versions[0]?.id ?? null });
}

/** Takes a method back to an earlier version, by a new one that is the same. */
export function restoreVersion(
  context: ShopContext,
  versionId: string,
): Outcome<{ methodId: string; number: number }> {
  const version = oneMethodVersion(context.db, versionId);
  const saved = saveMethod(context, { methodId: version.methodId, method: version.method });
  if (!saved.ok) return saved;
  return done({ methodId: saved.value.methodId, number: saved.value.number });
}

/** Retires a method, or brings it back: bakes of the past keep it. */
export function retire(
  context: ShopContext,
  methodId: string,
  retired: boolean,
): Outcome<{ methodId: string }> {
  if (methodId.startsWith(STARTING)) {
    return refused('methodId', tr`A starting method stays. Save it as your own to change it.`);
  }
  retireMethod(context.db, methodId, retired ? context.clock().nowMs : null);
  return done({ methodId });
}
