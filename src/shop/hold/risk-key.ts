/** Odds fall by so much before a baker who left it as it is is asked again. */
const STEP = 0.05;

/** A risk by its bake and its odds in steps: the same until they fall by a step. */
export function riskKey({
  bakeId,
  chance,
}: {
  readonly bakeId: string;
  readonly chance: number;
}): string {
  return `risk ${bakeId} ${Math.floor(chance / STEP + 1e-9)}`;
}
