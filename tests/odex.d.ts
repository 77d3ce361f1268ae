/** A general-purpose extrapolation solver for ordinary differential equations: what the tests use of it. */
export declare class Solver {
  constructor(dimension: number);
  absoluteTolerance: number;
  relativeTolerance: number;
  maxSteps: number;
  solve(
    f: (x: number, y: number[]) => number[],
    fromX: number,
    y0: number[],
    toX: number,
  ): { y: number[]; outcome: number; nEval: number };
}
