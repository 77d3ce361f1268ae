/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { useState } from 'react';
import { shown } from '../../../tests/fixtures/shown';
import { HouseDaysProvider } from './house-days';
import { WallTimeField } from './wall-time-field';

const HOUSE = {
  nowMs: Date.parse('2026-11-27T06:10:00+01:00'),
  rate: 0,
  units: { timeZone: 'Europe/Oslo' },
  services: { '2026-11-28': ['Harbour', 'Quay'] },
};

function opened(value = '2026-11-28T18:00') {
  const onChange = jest.fn();
  const onSubmit = jest.fn((event: React.FormEvent) => event.preventDefault());
  function Field() {
    const [now, setNow] = useState(value);
    return (
      <form onSubmit={onSubmit}>
        <WallTimeField
          label="Ready at"
          name="readyAt"
          value={now}
          onChange={(next) => {
            onChange(next);
            setNow(next);
          }}
        />
        <button type="submit">Go</button>
      </form>
    );
  }
  const view = shown(
    <HouseDaysProvider house={HOUSE}>
      <Field />
    </HouseDaysProvider>,
  );
  const field = screen.getByLabelText<HTMLInputElement>('Ready at');
  return { ...view, field, onChange, onSubmit };
}

test('words are typed over what stands there; what they mean is said before they are taken', async () => {
  const { user, field, onChange, onSubmit } = opened();
  expect(field.value).toBe('Sat 28 Nov 2026 18:00');
  await user.click(field);
  await user.keyboard('fri');
  expect(onChange).not.toHaveBeenCalled();
  await user.keyboard(' 18');
  expect(screen.getByText('Fri 27 Nov 2026 18:00')).toBeTruthy();
  await user.keyboard('{Enter}');
  expect(onChange).toHaveBeenCalledWith('2026-11-27T18:00');
  expect(field.value).toBe('Fri 27 Nov 2026 18:00');
  expect(onSubmit).not.toHaveBeenCalled();
  await user.keyboard('{Enter}');
  expect(onSubmit).toHaveBeenCalledTimes(1);
});

test('what can not be understood is said as the field is left, stays to be mended, and changes nothing', async () => {
  const { user, field, onChange } = opened();
  await user.click(field);
  await user.keyboard('fri 25');
  expect(screen.getByText(/^such as fri 18/)).toBeTruthy();
  await user.tab();
  expect(screen.getByText(/“fri 25” is no day and hour. Allowed: such as/)).toBeTruthy();
  expect(field.value).toBe('fri 25');
  expect(onChange).not.toHaveBeenCalled();
  await user.click(field);
  await user.keyboard('{Escape}');
  expect(field.value).toBe('Sat 28 Nov 2026 18:00');
});

test('left empty it is as it was; +2h is from what stands there, and leaving takes it', async () => {
  const { user, field, onChange } = opened();
  await user.clear(field);
  await user.tab();
  expect(field.value).toBe('Sat 28 Nov 2026 18:00');
  await user.click(field);
  await user.keyboard('+2h');
  await user.tab();
  expect(onChange).toHaveBeenLastCalledWith('2026-11-28T20:00');
});

test('by touch: a day of the strip with its services, then the hour', async () => {
  const { user, onChange } = opened();
  await user.click(screen.getByRole('button', { name: 'Ready at: choose a day' }));
  const saturday = await screen.findByRole('button', {
    name: 'Saturday 28 November, Harbour, Quay',
  });
  expect(saturday.getAttribute('aria-pressed')).toBe('true');
  await user.click(screen.getByRole('button', { name: /^Monday 30 November/ }));
  expect(onChange).toHaveBeenLastCalledWith('2026-11-30T18:00');
  await user.click(screen.getByRole('button', { name: '07' }));
  await user.click(screen.getByRole('button', { name: ':45' }));
  expect(onChange).toHaveBeenLastCalledWith('2026-11-30T07:45');
  await user.click(screen.getByRole('button', { name: 'Done' }));
});
