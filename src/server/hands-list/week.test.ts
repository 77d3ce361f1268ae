import { demoShop } from '../../../tests/demo-shop';
import { handsList } from './hands-list';
import { planView } from '../plan/view';
import { weekView } from './week';

const { context } = demoShop();
const week = weekView(context);

test('seven days, each from four in the morning, with everything of the hands’ list and the plan once', () => {
  expect(week.days).toHaveLength(7);
  const endMs = week.days.at(-1)!.fromMs + 24 * 3_600_000;
  const listed = handsList(context).moments.filter((one) => one.atMs < endMs);
  expect(week.days.flatMap((day) => day.moments.map((one) => one.stepId))).toEqual(
    listed.map((one) => one.stepId),
  );
  const asked = planView(context).services.filter(
    (one) => one.fromMs >= week.days[0]!.fromMs && one.fromMs < endMs,
  );
  expect(week.days.flatMap((day) => day.services)).toEqual(asked);
  expect(week.days.filter((day) => day.closed)).toHaveLength(1);
});
