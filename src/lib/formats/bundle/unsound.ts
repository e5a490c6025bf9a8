/** Reasons shown at once. */
export const MOST_REASONS = 12;

/** A bundle is not what it must be. */
export class Unsound extends Error {
  constructor(readonly reasons: readonly string[]) {
    super(reasons[0]);
  }
}

/** Gives up reading. @throws Unsound with the first of the reasons */
export const stop = (...reasons: string[]): never => {
  throw new Unsound(reasons.slice(0, MOST_REASONS));
};
