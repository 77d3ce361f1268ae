/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { hourReasons } from '@/core/planner';
import { methodOf, planned, request } from '../../../tests/fixtures/method-plans';
import { GRAMS, pressable, shown } from '../../../tests/fixtures/shown';
import { HoursWhy } from './hours-why';
import { WhyPopover } from './why-hour';

const plan = planned('poolish-day');
const reasons = hourReasons(plan, request(methodOf('poolish-day')));

test('the hours of a plan are put away until they are asked for', async () => {
  const { user } = shown(<HoursWhy reasons={reasons} units={GRAMS} />);
  const head = await pressable(/Why these hours/);
  expect(head.getAttribute('aria-expanded')).toBe('false');
  await user.click(head);
  expect(head.getAttribute('aria-expanded')).toBe('true');
  for (const name of [/^Poolish \d\d:\d\d$/, /^Mix \d\d:\d\d$/, /^Ball \d\d:\d\d$/]) {
    expect(screen.getByText(name)).not.toBeNull();
  }
  expect(screen.getAllByText(/^(Earliest|Latest) /).length).toBeGreaterThanOrEqual(4);
});

test('one hour is told beside what was tapped, and closed by Escape', async () => {
  const onClose = jest.fn();
  const anchor = document.body.appendChild(document.createElement('button'));
  const mix = reasons.filter(({ what }) => what === 'mix');
  const { user } = shown(
    <WhyPopover reasons={mix} units={GRAMS} anchor={anchor} onClose={onClose} />,
  );
  expect(screen.getByRole('dialog', { name: 'Why this hour' }).textContent).toContain('Mix');
  await user.keyboard('{Escape}');
  expect(onClose).toHaveBeenCalled();
});
