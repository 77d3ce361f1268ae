import { word } from '@/words/tr';
import { BOOK_MODEL } from '../kinetics';
import { requireNumber } from '../units';
import { blendFor, type Blend, type FlourPart } from './blend';
import type { Flour } from './flour';

/** Gluten left under which a dough is too slack to open. Source: ripeness table of the model of ripening, §4. */
export const FLOUR_IS_SLACK = 0.6;
/** Endurance is told in hours at this temperature, °C. */
const TOLD_AT_C = 22;
/** A plan that uses less of the endurance than this finds the dough springing back. Set. */
const TOO_STRONG_UNDER = 0.08;
/** What diastatic malt adds to the breakdown, per gram over flour. Set, wide doubt. */
const PER_MALT = 20;

/** A stretch of a plan that wears the flour. */
export interface EnduranceStage {
  readonly name: string;
  readonly hours: number;
  readonly tempC: number;
  /** Of the dough’s flour, how much is in it: a leaven wears only its own. */
  readonly flourShare: number;
  /** Salt over that flour. */
  readonly saltShare: number;
  /** Acidity it stands at; null where it is not known: unsoured. */
  readonly ph: number | null;
}

/** What a flour still bears. */
export interface Endurance {
  /** Hours at 22 °C the blend lasts with this salt, unsoured. */
  readonly lastsH: number;
  /** The same a standard deviation of the strength weaker and stronger. */
  readonly lastsBand: readonly [number, number];
  /** Each stage in hours at 22 °C. */
  readonly used: readonly UsedHours[];
  readonly usedH: number;
  readonly leftH: number;
  readonly verdict: 'lasts' | 'doubtful' | 'too weak' | 'too strong';
}

const RULES = {
  strength: { name: word('Flour strength'), unit: 'W', min: 50, max: 600 },
  salt: { name: word('Salt'), unit: word('of flour'), min: 0, max: 0.2 },
  hours: { name: word('Hours'), unit: 'h', min: 0, max: 5000 },
} as const;

/**
 * Hours at 22 °C until a dough of this strength is slack:
 * ln(1/0.6) / (kp · 280/W · e^(−0.1·salt%) · 2^((22−25)/10)).
 * Source: gluten equation of the model of ripening, §2; not fitted, so a wide guess.
 * @param maltShare diastatic malt over flour
 * @throws {DomainError} flour-strength-range, salt-share-range
 */
export function enduranceH(strengthW: number, saltShare: number, maltShare = 0): number {
  requireNumber('flour-strength-range', strengthW, RULES.strength);
  requireNumber('salt-share-range', saltShare, RULES.salt);
  const perHour =
    BOOK_MODEL.kp *
    (280 / strengthW) *
    Math.exp(-10 * saltShare) *
    2 ** ((TOLD_AT_C - 25) / 10) *
    (1 + PER_MALT * maltShare);
  return -Math.log(FLOUR_IS_SLACK) / perHour;
}

/** What a stage of a plan uses up, in hours at 22 °C of all the dough’s flour. */
export interface UsedHours {
  readonly name: string;
  readonly hours: number;
}

/**
 * Whether a blend lasts a plan.
 * @param used what each stage uses up, see {@link stageHours}
 * @param dough salt over its flour, and diastatic malt over it
 * @throws {DomainError} flour-strength-range, salt-share-range
 */
export function enduranceOf(
  blend: Pick<Blend, 'strengthW' | 'strengthSd'>,
  used: readonly UsedHours[],
  dough: { readonly saltShare: number; readonly maltShare?: number },
): Endurance {
  const lasts = (strengthW: number) =>
    enduranceH(Math.min(600, Math.max(50, strengthW)), dough.saltShare, dough.maltShare ?? 0);
  const usedH = used.reduce((sum, stage) => sum + stage.hours, 0);
  const lastsH = lasts(blend.strengthW);
  const lastsBand = [
    lasts(blend.strengthW - blend.strengthSd),
    lasts(blend.strengthW + blend.strengthSd),
  ] as const;
  const verdict =
    usedH > lastsH
      ? 'too weak'
      : usedH > lastsBand[0]
        ? 'doubtful'
        : usedH < TOO_STRONG_UNDER * lastsH
          ? 'too strong'
          : 'lasts';
  return { lastsH, lastsBand, used, usedH, leftH: lastsH - usedH, verdict };
}

/**
 * A stage as hours at 22 °C with the dough’s salt, unsoured, of all its flour.
 * @throws {DomainError} hours-range
 */
export function stageHours(stage: EnduranceStage, doughSalt: number): number {
  requireNumber('hours-range', stage.hours, RULES.hours);
  const sour =
    stage.ph === null ? 0 : Math.min(1, Math.max(0, (5.6 - stage.ph) / 1.6)) * BOOK_MODEL.ap;
  const salt = Math.exp(-10 * (stage.saltShare - doughSalt));
  return stage.flourShare * stage.hours * 2 ** ((stage.tempC - TOLD_AT_C) / 10) * (1 + sour) * salt;
}

/**
 * A blend of two flours at hand that lasts a plan: the weakest that does, so that it does not spring back.
 * Null where none does.
 * @param neededH hours at 22 °C that the plan uses
 */
export function blendThatLasts(
  neededH: number,
  saltShare: number,
  flours: readonly Flour[],
): { readonly strengthW: number; readonly parts: readonly FlourPart[] } | null {
  const strengthW = (280 * neededH) / enduranceH(280, saltShare);
  const found = flours
    .flatMap((first, index) =>
      flours.slice(index + 1).map((second) => {
        return blendFor(first, second, { of: 'strength', value: strengthW });
      }),
    )
    .flatMap((answer) => (answer.kind === 'found' ? [answer] : []))
    .sort((a, b) => a.blend.wholegrainShare - b.blend.wholegrainShare)[0];
  return found === undefined ? null : { strengthW, parts: found.parts };
}
