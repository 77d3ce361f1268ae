import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { startingMethods } from '@/core/methods';
import { planMethod } from '@/core/planner';
import { requestFor } from '@/core/planner/week';
import { handsList } from '@/server/hands-list/hands-list';
import { settleOdds } from '@/server/odds/odds-of-bake';
import { archiveText } from '@/server/archive/write-archive';
import { culturesView } from '@/server/cultures/view';
import { tideView } from '@/server/tide';
import { demoShop } from './demo-shop';
import { demandFor, planningShop, startingMethod } from './fixtures/planning';

/**
 * What the program answers, pinned: a change of the house is to change none of it. Where an answer is meant to change, the
 * file is written anew (OLVIK_PIN=1) in the same commit, with the reason.
 */
const FOLDER = path.join(__dirname, 'pins');
/** Numbers may differ by so much of themselves, instants by so much. */
const SHARE = 2e-3;
const INSTANT_MS = 90_000;
const IS_INSTANT = 1e11;

function near(was: unknown, is: unknown, where: string): string[] {
  if (typeof was === 'number' && typeof is === 'number') {
    const within = Math.abs(was) > IS_INSTANT ? INSTANT_MS : Math.max(0.011, SHARE * Math.abs(was));
    return Math.abs(was - is) <= within ? [] : [`${where}: ${was} → ${is}`];
  }
  const [before, now] = [partsOf(was), partsOf(is)];
  if (before === null || now === null) {
    return was === is ? [] : [`${where}: ${JSON.stringify(was)} → ${JSON.stringify(is)}`];
  }
  const names = new Set([...before.keys(), ...now.keys()]);
  return [...names].flatMap((name) => near(before.get(name), now.get(name), `${where}.${name}`));
}

/** The parts of a list or an object by their names; null for what has none. */
const partsOf = (one: unknown): Map<string, unknown> | null =>
  typeof one === 'object' && one !== null ? new Map(Object.entries(one)) : null;

function pinned(name: string, answer: unknown): string[] {
  const file = path.join(FOLDER, `${name}.json`);
  const is = JSON.parse(JSON.stringify(answer)) as unknown;
  if (process.env['OLVIK_PIN'] === '1' || !existsSync(file)) {
    mkdirSync(FOLDER, { recursive: true });
    writeFileSync(file, `${JSON.stringify(is, null, 1)}\n`);
  }
  return near(JSON.parse(readFileSync(file, 'utf8')), is, name);
}

const shop = planningShop();

test.each(startingMethods().map(({ id }) => id))('the plan of a starting method: %s', (id) => {
  const demand = demandFor('2026-11-27T18:00', []);
  const method = { key: id, method: startingMethod(id), versionId: null };
  const plan = planMethod(requestFor(demand, method, shop));
  const told =
    plan.kind === 'infeasible'
      ? plan
      : {
          steps: plan.steps.map(({ atMs, act }) => [atMs, act.kind]),
          grams: plan.columns.rows.map((row) => [row.ingredientId, row.wholeG, row.finalG]),
          leavens: plan.columns.leavens.map((one) => [one.leaven.id, one.totalG, one.seedG]),
          opensMs: plan.balls.window.opensMs,
          closesMs: plan.balls.window.closesMs,
          remarks: plan.remarks.map((one) => one.kind),
        };
  expect(pinned(`plan-${id}`, told)).toEqual([]);
});

describe('the demo shop', () => {
  const { context } = demoShop();
  tideView(context);
  settleOdds(context);
  const view = tideView(context);

  test('its Tide', () => {
    const told = {
      strands: view.strands.map(({ lotId, name, tense, startMs, endMs, window }) => [
        ...[lotId, name, tense, startMs, endMs],
        ...[window.opensMs, window.bestMs, window.closesMs],
      ]),
      moments: view.moments.map(({ lines, atMs, title, foot }) => ({
        ...{ atMs, title, foot },
        lines: lines.map((line) => [line.label, line.massG ?? line.text ?? null]),
      })),
      services: view.services.map((service) => ({ ...service, bakeId: null })),
      bands: view.bands.map(({ placeId, tempC, load }) => [placeId, tempC, Math.max(...load)]),
    };
    expect(pinned('tide', told)).toEqual([]);
  });

  test('what the hands do', () => {
    const told = handsList(context).moments.map((moment) => ({ ...moment, stepId: null }));
    expect(pinned('hands', told)).toEqual([]);
  });

  test('its cultures, as they stand', () => {
    const { starters, chains } = culturesView(context, []);
    expect(pinned('cultures', { starters, chains })).toEqual([]);
  });

  test('its archive: every table, and the acts by their kinds', () => {
    const archive = JSON.parse([...archiveText(context)].join('')) as {
      tables: Record<string, { kind?: string; body?: { kind: string; act?: unknown } }[]>;
    };
    const kinds: Record<string, number> = {};
    for (const { kind } of archive.tables['journal'] ?? []) {
      kinds[kind ?? ''] = (kinds[kind ?? ''] ?? 0) + 1;
    }
    const rows = Object.entries(archive.tables).map(([name, all]) => [name, all.length]);
    expect(pinned('archive', { rows, kinds })).toEqual([]);
  });
});
