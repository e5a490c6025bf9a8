import type { Device } from './device';
import { readLine } from './lines';

/** How a simulated crank turns, and what goes wrong on its wire. */
export interface CrankOptions {
  readonly turnsPerMinute: number;
  /** How unevenly, as a share of a turn. */
  readonly jitter: number;
  /** Share of turns whose switch bounces, and of lines that are lost. */
  readonly doubles: number;
  readonly missed: number;
  /** The sensor numbers its turns. */
  readonly numbered: boolean;
  readonly seed: number;
}

/** One turn of it: how long it takes, and the lines it sends, with their delays within the turn. */
export interface Turned {
  readonly ms: number;
  readonly lines: readonly { readonly after: number; readonly text: string }[];
}

/** Numbers that look random and are the same every time (Park and Miller, Communications of the ACM 31, 1988). */
const random = (seed: number) => () => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647;

/**
 * The turns of a simulated crank, without end.
 *
 * @example turnsOf({ turnsPerMinute: 60, jitter: 0, doubles: 0, missed: 0, numbered: true, seed: 1 }).next().value
 * // { ms: 1000, lines: [{ after: 1000, text: 'turn 1' }] }
 */
export function* turnsOf(options: CrankOptions): Generator<Turned, never> {
  const next = random(options.seed);
  const usual = 60_000 / options.turnsPerMinute;
  for (let n = 1; ; n++) {
    const ms = Math.max(1, Math.round(usual * (1 + (2 * next() - 1) * options.jitter)));
    const text = options.numbered ? `turn ${n}` : 'turn';
    const [lost, bounced] = [next() < options.missed, next() < options.doubles];
    const bounce = ms + 5 + Math.round(next() * 25);
    yield { ms, lines: lost ? [] : [{ after: ms, text }, ...(bounced ? [{ after: bounce, text }] : [])] };
  }
}

/** A crank that turns by itself, for the test bench and for proofs: the same lines a sensor would send. */
export const virtualCrank = (options: CrankOptions): Device => ({
  kind: 'crank',
  name: 'Virtual crank',
  open: (hear) => {
    const turns = turnsOf(options);
    const began = performance.now();
    let due = 0;
    const timers = new Set<ReturnType<typeof setTimeout>>();
    let on = true;
    const at = (ms: number, then: () => void): void => {
      const timer = setTimeout(() => {
        timers.delete(timer);
        if (on) then();
      }, Math.max(0, began + ms - performance.now())); // prettier-ignore
      timers.add(timer);
    };
    const turn = (): void => {
      const { ms, lines } = turns.next().value;
      for (const { after, text } of lines) {
        at(due + after, () => {
          const heard = readLine(text, performance.now());
          if (heard) hear(heard);
        });
      }
      due += ms;
      at(due, turn);
    };
    turn();
    return Promise.resolve(() => {
      on = false;
      for (const timer of timers) clearTimeout(timer);
    });
  }
});
