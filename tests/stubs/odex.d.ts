/** The part of the solver that the tests use; its own sources do not pass our compiler's settings. */
export class Solver {
  constructor(dimension: number);
  solve(
    derivative: (x: number, y: [number, number]) => [number, number],
    from: number,
    start: [number, number],
    to: number,
    observe: (count: number, from: number, to: number, y: [number, number]) => boolean,
  ): unknown;
}
