import type { Page } from 'puppeteer-core';
import { waitForText, type Served } from './browser';
import { journey, DEMO_NOW } from './journey';

let served: Served;
let page: Page;
let wrong: string[];

const { goto, click, textIn } = journey({ mode: 'demo', nowIso: DEMO_NOW }, (made) => {
  ({ served, page, wrong } = made);
});

test('a trial is planned beside a poolish, stands with the hands, and both lie side by side; taken back, it is gone', async () => {
  await goto('/lots/P1128-2');
  await click('[data-testid="plan-trial"]');
  await waitForText(page, 'planned beside P1128-2');
  await page.evaluate(() => {
    [...document.querySelectorAll<HTMLAnchorElement>('a')]
      .find((one) => one.textContent === 'Both side by side')
      ?.click();
  });
  await page.waitForSelector('table[aria-label="How they came out"]');
  const differences = await page.$$eval('[data-testid="difference"]', (all) =>
    all.map((one) => (one as HTMLElement).innerText),
  );
  expect(differences.join(' ')).toContain('Places');
  expect(differences.join(' ')).not.toContain('Fresh yeast');
  await goto('/hands');
  expect(await textIn('main')).toMatch(/Build Quay poolish, trial[^]*Look at Quay poolish/);
  const ics = await (await fetch(`${served.url}/hands/hands.ics`)).text();
  expect(ics.match(/SUMMARY:.*Look at/g)).toHaveLength(2);
  await goto('/log?q=trial+beside');
  await waitForText(page, 'Trial beside P1128-2');
  await page.evaluate(() => {
    [...document.querySelectorAll('tr')]
      .find((row) => row.textContent?.includes('Trial beside P1128-2'))
      ?.querySelector('button')
      ?.click();
  });
  await waitForText(page, 'taken back');
  await goto('/hands');
  expect(await textIn('main')).not.toContain('Harbour poolish, trial');
});

test('a lot is laid beside another of its kind, which is chosen from those of before', async () => {
  await goto('/compare/lots?lot=P1126-1');
  await page.waitForSelector('[role="combobox"]');
  await page.focus('[role="combobox"]');
  await page.keyboard.press('ArrowDown');
  await page.waitForSelector('[role="option"]');
  await page.keyboard.press('Enter');
  await page.waitForSelector('table[aria-label="How they came out"]');
  expect(page.url()).toMatch(/lot=P1126-1&lot=P11/);
});

test('every word of the trade in a view is one tap from its meaning', async () => {
  for (const view of ['/', '/plan', '/doughs/start-biga-cold-boost', '/lots/P1126-1']) {
    await goto(view);
    await click('[data-testid="words-here"]');
    await page.waitForSelector('[role="dialog"] dl');
    // A view that is still being worked out gains words.
    await page.waitForFunction(() => document.querySelectorAll('[role="dialog"] dt').length > 4);
    const words = await page.$$eval('[role="dialog"] dt', (all) =>
      all.map((one) => one.textContent),
    );
    expect(words).toContain(view.includes('biga') ? 'biga' : 'window');
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.querySelector('[role="dialog"] dl') === null);
  }
});

test('a day is traced on a page, and the same leaves as a table', async () => {
  await goto('/records/trace?day=2026-11-26');
  const page1 = await textIn('main');
  expect(page1).toMatch(/Quay: 18 pizzas, of B1126-1/);
  const csv = await (await fetch(`${served.url}/records/trace.csv?day=2026-11-26`)).text();
  for (const code of ['B1126-1', 'D1126-1', 'P1125-2']) {
    expect(page1).toContain(code);
    expect(csv).toContain(code);
  }
  // The day is typed as people type: Thursday was yesterday.
  const day = (await page.waitForSelector('input[name="day"]'))!;
  await day.click({ count: 3 });
  await page.keyboard.type('wed');
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => location.search.includes('day=2026-11-25'));
  const refused = await fetch(`${served.url}/records/trace.pdf?day=soon`);
  expect(refused.status).toBe(400);
  expect(await refused.text()).toContain('Day: “soon” is not possible');
  expect(wrong).toEqual([]);
});
