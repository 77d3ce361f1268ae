/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { standsInAPage } from '../../tests/fixtures/page';
import { pressable, shown } from '../../tests/fixtures/shown';
import { useSay } from './snack';

standsInAPage();

function Says() {
  const say = useSay();
  return <button onClick={() => say({ text: 'Taken.' })}>say it</button>;
}

test.each([
  ['/plan', 'BottomRight'],
  ['/hold/b1', 'BottomRight'],
  ['/', 'BottomLeft'],
  ['/doughs/m1', 'BottomLeft'],
  ['/planning', 'BottomLeft'],
])('on %s a notice stands where no act does', async (path, corner) => {
  window.history.replaceState(null, '', path);
  const { user } = shown(<Says />);
  await user.click(await pressable(/say it/));
  const notice = (await screen.findByText('Taken.')).closest('.MuiSnackbar-root')!;
  expect(notice.className).toContain(corner);
});
