import { tr } from '@/words/tr';
import { massOf, mixCompositions, totals, type Composition, type Pantry } from '../composition';
import { bookSpeed, type PlaceHistory } from '../forecast';
import { OIL, SALT, WATER, weighDose, yeastId, type WeighedDose } from '../formula';
import type { ActOf } from '../journal';
import { DomainError, fromFreshEquivalentG, roundToStep, type YeastType } from '../units';
import { forecastDraft, standing, type Jar } from './jar';
import { mixedAt } from './mixing';
import { insideOf } from './refresh';

/** A dough that takes discard, to be worked out. Plain data: it can be posted to a worker. */
export interface DiscardDoughQuestion {
  /** The layers, oldest first: the oldest are used first. */
  readonly layers: readonly { readonly jar: Jar; readonly massG: number }[];
  readonly discardG: number;
  /** Flavour: baker’s yeast raises the dough, and its dose is found. Leaven: the discard raises it alone. */
  readonly use: 'flavour' | 'leaven';
  readonly yeastType: YeastType;
  readonly balls: number;
  readonly ballG: number;
  readonly hydration: number;
  readonly saltShare: number;
  readonly oilShare: number;
  readonly flourId: string;
  readonly as: { readonly lotId: string; readonly name: string };
  readonly atMs: number;
  readonly placeId: string;
  readonly readyMs: number;
  readonly places: readonly PlaceHistory[];
  readonly pantry: Pantry;
  readonly stepG: number;
  readonly fineStepG: number;
  readonly tapC: number;
}

const AIM_C = 24;

interface Weighed {
  readonly flourG: number;
  readonly waterG: number;
  readonly saltG: number;
  readonly oilG: number;
  readonly dose: WeighedDose | null;
}

export class DoughOf {
  readonly taken: { lotId: string; massG: number }[] = [];
  readonly brought: Composition;
  /** pH of the discard together, by weight. */
  readonly ph: number;
  private readonly around;
  private readonly mothers;

  constructor(private readonly question: DiscardDoughQuestion) {
    const { layers, discardG, places, pantry, atMs } = question;
    this.around = { places: new Map(places.map((one) => [one.id, one])), pantry };
    let wantedG = discardG;
    const parts: Composition[] = [];
    let sour = 0;
    this.mothers = layers.flatMap(({ jar, massG }) => {
      const takenG = Math.min(wantedG, massG);
      if (takenG <= 0) return [];
      wantedG -= takenG;
      const run = standing(jar, atMs, this.around);
      this.taken.push({ lotId: jar.lot.id, massG: takenG });
      const share = takenG / massOf(jar.lot.composition);
      parts.push(
        Object.fromEntries(Object.entries(jar.lot.composition).map(([id, g]) => [id, g * share])),
      );
      sour += takenG * insideOf(run, atMs).ph;
      return [run];
    });
    if (this.taken.length === 0 || wantedG > 1e-6) {
      throw new DomainError(
        'discard-none',
        tr`Discard: ${Math.round(discardG)} g is not possible. Allowed: above 0, up to ${Math.floor(discardG - wantedG)} g, what is in the jar.`,
        { discardG, thereG: discardG - wantedG },
      );
    }
    this.brought = mixCompositions(parts);
    this.ph = sour / discardG;
  }

  /** New flour, water, salt, oil and yeast beside the discard, on the scales’ steps. */
  weighed(doseShare: number, as: 'weighed' | 'exact' = 'weighed'): Weighed {
    const { balls, ballG, hydration, saltShare, oilShare, pantry, yeastType } = this.question;
    const sum = totals(this.brought, pantry);
    const other = sum.massG - sum.flourG - sum.waterG;
    const allFlourG = (balls * ballG - other) / (1 + hydration + saltShare + oilShare + doseShare);
    const flourG = allFlourG - sum.flourG;
    const waterG = allFlourG * hydration - sum.waterG;
    if (flourG < 0 || waterG < 0) {
      throw new DomainError(
        'discard-too-much',
        tr`Discard: ${Math.round(this.question.discardG)} g bring more ${flourG < 0 ? tr`flour` : tr`water`} than ${Math.round(balls * ballG)} g of dough may hold. Allowed: less of it, or more dough.`,
        { discardG: this.question.discardG },
      );
    }
    const { stepG, fineStepG } = this.question;
    const doseG = fromFreshEquivalentG(doseShare * allFlourG, yeastType);
    // While the dose is sought nothing is rounded: the hours then follow it without steps.
    if (as === 'exact') {
      const dose = { wantedG: doseG, weighedG: doseG, stock: null, error: 0 };
      return { flourG, waterG, saltG: saltShare * allFlourG, oilG: oilShare * allFlourG, dose };
    }
    const weigh = { doseG, stepG: fineStepG, waterStepG: stepG, waterG: Math.max(1, waterG) };
    const dose = doseShare <= 0 ? null : weighDose(weigh);
    const stockG = dose?.stock?.waterBroughtG ?? 0;
    return {
      flourG: roundToStep(flourG, stepG),
      waterG: Math.max(0, roundToStep(waterG - stockG, stepG)),
      saltG: roundToStep(saltShare * allFlourG, fineStepG),
      oilG: roundToStep(oilShare * allFlourG, stepG),
      dose,
    };
  }

  made(doseShare: number, options: { withBand: boolean; stepH?: number; weighed?: Weighed }) {
    const { as, placeId, atMs, tapC, flourId, yeastType } = this.question;
    const { flourG, waterG, saltG, oilG, dose } =
      options.weighed ?? this.weighed(doseShare, 'exact');
    const wanted: ActOf<'make'> = {
      kind: 'make',
      lotId: as.lotId,
      lotKind: 'dough',
      name: as.name,
      ingredients: [
        { ingredientId: flourId, massG: flourG },
        { ingredientId: WATER, massG: waterG + (dose?.stock?.waterBroughtG ?? 0) },
        { ingredientId: SALT, massG: saltG },
        { ingredientId: OIL, massG: oilG },
        { ingredientId: yeastId(yeastType), massG: dose?.weighedG ?? 0 },
      ].filter((line) => line.massG > 0),
      portions: this.taken,
      placeId,
      startC: AIM_C,
      gasKept: 0,
    };
    const { act, water } = mixedAt(wanted, { mothers: this.mothers, atMs, tapC }, this.around);
    const culture = this.question.layers[0]?.jar.culture ?? bookSpeed(null);
    const from = { mothers: this.mothers, culture };
    return { act, water, atMs, forecast: forecastDraft({ act, atMs }, from, this.around, options) };
  }
}
