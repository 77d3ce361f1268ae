import type { Odds } from '@/core/planner/week';
import { newShopAt } from '../../../tests/fixtures/new-shop';
import { markupOf as markup, wordsOf as words } from '../../../tests/fixtures/words-of';
import { stateDemand } from '@/server/plan/demands';
import { demandOn } from '@/shop/plan/demand-on';
import { searchPlans, type PlanSearch } from '@/shop/plan/search';
import { planView, type PlanView } from '@/server/plan/view';
import { BakeRow } from '@/ui/odds/bake-row';
import { Grains } from './grains';
import { ladderClock } from './ladder-clock';
import { LadderFoot } from './ladder-foot';
import { ClockColumn, LadderPicture } from './ladders';
import { NightBands } from './night-bands';
import { PlanSide } from './plan-side';
import { Rope } from './rope';
import { WeekStrip } from './week-strip';

const nowMs = Date.parse('2026-11-23T08:00:00+01:00');
const context = newShopAt(nowMs);
const stated = stateDemand(context, {
  id: null,
  name: 'Friday',
  readyFrom: '2026-11-27T18:00',
  readyTo: '2026-11-27T19:30',
  balls: '30',
  methods: ['start-poolish-day'],
});
if (!stated.ok) throw new Error('not stated');
const view = planView(context);
const [service] = view.services;

function searched(): PlanSearch {
  const methods = view.methods.filter((one) => one.key === 'start-poolish-day');
  const demand = demandOn(service!.asked!, methods);
  const steps = searchPlans(demand, view.facts);
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return step.value;
}
const search = searched();
const [ladder] = search.shown;
const clock = ladderClock([ladder!.rungs.map((one) => one.atMs)], service!.fromMs, 260);
const { units } = view;

const count = (html: string, what: string) => html.split(what).length - 1;

/** The ladder with the keys on one of its rungs; −1: on none. */
const pictureOn = (rung: number) => (
  <LadderPicture
    ladder={ladder!}
    clock={clock}
    width={306}
    units={units}
    nowMs={nowMs}
    readyFromMs={service!.fromMs}
    rung={rung}
  />
);

test('a ladder tells each moment with its hour, its grams or place, and the peak in words', () => {
  const said = words(pictureOn(-1));
  for (const { title } of ladder!.rungs.slice(0, 3)) expect(said).toContain(title);
  expect(said).toMatch(/\d\d:\d\d Poolish \d/);
  expect(said).toMatch(/peak ✓|ripe, \d+ min off/);
});

test('the rung that the keys are on is drawn held, and only that one', () => {
  const held = (rung: number) => count(markup(pictureOn(rung)), 'rx="6"');
  expect([held(-1), held(0), held(2)]).toEqual([0, 1, 1]);
});

test('under a ladder stand both chances, the last half hour, hands, night, discard and the act', () => {
  const foot = (changes: object) =>
    words(
      <LadderFoot
        ladder={{ ...ladder!, ...changes }}
        units={units}
        best
        busy={false}
        onTake={() => undefined}
      />,
    );
  const said = foot({});
  expect(said).toContain(`${Math.round(ladder!.odds.service * 100)} %`);
  expect(said).toMatch(/balls ready to 19:30/);
  expect(said).toMatch(/in the last ½ h/);
  expect(said).toMatch(/hands .* night 0 discard 0 g/);
  expect(said).toContain('Take this plan');
  const knot = { key: 'mixer', kind: 'mixer taken', subject: 'mixer' };
  expect(foot({ broken: [knot] })).toContain('Take it all the same');
  expect(foot({ windows: [] })).toContain('no leaven to ripen');
});

test('the clock names the day and its hours, the nights are shaded', () => {
  const said = words(
    <ClockColumn
      clock={clock}
      units={units}
      service={{ fromMs: service!.fromMs, toMs: service!.toMs }}
    />,
  );
  expect(said).toMatch(/Fri .*\d\d:00/);
  expect(said).toMatch(/18:00 ?–19:30|18:00–19:30/);
  const nights = markup(
    <NightBands
      clock={clock}
      worked={[
        { fromMs: 0, toMs: service!.fromMs - 10 * 3_600_000 },
        { fromMs: service!.fromMs - 8 * 3_600_000, toMs: service!.toMs },
      ]}
      fromMs={service!.fromMs - 20 * 3_600_000}
      toMs={service!.fromMs}
    />,
  );
  expect(count(nights, '<div')).toBe(1);
});

