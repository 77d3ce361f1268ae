import {
  massOf,
  mixCompositions,
  portion,
  totals,
  type Composition,
  type Pantry,
} from '../composition';
import { USUAL_LEAVENS, type LeavenKind } from '../formula';
import { isAct, type ActOf, type Lot, type PlannedAct } from '../journal';

/** A leaven that belongs to no culture: one that was built for a dough, with what of it no dough is to take. */
export interface LoneLeaven {
  readonly lotId: string;
  readonly name: string;
  readonly kind: LeavenKind;
  /** Water over flour. */
  readonly hydration: number;
  /** Its flours, as shares that add up to 1. */
  readonly flours: readonly { readonly flourId: string; readonly share: number }[];
  /** What nothing planned takes of it, g. */
  readonly thereG: number;
  /** From when it is there, UTC ms; left out for one that stands. */
  readonly fromMs?: number;
}

/** Less than this is what sticks to the tub, g. Set. */
const LEAST_G = 20;

/** So many feeds back what a seed is made of is followed. */
const GENERATIONS = 6;

/** Kinds that are built, by the kind of their lots. */
const KIND_OF = new Map(
  (Object.keys(USUAL_LEAVENS) as LeavenKind[])
    .filter((kind) => USUAL_LEAVENS[kind].made.by !== 'taken')
    .map((kind) => [USUAL_LEAVENS[kind].lotKind as string, kind] as const),
);

/** The leavens without a culture that stand, and those that are planned, of which something is left for another dough. */
export function loneLeavens(
  stock: Iterable<Lot>,
  plan: readonly PlannedAct[],
  pantry: Pantry,
): LoneLeaven[] {
  const makes = plan.filter((one): one is PlannedAct & { act: ActOf<'make'> } =>
    isAct(one.act, 'make'),
  );
  const takenG = new Map<string, number>();
  for (const { act } of makes) {
    for (const { lotId, massG } of act.portions) {
      takenG.set(lotId, (takenG.get(lotId) ?? 0) + massG);
    }
  }
  const told = (
    lot: { readonly lotId: string; readonly name: string; readonly kind: LeavenKind },
    composition: Composition,
  ): LoneLeaven[] => {
    const { flourG, waterG } = totals(composition, pantry);
    const thereG = massOf(composition) - (takenG.get(lot.lotId) ?? 0);
    if (thereG < LEAST_G || flourG <= 0) return [];
    const flours = Object.entries(composition)
      .filter(([id, massG]) => massG > 0 && pantry.get(id)?.kind === 'flour')
      .map(([flourId, massG]) => ({ flourId, massG }));
    const ofFlours = flours.reduce((sum, one) => sum + one.massG, 0);
    return [
      {
        ...lot,
        hydration: waterG / flourG,
        flours: flours.map(({ flourId, massG }) => ({ flourId, share: massG / ofFlours })),
        thereG,
      },
    ];
  };
  const lots = [...stock];
  /** What a lot to come is made of: its own ingredients, and of each lot that it takes from as much as it takes. */
  const madeOf = (act: ActOf<'make'>, generation = 0): Composition => {
    const fresh = Object.fromEntries(
      act.ingredients.map(({ ingredientId, massG }) => [ingredientId, massG]),
    );
    const parts = act.portions.map(({ lotId, massG }) => {
      const make = makes.find((one) => one.act.lotId === lotId);
      const standing = lots.find((one) => one.id === lotId)?.composition ?? {};
      const whole =
        make === undefined || generation >= GENERATIONS
          ? standing
          : madeOf(make.act, generation + 1);
      return portion(whole, Math.min(massG, massOf(whole))).taken;
    });
    return mixCompositions([fresh, ...parts]);
  };
  const standing = lots.flatMap((lot) => {
    const kind = KIND_OF.get(lot.kind);
    if (kind === undefined || lot.cultureId !== null) return [];
    return told({ lotId: lot.id, name: lot.name, kind }, lot.composition);
  });
  const toCome = makes.flatMap(({ atMs, act }) => {
    const kind = KIND_OF.get(act.lotKind);
    if (kind === undefined || act.cultureId !== undefined) return [];
    return told({ lotId: act.lotId, name: act.name, kind }, madeOf(act)).map((one) => ({
      ...one,
      fromMs: atMs,
    }));
  });
  return [...standing, ...toCome];
}
