import type { Page } from 'puppeteer-core';
import { press, pressButton, type Served, stillBox, textOf, type, waitForText } from './browser';
import { journey } from './journey';

let served: Served;
let page: Page;
let wrong: string[];

const { goto } = journey({ mode: 'own', nowIso: '2026-11-26T11:00:00Z' }, (made) => {
  ({ served, page, wrong } = made);
});

const row = (id: string) =>
  page.$eval(`[data-row="${id}"]`, (element) =>
    [...element.querySelectorAll('th,td')].map(
      (cell) => cell.textContent?.replace(/\u202f/g, '') ?? '',
    ),
  );

/**
 * Waits until the line of the hands says what was just done. What is told of a service takes its place once the chance is known,
 * before or after: it is seen.
 */
async function justDone(what: string): Promise<void> {
  await page.waitForFunction(
    (wanted: string) => {
      const buttons = [...document.querySelectorAll('button')];
      buttons.find((one) => one.textContent === 'Seen')?.click();
      return new RegExp(`Just done\\s+\\d\\d:\\d\\d ${wanted}`).test(document.body.innerText);
    },
    {},
    what,
  );
}

/** The hour on the card of a step. */
const cardClock = (title: string) =>
  page.$$eval(
    'section[aria-label="Hands"] li',
    (cards, wanted) => {
      const card = cards.find((one) => one.textContent?.includes(wanted));
      return /\d\d:\d\d/.exec(card?.textContent ?? '')?.[0] ?? '';
    },
    title,
  );

test('an empty shop says what to do first', async () => {
  await goto('/');
  const text = await textOf(page);
  expect(text).toContain('Plan a first bake');
  expect(text).toContain('How many pizzas, and when?');
});

test('a form with letters, −3 balls, 400 °C or a bake in the past gets a sentence, nothing is stored', async () => {
  await goto('/bakes/new');
  const refused: readonly [string, string, string, string][] = [
    ['balls', 'forty', '40', 'Balls: forty is not possible. Allowed: 1 to 2000.'],
    ['balls', '-3', '40', 'Balls: −3 is not possible. Allowed: 1 to 2000.'],
    ['roomC', '400', '21', 'Room: 400 °C is not possible. Allowed: 0 to 40 °C.'],
  ];
  for (const [field, bad, good, sentence] of refused) {
    await type(page, `input[name="${field}"]`, bad);
    await waitForText(page, sentence);
    expect(await page.$('[data-row="together"]')).toBeNull();
    await type(page, `input[name="${field}"]`, good);
    await page.waitForSelector('[data-row="together"]');
  }
  served.setNow('2026-11-30T11:00:00Z');
  await pressButton(page, 'Take this bake');
  await waitForText(page, 'Ready from: that hour has passed. Allowed: after 2026-11-30 12:00.');
  served.setNow('2026-11-26T11:00:00Z');
  await goto('/log');
  expect(await textOf(page)).toContain('Nothing logged yet');
});

test('forty balls of 250 g for Friday 18:00: grams that add up and hours, taken into the plan', async () => {
  await goto('/bakes/new');
  await type(page, 'input[name="balls"]', '40');
  await type(page, 'input[name="ballG"]', '250');
  await page.waitForSelector('[data-row="together"]');
  const [, whole, , poolish, final] = await row('together');
  expect(Number(poolish) + Number(final)).toBeCloseTo(Number(whole), 5);
  const flour = await row('flour-00');
  expect(Number(flour[3]) + Number(flour[4])).toBe(Number(flour[1]));
  await waitForText(page, '8 in 10');
  expect(await textOf(page)).toMatch(
    /poolish ripe Fri \d\d:\d\d–Fri \d\d:\d\d, best Fri \d\d:\d\d; 8 in 10 .* Dose [\d.]+ %/,
  );
  await pressButton(page, 'Take this bake');
  await waitForText(page, 'Build Friday poolish');
  expect(await textOf(page)).toContain('Mix Friday dough');
});

