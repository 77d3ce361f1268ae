import { planView } from '@/server/plan/view';
import { tideView } from '@/server/tide';
import type { PlanSearch } from '@/shop/plan/search';
import type { Unplanned } from '@/shop/unplanned';
import { momentText } from '@/ui/format';
import { demoShop } from '../../../tests/demo-shop';
import { wordsOf } from '../../../tests/fixtures/words-of';
import { PlanTells } from './plan-tells';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

const { context } = demoShop();
const view = planView(context);
const tide = tideView(context);

/** What the head of the Plan says of a service. */
const said = (key: string, search: PlanSearch | null = null, of = view) =>
  wordsOf(
    <PlanTells
      view={of}
      service={of.services.find((one) => one.key === key)!}
      search={search}
      actions={{} as never}
    />,
  );

test('a service is to be chosen by one hour: the Plan says the same as the Tide, and what is too late then', () => {
  expect(tide.unplanned.length).toBeGreaterThan(1);
  for (const { key, planBy } of tide.unplanned) {
    const at = momentText(planBy!.atMs, view.nowMs, view.units.timeZone);
    expect(said(key)).toContain(`Choose by ${at} then ${planBy!.method} is too late`);
  }
});

test('what the best begins at stands beside it; where no method fits as it usually is, that is the hour', () => {
  const [{ key, planBy }] = tide.unplanned as [Unplanned];
  const bestMs = view.nowMs + 30 * 3_600_000;
  const found = { bestKey: 'b', shown: [{ key: 'b', rungs: [{ atMs: bestMs }] }] };
  const search = found as unknown as PlanSearch;
  const at = (atMs: number) => momentText(atMs, view.nowMs, view.units.timeZone);
  expect(said(key, search)).toContain(
    `Choose by ${at(planBy!.atMs)} the best begins ${at(bestMs)}`,
  );
  const tight = { ...view, unplanned: [{ ...tide.unplanned[0]!, planBy: null }] };
  expect(said(key, search, tight)).toContain(`Choose by ${at(bestMs)} then the best is too late`);
});

test('one that is planned has nothing to choose', () => {
  const planned = view.services.find((one) => one.state === 'planned')!;
  expect(said(planned.key)).toContain('Choose by – no plan to choose');
});
