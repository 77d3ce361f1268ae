import { demoShop } from '../../../tests/demo-shop';
import { isAct } from '@/core/journal';
import { EIGHTY_PERCENT, seededNormal } from '@/core/numeric';
import { hoursBetween } from '@/core/units';
import { listBakes } from '@/data';
import { forecastState, loadShop } from '../shop-state';
import { oddsOfBake, worstHalfHour } from './odds-of-bake';

const { context } = demoShop();
const state = loadShop(context);
const forecast = forecastState(context, state);
const ahead = listBakes(context.db).filter((bake) => bake.readyFromMs > state.nowMs);

test('the chance of a service is that of all its half hours: never more than its worst', () => {
  expect(ahead.length).toBeGreaterThan(3);
  for (const bake of ahead) {
    const whole = oddsOfBake(bake, forecast)!;
    expect(whole).toBeGreaterThanOrEqual(0);
    expect(whole).toBeLessThanOrEqual(worstHalfHour(bake, forecast));
  }
  const asked = ahead[0]!;
  const half = { ...asked, readyToMs: asked.readyFromMs + 1_800_000 };
  expect(oddsOfBake(half, forecast)).toBeGreaterThan(oddsOfBake(asked, forecast)!);
});

test('it is the share of runs whose lots are all open from their first instant to their last', () => {
  for (const bake of ahead) {
    const turns = forecast.acts.flatMap(({ act, atMs, bakeId }) =>
      bakeId === bake.id && isAct(act, 'use')
        ? [{ lot: forecast.lots.get(act.lotId)!, fromMs: atMs, toMs: act.untilMs }]
        : [],
    );
    const normal = seededNormal(11);
    const draws = 20_000;
    let held = 0;
    for (let i = 0; i < draws; i += 1) {
      const z = normal();
      const all = turns.every(({ lot: { window, band, story }, fromMs, toMs }) => {
        const hour = (atMs: number) => hoursBetween(story.startMs, atMs);
        const moment = (atMs: number | null, around: readonly [number, number] | null) => {
          if (atMs === null) return Infinity;
          if (around === null) return hour(atMs);
          const side = Math.abs(Math.log(around[z < 0 ? 0 : 1] / hour(atMs)));
          return hour(atMs) * Math.exp((z * side) / EIGHTY_PERCENT);
        };
        return (
          moment(window.opensMs, band?.opensH ?? null) <= hour(fromMs) &&
          moment(window.closesMs, band?.closesH ?? null) > hour(toMs)
        );
      });
      if (all) held += 1;
    }
    expect(Math.abs(oddsOfBake(bake, forecast)! - held / draws)).toBeLessThan(0.02);
  }
});

test('a service that no balls are planned for has no chance to tell', () => {
  expect(oddsOfBake({ ...ahead[0]!, id: 'none' }, forecast)).toBeNull();
});
