import { demoShop } from '../../../tests/demo-shop';
import { handsList } from '../hands-list/hands-list';
import { loadShop } from '../shop/load-shop';
import { tideView } from '../tide';
import { assignStep } from './assign-step';

const { context } = demoShop();
const [step] = loadShop(context).folded.plan;
const stepId = step!.stepId;
const whoInViews = () => [
  tideView(context).moments.find((one) => one.ref === stepId)?.by,
  handsList(context).moments.find((one) => one.stepId === stepId)?.who,
];

test('a planned step is given to somebody, on the Tide and on the hands’ list alike, and back to anybody', () => {
  expect(assignStep(context, { stepId, who: 'Maren' })).toEqual({
    ok: true,
    value: { before: null },
  });
  expect(whoInViews()).toEqual(['Maren', 'Maren']);
  expect(assignStep(context, { stepId, who: 'Jo' })).toEqual({
    ok: true,
    value: { before: 'Maren' },
  });
  expect(whoInViews()).toEqual(['Jo', 'Jo']);
  assignStep(context, { stepId, who: null });
  expect(whoInViews()).toEqual([null, null]);
});

test('nobody else’s name is taken, and no step that is not planned', () => {
  const stranger = assignStep(context, { stepId, who: 'Nobody' });
  expect(JSON.stringify(stranger)).toContain('“Nobody” does not work here. Allowed: ');
  expect(assignStep(context, { stepId: 'gone', who: 'Jo' })).toMatchObject({ ok: false });
  expect(assignStep(context, { stepId: 7, who: 'Jo' })).toMatchObject({ ok: false });
});
