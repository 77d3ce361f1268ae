/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import { useState } from 'react';
import { pressable, shown } from '../../../tests/fixtures/shown';
import { startingMethods, type Method } from '@/core/methods';
import { MixSteps } from './mix-steps';
import { OwnMoments } from './own-moments';

const STRAIGHT = startingMethods().find((one) => one.id === 'straight')!.method;

function opened(view: (method: Method, change: (method: Method) => void) => React.ReactElement) {
  let now: Method = STRAIGHT;
  function Own() {
    const [method, setMethod] = useState(now);
    now = method;
    return view(method, setMethod);
  }
  return { ...shown(<Own />), method: () => now };
}
const retyped = async (
  { user }: ReturnType<typeof opened>,
  label: string,
  text: string,
): Promise<void> => {
  const field = screen.getByLabelText(label);
  await user.clear(field);
  await user.type(field, text);
  await user.tab();
};

test('a moment is added, told when it is, and left out again', async () => {
  const view = opened((method, change) => <OwnMoments method={method} onChange={change} />);
  await view.user.click(await pressable(/Another moment/));
  await retyped(view, 'What', 'Stretch on the tray');
  await retyped(view, 'Minutes', '40');
  expect(view.method().moments).toEqual([
    { name: 'Stretch on the tray', from: 'service', afterMin: -40, handsMin: 2, work: null },
  ]);
  await view.user.selectOptions(screen.getByLabelText('When'), 'after balling');
  await view.user.selectOptions(screen.getByLabelText('Does'), 'punches it down');
  expect(view.method().moments[0]).toMatchObject({
    from: 'balls',
    afterMin: 40,
    work: 'punch down',
  });
  await view.user.click(await pressable(/Without it: Stretch/));
  expect(view.method().moments).toEqual([]);
});

test('a usual moment comes with its hour; some of the pieces alone are balled again', async () => {
  const products = ['Balls', 'Tray'].map((name) => ({ name, count: 4, weightG: 250, keepsH: 24 }));
  const view = opened((method, change) => (
    <OwnMoments method={{ ...method, target: { by: 'products', products } }} onChange={change} />
  ));
  await view.user.click(await pressable(/Another moment/));
  await view.user.click(screen.getByLabelText('What'));
  await view.user.click(await screen.findByRole('option', { name: 'Ball it again' }));
  expect(view.method().moments).toEqual([
    { name: 'Ball it again', from: 'balls', afterMin: 180, handsMin: 10, work: 'ball again' },
  ]);
  await view.user.selectOptions(screen.getByLabelText('Of'), 'tray alone');
  expect(view.method().moments[0]).toMatchObject({ of: 'Tray' });
  await view.user.selectOptions(screen.getByLabelText('Of'), 'all of it');
  expect(view.method().moments[0]).not.toHaveProperty('of');
});

test('a mix has as many steps as it has, each with its speed', async () => {
  const view = opened((method, change) => (
    <MixSteps
      steps={method.mix.steps}
      set={(steps) => change({ ...method, mix: { ...method.mix, steps } })}
    />
  ));
  await view.user.click(await pressable(/Then another step/));
  const group = within(screen.getByRole('group', { name: 'Steps of the mix' }));
  const [, , minutes] = group.getAllByLabelText('min');
  await view.user.clear(minutes!);
  await view.user.type(minutes!, '15');
  expect(view.method().mix.steps.at(-1)).toEqual({ name: 'Pause', speed: 'rest', minutes: 15 });
  await view.user.selectOptions(group.getAllByLabelText('How')[1]!, 'by hand');
  expect(view.method().mix.steps[1]).toMatchObject({ speed: 'hand' });
  await view.user.click(await pressable(/Without the last/));
  expect(view.method().mix.steps).toHaveLength(2);
});
