import { asItStands, jarOf, standing, type Jar } from './jar';
import { nothingYet } from '../forecast/stories';
import { forecastLot, type LotForecast, type LotStory, type Places } from '../forecast';
import { STATE_SIZE, X } from '../kinetics';
import { isWorking } from '../planner';
import { addHours, hoursBetween, MS_PER_HOUR } from '../units';
import { curveOf, risingOf } from './feed-picture';
import { ripeMs } from './feed';
import type { ThawQuestion, ThawPlan, ThawAnswer } from './thaw-question';

/** Core temperature at which the ice is gone, °C. */
const THAWED_C = -1.5;
/** Hours in a fridge that a plan tries, longest first only where no others fit. */
const LONGEST_FRIDGE_H = 36;
const LONGEST_ROOM_H = 30;
const STEP_H = 0.5;
const NEAR_H = 0.2;

/**
 * The thaw worked out backwards: the fridge until the core has thawed (by weight for a lump, by thickness for a flat
 * bag), then the room until it has risen. The hands’ hours count.
 */
export function thawPlan(question: ThawQuestion): ThawAnswer {
  const thaw = new Thaw(question);
  const thawedH = thaw.hoursToThaw();
  const shortest = Math.min(
    LONGEST_FRIDGE_H,
    Math.ceil((thawedH ?? LONGEST_FRIDGE_H) / STEP_H) * STEP_H,
  );
  let never = true;
  let night: Hours | null = null;
  for (let fridgeH = shortest; fridgeH <= LONGEST_FRIDGE_H + STEP_H; fridgeH += STEP_H) {
    const found = thaw.back(fridgeH);
    if (found === null) continue;
    never = false;
    if (found.outMs < question.nowMs) break;
    if (thaw.handsWork(found.outMs) && thaw.handsWork(found.roomMs)) {
      return { ...thaw.drawn(found), thawedH };
    }
    night ??= found;
  }
  if (night !== null) return { ...thaw.drawn(night), thawedH, atNight: true };
  return thaw.atOnce(never, thawedH);
}

interface Hours {
  readonly outMs: number;
  readonly roomMs: number;
}

class Thaw {
  private readonly places: Places;

  constructor(private readonly question: ThawQuestion) {
    this.places = new Map(question.places.map((one) => [one.id, one]));
  }

  handsWork(atMs: number): boolean {
    const { workingHours, timeZone } = this.question;
    return isWorking(atMs, workingHours, timeZone);
  }

  /** Hours in the fridge until the core is free of ice; null where it does not come to that. */
  hoursToThaw(): number | null {
    const outMs = this.question.nowMs;
    const { run } = this.run({ outMs, roomMs: addHours(outMs, 96) });
    for (let row = 0; row < run.length; row += 1) {
      const coreC = run.states[row * STATE_SIZE + X.coreC] ?? 0;
      if (coreC >= THAWED_C) return run.hours[row] ?? null;
    }
    return null;
  }

  /** The hours that make it ready at the wanted one, after so long in the fridge; null where it never is. */
  back(fridgeH: number): Hours | null {
    const { readyMs } = this.question;
    let roomMs = addHours(readyMs, -6);
    for (let i = 0; i < 8; i += 1) {
      const hours = { outMs: addHours(roomMs, -fridgeH), roomMs };
      const ms = ripeMs(this.run(hours));
      if (ms === null || hoursBetween(roomMs, ms) > LONGEST_ROOM_H) return null;
      const missedH = hoursBetween(readyMs, ms);
      if (Math.abs(missedH) < NEAR_H) break;
      roomMs = addHours(roomMs, -missedH);
    }
    const quarter = MS_PER_HOUR / 4;
    roomMs = Math.round(roomMs / quarter) * quarter;
    return { outMs: addHours(roomMs, -fridgeH), roomMs };
  }

  /** Taken out now and thawed in the room: the soonest there is. */
  atOnce(never: boolean, thawedH: number | null): ThawAnswer {
    const { nowMs, readyMs } = this.question;
    const soonest = { outMs: nowMs, roomMs: addHours(nowMs, 1 / 60) };
    const ms = ripeMs(this.run(soonest));
    if (ms === null) return { kind: 'no plan', because: 'never ready', earliestMs: null };
    if (never || ms > addHours(readyMs, 0.5)) {
      return { kind: 'no plan', because: never ? 'never ready' : 'too late', earliestMs: ms };
    }
    // There is time, though not for the fridge: into the room, so late that it is ready at the hour.
    const outMs = Math.max(nowMs, addHours(nowMs, hoursBetween(ms, readyMs)));
    return { ...this.drawn({ outMs, roomMs: addHours(outMs, 1 / 60) }), thawedH };
  }

  drawn(hours: Hours): ThawPlan {
    const whole = this.run(hours);
    const { window } = this.inRoom(whole, hours.roomMs);
    const ms = window.bestMs ?? window.opensMs;
    const drawn = { atMs: hours.outMs, forecast: whole };
    return {
      kind: 'plan',
      atNight: false,
      ...hours,
      fridgeH: hoursBetween(hours.outMs, hours.roomMs),
      thawedH: null,
      roomH: ms === null ? 0 : hoursBetween(hours.roomMs, ms),
      readyMs: ms,
      missedH: ms === null ? null : hoursBetween(this.question.readyMs, ms),
      window,
      risingMs: risingOf(drawn),
      curve: curveOf(drawn),
    };
  }

  /** The hours in the room with their band: what is not known of them does not reach back into the freezer. */
  private inRoom(whole: LotForecast, roomMs: number): LotForecast {
    const { jar, roomId } = this.question;
    const thawed = { ...jarOf(whole, roomMs, jar.culture), placeId: roomId };
    const story = this.story(roomMs, [{ placeId: roomId, fromMs: roomMs, toMs: null }]);
    return this.forecast(story, { jar: thawed, nowMs: roomMs, withBand: true });
  }

  /** From the freezer through the fridge into the room. */
  private run({ outMs, roomMs }: Hours): LotForecast {
    const { jar, fridgeId, roomId } = this.question;
    const story = this.story(outMs, [
      { placeId: fridgeId, fromMs: outMs, toMs: roomMs },
      { placeId: roomId, fromMs: roomMs, toMs: null },
    ]);
    return this.forecast(story, { jar, nowMs: roomMs, withBand: false });
  }

  private story(startMs: number, stays: LotStory['stays']): LotStory {
    const { lot } = this.question.jar;
    return {
      lot,
      tense: 'planned',
      startMs,
      start: asItStands(lot, 0, stays[0]?.placeId ?? lot.placeId),
      stays,
      ...nothingYet(),
    };
  }

  private forecast(
    story: LotStory,
    of: { readonly jar: Jar; readonly nowMs: number; readonly withBand: boolean },
  ): LotForecast {
    const { jar, nowMs, withBand } = of;
    const around = { places: this.places, pantry: this.question.pantry };
    return forecastLot(story, {
      // In the freezer nothing changes in the hours before it is taken out.
      runs: new Map([[jar.lot.id, standing(jar, jar.fromMs, around)]]),
      around,
      culture: { speed: jar.runSpeed, lnSd: jar.culture.lnSd },
      nowMs,
      withBand,
      stepH: 0.1,
    });
  }
}