test('the poolish is done forty minutes late, a look is logged, the mix is moved, and all of it is there after a reload', async () => {
  const before = await cardClock('Build Friday poolish');
  const [hour = 0, minute = 0] = before.split(':').map(Number);
  const day = hour < 12 ? '27' : '26';
  const late = new Date(Date.UTC(2026, 10, Number(day), hour - 1, minute + 40));
  served.setNow(late.toISOString());
  await goto('/');
  expect(await textOf(page)).toContain('40 min overdue');
  await page.keyboard.press('d');
  await waitForText(page, 'Build Friday poolish: done.');
  await waitForText(page, 'Next, in');
  expect(await textOf(page)).toMatch(/not at peak|\d+ min before/);

  served.setNow(new Date(late.getTime() + 7.5 * 3_600_000).toISOString());
  await goto('/');
  await press(page, 'Log a look');
  await page.waitForSelector('input[type="range"]');
  const box = await stillBox(page, '.MuiSlider-root');
  // The jar reads ×4 at its rim and nothing at its floor: this is ×2.8.
  await page.mouse.click(box.x + box.width / 2, box.y + box.height * 0.3);
  await press(page, 'domed');
  await press(page, 'Log this look');
  await page.waitForFunction(
    () => /Friday poolish is (\d+ min (ahead|behind)|as forecast)/.test(document.body.innerText),
    { timeout: 20_000 },
  );

  await justDone('Looked at');
  await page.keyboard.press('o');
  await waitForText(page, 'Set to the leaven’s best');
  await page.evaluate(() => {
    [...document.querySelectorAll('button')]
      .find((one) => one.textContent?.includes('Set to the leaven’s best'))
      ?.click();
  });
  await press(page, 'Move');
  await waitForText(page, 'Mix Friday dough: moved');
  await waitForText(page, 'at best').catch(async () => {
    throw new Error(await textOf(page));
  });
  const moved = await cardClock('Mix Friday dough');
  await page.reload({ waitUntil: 'networkidle2' });
  const after = await textOf(page);
  expect(await cardClock('Mix Friday dough')).toBe(moved);
  expect(after).toContain('Looked at Friday poolish');
});

test('killed right after a confirmed step, nothing is lost', async () => {
  const [hour = 0, minute = 0] = (await cardClock('Mix Friday dough')).split(':').map(Number);
  served.setNow(new Date(Date.UTC(2026, 10, 27, hour - 1, minute)).toISOString());
  await goto('/');
  await page.keyboard.press('d');
  await waitForText(page, 'Mix Friday dough: done.');
  await served.kill();
  await served.restart();
  await goto('/');
  await justDone('Mix Friday dough');
  expect(await textOf(page)).toContain('Ball Friday');
});

test('undo takes a done step back into the plan', async () => {
  await goto('/log');
  await page.evaluate(() => {
    const made = [...document.querySelectorAll('tr')].find((one) =>
      one.textContent?.includes('Made Friday dough'),
    );
    made?.querySelector('button')?.click();
  });
  await waitForText(page, 'taken back');
  await goto('/');
  expect(await textOf(page)).toMatch(/Next[^\n]*\nMix Friday dough/);
});

test('the shop’s places can be changed, and a wrong one is refused by name', async () => {
  await goto('/shop');
  await press(page, 'Change Bench');
  await type(page, 'form[aria-label="Bench"] input[name="tempC"]', '400');
  await page.click('form[aria-label="Bench"] button[type="submit"]');
  await waitForText(page, 'Temperature: 400 °C is not possible. Allowed: −30 to 45 °C.');
  await type(page, 'form[aria-label="Bench"] input[name="tempC"]', '23');
  await page.click('form[aria-label="Bench"] button[type="submit"]');
  await waitForText(page, 'Bench: 23° from now on.');
});

test('a code that no lot has gets the product’s own page', async () => {
  await goto('/lots/P0000-9');
  expect(await textOf(page)).toContain('This shelf is empty');
});

test('no request left the machine, nothing broke the content policy, no page failed', () => {
  expect(wrong).toEqual([]);
});
