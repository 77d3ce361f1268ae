/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import { demoShop } from '../../../tests/demo-shop';
import { standsInAPage } from '../../../tests/fixtures/page';
import { pressable, shown } from '../../../tests/fixtures/shown';
import { learnedView } from '@/server/learned/learned';
import { Learned } from './learned';

jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => undefined }) }));

standsInAPage();
const { context } = demoShop();
const view = learnedView(context);
const done = () => jest.fn((key: string) => Promise.resolve({ ok: true, value: { key } } as const));

test('each value that was learned stands with its name, and how the forecasts fared below', () => {
  shown(<Learned view={view} reset={done()} undo={done()} />);
  for (const row of view.rows) expect(document.body.textContent).toContain(row.name);
  expect(document.body.textContent).toMatch(/forecast/i);
});

test('one is put back to the book, told, and taken back with one tap', async () => {
  const [reset, undo] = [done(), done()];
  const { user, askedAnew } = shown(<Learned view={view} reset={reset} undo={undo} />);
  const [row] = view.rows;
  await user.click(screen.getAllByRole('button', { name: /^Reset / })[0]!);
  expect(reset).toHaveBeenCalledWith(row!.key);
  await screen.findByText(`${row!.name}: back to the book.`);
  expect(askedAnew).toHaveBeenCalled();
  await user.click(await pressable(/^Undo$/));
  expect(undo).toHaveBeenCalledWith(row!.key);
});

test('why one can not be put back is said', async () => {
  const refusals = [{ field: null, sentence: 'This was learned anew meanwhile.' }];
  const reset = () => Promise.resolve({ ok: false, refusals } as const);
  const { user } = shown(<Learned view={view} reset={reset} undo={done()} />);
  await user.click(screen.getAllByRole('button', { name: /^Reset / })[0]!);
  await screen.findByText('This was learned anew meanwhile.');
});

test('with nothing learned yet it says what teaches', () => {
  shown(<Learned view={{ ...view, rows: [] }} reset={done()} undo={done()} />);
  expect(document.body.textContent).toContain('Log a look at a starter or a poolish');
});
