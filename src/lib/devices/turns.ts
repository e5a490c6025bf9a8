import { median } from 'd3-array';

/** Two signals closer than this share of a usual turn are one turn, seen twice by a switch that bounces. */
const BOUNCE_SHARE = 0.35;
/** Nobody turns faster than this, ms to a turn: closer ones are bounces while no usual turn is known. */
const FASTEST_MS = 90;
/** From this many usual turns on a gap looks like a turn that was not seen; a longer one is a hand that rested. */
const MISSED_FROM = 1.7;
const RESTED_FROM = 2.6;
/** Turns that tell what is usual. */
const REMEMBERED = 9;
/** Hands do not keep time better than this: with less in the memory nothing is called missed. */
const ENOUGH = 5;

/** What one signal comes to. */
export interface Counted {
  /** Rows to count: none for a bounce, more than one where the sensor's own number tells that turns were lost on the way. */
  readonly rows: number;
  readonly as: 'turn' | 'double' | 'caught-up' | 'stale';
  /** A turn may have been missed before this one, and nobody knows: the knitter is asked, nothing is counted. */
  readonly doubt: boolean;
}

/** What was counted and corrected so far. */
export interface Tally {
  readonly turns: number;
  readonly doubles: number;
  readonly caughtUp: number;
  readonly doubts: number;
}

/**
 * Makes rows of signals: bounces are dropped, lost ones caught up where the sensor numbers its turns. What cannot be known is
 * said and never guessed.
 *
 * @example const count = new TurnCounter(); count.add({ at: 0, n: 1 }).rows // 1
 */
export class TurnCounter {
  #last: number | null = null;
  #number: number | null = null;
  readonly #gaps: number[] = [];
  #tally = { turns: 0, doubles: 0, caughtUp: 0, doubts: 0 };

  get tally(): Tally {
    return { ...this.#tally };
  }

  /** Turns a minute by the last of them; null until a few are known. */
  get perMinute(): number | null {
    const usual = this.#usual();
    return usual === null ? null : 60_000 / usual;
  }

  #usual(): number | null {
    return this.#gaps.length < ENOUGH ? null : median(this.#gaps)!;
  }

  add({ at, n }: { readonly at: number; readonly n: number | null }): Counted {
    return n === null ? this.#byTime(at) : this.#byNumber(at, n);
  }

  /** The sensor's number is the truth: the same one is a double, a jump is what was lost on the way. */
  #byNumber(at: number, n: number): Counted {
    const before = this.#number;
    if (before !== null && n === before) return this.#double();
    // A sensor that begins at one again was switched off and on; one that goes back a little repeats itself late.
    if (before !== null && n < before && n > 1) return { rows: 0, as: 'stale', doubt: false };
    this.#number = n;
    const rows = before === null || n < before ? 1 : n - before;
    this.#seen(at, rows);
    this.#tally.turns += rows;
    this.#tally.caughtUp += rows - 1;
    return { rows, as: rows > 1 ? 'caught-up' : 'turn', doubt: false };
  }

  #byTime(at: number): Counted {
    const usual = this.#usual();
    const gap = this.#last === null ? Infinity : at - this.#last;
    if (gap < Math.max(FASTEST_MS, (usual ?? 0) * BOUNCE_SHARE)) return this.#double();
    const doubt = usual !== null && gap > usual * MISSED_FROM && gap < usual * RESTED_FROM;
    this.#seen(at, doubt ? 2 : 1);
    this.#tally.turns += 1;
    if (doubt) this.#tally.doubts += 1;
    return { rows: 1, as: 'turn', doubt };
  }

  #double(): Counted {
    this.#tally.doubles += 1;
    return { rows: 0, as: 'double', doubt: false };
  }

  #seen(at: number, turns: number): void {
    const usual = this.#usual();
    if (this.#last !== null) {
      const each = (at - this.#last) / turns;
      // A rest says nothing about the pace.
      if (usual === null || each < usual * RESTED_FROM) this.#gaps.push(each);
      if (this.#gaps.length > REMEMBERED) this.#gaps.shift();
    }
    this.#last = at;
  }
}
