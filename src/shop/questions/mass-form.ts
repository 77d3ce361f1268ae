import { recipe, type FeedCycle } from '@/core/kinetics';
import type { MassRequest, Seed } from '@/core/forecast';
import { numberField, z } from '@/core/parse';
import { ASKED_RIPENESS, LOT_KINDS, type AskedRipeness } from '@/core/ripeness';

const field = (name: string, unit: string, min: number, max: number) =>
  numberField({ name, unit, min, max });
const percent = (name: string, max: number) => field(name, '%', 0, max);
const degrees = (name: string) => field(name, '°C', -30, 45);

const cycle = z.object({
  ratio: z.tuple([
    field('mother', 'parts', 0.01, 100),
    field('flour', 'parts', 0.01, 100),
    field('water', 'parts', 0.01, 100),
  ]),
  tempC: field('tempC', '°C', 10, 32),
  motherHydration: field('motherHydration', '', 0.4, 2).default(1),
});

const seedBase = {
  flourPct: percent('flourPct', 100),
  gasKept: field('gasKept', '', 0, 1).default(0),
};

/** A mass in the words of the trade; per cents are of its total flour. */
export interface MassForm {
  readonly kind: MassRequest['kind'];
  readonly hydration: number;
  readonly saltPct: number;
  readonly sugarPct: number;
  readonly wholegrainPct: number;
  readonly flourW: number;
  readonly massKg: number;
  readonly speed: number;
  readonly startC: number;
  readonly freshYeastPct: number;
  readonly dryYeast: boolean;
  readonly seeds: readonly SeedForm[];
  readonly stays: readonly {
    readonly placeC: number;
    readonly hours: number;
    readonly insulation?: number | undefined;
  }[];
  readonly work: readonly { readonly atH: number; readonly gasKept: number }[];
  readonly targetRise?: number | undefined;
  readonly asks?: AskedRipeness | undefined;
}

type SeedForm = { readonly flourPct: number; readonly gasKept: number } & (
  | { readonly cycle: z.output<typeof cycle>; readonly afterFeeds: z.output<typeof cycle>[] }
  | { readonly made: MassForm; readonly atH: number | 'best' }
);

/** The schema of a mass asked for from outside, from the playground or from the command line. */
export const massFormSchema: z.ZodType<MassForm, unknown> = z.lazy(() =>
  z.object({
    kind: z.enum(LOT_KINDS),
    hydration: field('hydration', '', 0.2, 3),
    saltPct: percent('saltPct', 20).default(0),
    sugarPct: percent('sugarPct', 50).default(0),
    wholegrainPct: percent('wholegrainPct', 100).default(0),
    flourW: field('flourW', 'W', 50, 600).default(280),
    massKg: field('massKg', 'kg', 0.001, 1000),
    speed: field('speed', '', 0.05, 20).default(1),
    startC: degrees('startC'),
    freshYeastPct: percent('freshYeastPct', 10).default(0),
    dryYeast: z.boolean().default(false),
    seeds: z
      .array(
        z.union([
          z.object({ ...seedBase, cycle, afterFeeds: z.array(cycle).max(10).default([]) }),
          z.object({
            ...seedBase,
            made: massFormSchema,
            atH: z.union([z.literal('best'), field('atH', 'h', 0, 720)]),
          }),
        ]),
      )
      .max(5)
      .default([]),
    stays: z
      .array(
        z.object({
          placeC: degrees('placeC'),
          hours: field('hours', 'h', 0.1, 720),
          insulation: field('insulation', '', 0.2, 10).optional(),
        }),
      )
      .min(1)
      .max(50),
    work: z
      .array(z.object({ atH: field('atH', 'h', 0, 720), gasKept: field('gasKept', '', 0, 1) }))
      .max(50)
      .default([]),
    targetRise: field('targetRise', '×', 1.05, 8).optional(),
    asks: z.enum(ASKED_RIPENESS).optional(),
  }),
);

function seedOf(form: SeedForm): Seed {
  const base = { flourShare: form.flourPct / 100, gasKept: form.gasKept };
  if ('made' in form) {
    return { ...base, source: { made: massRequestOf(form.made), atH: form.atH } };
  }
  const afterFeeds: FeedCycle[] = form.afterFeeds;
  return { ...base, source: { cycle: form.cycle, afterFeeds } };
}

/** A checked form as a request to the core: per cents become shares. */
export function massRequestOf(form: MassForm): MassRequest {
  return {
    kind: form.kind,
    recipe: recipe({
      hydration: form.hydration,
      massG: form.massKg * 1000,
      saltShare: form.saltPct / 100,
      sugarShare: form.sugarPct / 100,
      wholegrainShare: form.wholegrainPct / 100,
      strengthW: form.flourW,
      speed: form.speed,
    }),
    startC: form.startC,
    freshShare: form.freshYeastPct / 100,
    dryYeast: form.dryYeast,
    seeds: form.seeds.map(seedOf),
    stays: form.stays.map(({ placeC, hours, insulation }) => ({
      placeC,
      hours,
      ...(insulation === undefined ? {} : { insulation }),
    })),
    work: form.work,
    ...(form.targetRise === undefined ? {} : { targetRise: form.targetRise }),
    ...(form.asks === undefined ? {} : { asks: form.asks }),
  };
}
