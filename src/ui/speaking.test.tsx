/** @jest-environment jsdom */
import { act, render } from '@testing-library/react';
import { Suspense } from 'react';
import { speak } from '@/words/all-languages';
import { weekdaysLong } from '@/words/days';
import { tr } from '@/words/tr';
import { Speaking } from './speaking';

afterEach(() => speak('en'));

const Says = () => <p>{tr`Nothing`}</p>;
const DAYS = { short: ['Mo'], long: ['Montag, wie ihn die Seite bringt'], months: ['Januar'] };

const spoken = (language: 'en' | 'de') =>
  act(async () =>
    render(
      <Suspense fallback="waits">
        <Speaking language={language} days={DAYS}>
          <Says />
        </Speaking>
      </Suspense>,
    ),
  );

test('in English a page speaks at once', async () => {
  expect((await spoken('en')).container.textContent).toBe('Nothing');
});

test('in another language a page speaks once it has learned it, and nothing before in English', async () => {
  const view = await spoken('de');
  await view.findByText('Nichts');
  expect(view.container.textContent).toBe('Nichts');
});

test('names of days come with the page, in its language; another language has its own', async () => {
  await spoken('de');
  expect(weekdaysLong()).toEqual(DAYS.long);
  speak('it');
  expect(weekdaysLong()[0]).toBe('lunedì');
});
