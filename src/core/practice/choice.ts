import { NO_DOUBT, readRequest, runRequest, type MassRequest } from '../forecast';
import type { RipeWindow } from '../ripeness';
import type { Judgement, PracticeRound } from './round';

/** What can be done with a jar, with the hour at which it is needed in mind. */
export const CHOICES = ['leave it', 'warmer place', 'colder place', 'build it anew'] as const;
export type Choice = (typeof CHOICES)[number];

/** Where a jar goes that is hurried or held, °C; one that stands warmer or colder already stays there. Set: a proofer, a cold cellar. */
const WARMER_C = 28;
const COLDER_C = 10;
const STEP_H = 0.1;
const LEAST_RUN_H = 12;

/** What comes of a choice at the hour at which the jar is needed. */
export interface ChoiceOutcome {
  readonly choice: Choice;
  readonly was: Judgement;
  /** Hours from the nearer end of its window; 0 inside. */
  readonly outsideH: number;
  /** Hours past its best, under 0 before it; null where it has none. */
  readonly offBestH: number | null;
}

/** What each choice would come to, the best first: inside the window, then closest to the best, then the least trouble. */
export function choiceOutcomes(round: PracticeRound): ChoiceOutcome[] {
  return CHOICES.map((choice) => outcomeOf(round, choice)).sort(
    (a, b) =>
      inQuarters(a.outsideH) - inQuarters(b.outsideH) ||
      inQuarters(Math.abs(a.offBestH ?? 0)) - inQuarters(Math.abs(b.offBestH ?? 0)) ||
      CHOICES.indexOf(a.choice) - CHOICES.indexOf(b.choice),
  );
}
/** Less than a quarter of an hour apart is the same. */
const inQuarters = (hours: number) => Math.round(hours * 4);

function outcomeOf(round: PracticeRound, choice: Choice): ChoiceOutcome {
  const { scene, atH, neededInH } = round;
  const request = requestWith(scene.request, choice, { atH, neededInH });
  const run = runRequest(request, NO_DOUBT, { stepH: STEP_H });
  const window = readRequest(request, run);
  const neededH = choice === 'build it anew' ? neededInH : atH + neededInH;
  return { choice, ...judgedAt(window, neededH) };
}

function judgedAt(
  { opensH, bestH, closesH }: RipeWindow,
  hour: number,
): Omit<ChoiceOutcome, 'choice'> {
  const offBestH = bestH === null ? null : hour - bestH;
  if (opensH === null) return { was: 'not yet', outsideH: Infinity, offBestH };
  if (hour < opensH) return { was: 'not yet', outsideH: opensH - hour, offBestH };
  if (closesH !== null && hour > closesH)
    return { was: 'late', outsideH: hour - closesH, offBestH };
  return { was: 'use', outsideH: 0, offBestH };
}

/** The same mass with another place from now on, or made again now where it was made. */
function requestWith(
  request: MassRequest,
  choice: Choice,
  { atH, neededInH }: { readonly atH: number; readonly neededInH: number },
): MassRequest {
  const [first] = request.stays;
  if (choice === 'leave it' || first === undefined) return request;
  const hours = Math.max(LEAST_RUN_H, neededInH + LEAST_RUN_H);
  if (choice === 'build it anew') {
    return { ...request, stays: [{ ...first, hours: Math.max(first.hours, hours) }] };
  }
  const stood = staysUntil(request, atH);
  const nowC = stood.at(-1)?.placeC ?? first.placeC;
  const placeC = choice === 'warmer place' ? Math.max(WARMER_C, nowC) : Math.min(COLDER_C, nowC);
  return { ...request, stays: [...stood, { placeC, hours }] };
}

/** The stays of a mass cut at an hour. */
function staysUntil({ stays }: MassRequest, atH: number): MassRequest['stays'] {
  let leftH = atH;
  return stays.flatMap((stay) => {
    const hours = Math.min(stay.hours, leftH);
    leftH -= hours;
    return hours > 0 ? [{ ...stay, hours }] : [];
  });
}