test('a chance is as many full grains as it has tenths', () => {
  const full = (share: number) => count(markup(<Grains share={share} />), '<path');
  expect([full(0), full(0.3), full(0.35), full(1)]).toEqual([0, 3, 4, 10]);
});

test('each half hour is filled by what is ready, with what is young or slack above it', () => {
  const half = (ready: number, young: number, slack: number) => ({
    fromMs: ready,
    toMs: 1,
    ready,
    young,
    slack,
  });
  const odds: Pick<Odds, 'halfHours'> = { halfHours: [half(0.5, 0.25, 0.25), half(1, 0, 0)] };
  const html = markup(
    <svg>
      <BakeRow odds={odds} x={0} y={0} width={60} />
    </svg>,
  );
  expect(html).toContain('aria-label="50 %, 100 %"');
  const heights = [...html.matchAll(/height="([\d.]+)" fill="var\(--ripe\)"/g)].map((one) =>
    Number(one[1]),
  );
  expect(heights).toEqual([13, 26]);
});

test('a rope is tied with an end for each line, and lies loose without a knot', () => {
  expect(count(markup(<Rope tied lines={3} />), '<path')).toBe(4);
  expect(count(markup(<Rope tied={false} lines={0} />), '<path')).toBe(1);
});

describe('beside the ladders', () => {
  const side = (changes: Partial<PlanView>, found: PlanSearch | null) =>
    words(
      <PlanSide
        view={{ ...view, ...changes }}
        search={found}
        onNearest={() => undefined}
        onFeeds={() => undefined}
      />,
    );
  test('nothing in the way is said in words, and so is what changed', () => {
    expect(side({ changes: [] }, search)).toMatch(/nothing changed .* nothing/);
    const changes = [{ bakeId: 'b', says: 'Harbour, Sat 17:30: withdrawn' }];
    expect(side({ changes }, search)).toContain('▼ Harbour, Sat 17:30: withdrawn');
  });
  test('a knot has its conditions, and the nearest that fits', () => {
    const full = {
      key: 'boxes',
      kind: 'boxes short' as const,
      subject: 'boxes',
      atMs: service!.fromMs,
      untilMs: service!.toMs,
      wanted: 200,
      there: 144,
      others: [],
    };
    const tied: PlanSearch = {
      ...search,
      knot: { conditions: [full], waysOut: [{ condition: full, name: 'Straight', key: 's' }] },
      nearest: {
        name: 'Straight',
        laterMs: 0,
        balls: 140,
        doughs: 1,
        readyFromMs: service!.fromMs,
      },
    };
    const said = side({}, tied);
    expect(said).toContain('200 balls in boxes from Fri 18:00');
    expect(said).toContain('boxes for 144');
    expect(said).toMatch(/the nearest that fits: 140 pizzas , Straight/);
    expect(side({}, { ...tied, nearest: null })).toContain('Nothing near it fits');
    expect(side({}, { ...tied, nearest: null, share: 0.5 })).toContain('Looking for the nearest');
  });
  test('a culture that nobody feeds is named with its hour', () => {
    const feeds = [{ cultureId: 'grusa', name: 'Grusa', atMs: service!.fromMs }];
    expect(side({ feeds }, search)).toMatch(/Grusa wants a feed by Fri 18:00 .*Plan their feeds/);
  });
});

test('the week has a named button for each service, and closed days in words', () => {
  const days = view.days.map((day, i) => ({ ...day, closed: i === 3 }));
  const html = markup(
    <WeekStrip
      view={{ ...view, days }}
      width={1280}
      selectedKey={service!.key}
      onSelect={() => undefined}
    />,
  );
  expect(html).toContain('aria-label="30 no plan, pizzas: Fri Friday"');
  expect(html).toContain('aria-pressed="true"');
  expect(html).toMatch(/closed<\/text>/);
});
