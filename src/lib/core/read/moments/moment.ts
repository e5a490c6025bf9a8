import type { Mode } from '../../plan';
import type { Look } from './look';

interface FaultAt {
  readonly pin: number;
  readonly row: number;
  readonly over: number;
}

/** What a moment says, as facts, by its code. Pins, counts, lengths in mm, ids. */
export interface MomentFacts {
  /** Feet, clamps, every pin down. */
  readonly feet: { readonly machineId: string };
  readonly switch: { readonly mode: Mode; readonly from: number; readonly to: number; readonly machineId: string };
  readonly hole: { readonly hole: number; readonly holes: number; readonly yarn: string | null; readonly strands: number; readonly stretch: 'little' | 'some' | 'much' }; // prettier-ignore
  /** Slack from the ball, the gate open until the cast-on is laid. */
  readonly slack: { readonly castOn: boolean };
  readonly tail: { readonly mm: number; readonly pin: number };
  readonly woven: { readonly from: number; readonly to: number; readonly whole: boolean; readonly card: boolean };
  readonly wrapped: { readonly from: number; readonly to: number; readonly card: boolean };
  readonly hung: { readonly from: number; readonly to: number; readonly whole: boolean };
  readonly gate: { readonly counts: boolean };
  readonly flick: { readonly pin: number; readonly far: number };
  readonly zero: Record<never, never>;
  /** Where it is stopped for a new yarn: so many pins before the marker, or at the edge of a panel. */
  readonly stop: { readonly yarn: string; readonly tube: boolean; readonly before: number; readonly pin: number };
  readonly oldOut: { readonly mm: number; readonly waste: boolean };
  readonly newIn: { readonly yarn: string; readonly mm: number; readonly first: 'drop' | 'tie' | null };
  /** The rows themselves. */
  readonly turning: { readonly pin: number | null; readonly far: number | null; readonly slow: boolean };
  readonly rise: { readonly pin: number; readonly row: number };
  readonly lift: { readonly pin: number; readonly row: number };
  readonly aside: { readonly pin: number };
  readonly halfUp: { readonly from: number; readonly to: number };
  readonly three: { readonly pin: number; readonly inner: number; readonly nearest: number };
  readonly four: { readonly pin: number; readonly inner: number; readonly nearest: number; readonly deepest: number };
  readonly fourDouble: MomentFacts['four'];
  readonly one: { readonly pin: number; readonly inner: number };
  readonly below: { readonly pin: number; readonly next: number };
  readonly take: { readonly stitches: number; readonly from: number; readonly to: number };
  /** Pins down, yarn under the bumper beside a pin, back into the guide. */
  readonly back: { readonly pin: number };
  readonly cutHere: { readonly mm: number; readonly newMm: number; readonly pin: number };
  readonly newEnd: { readonly pin: number };
  readonly cards: { readonly after: readonly number[]; readonly cardMm: number | null };
  readonly over: { readonly pin: number };
  readonly roundCard: { readonly pin: number };
  readonly offPin: { readonly pins: readonly number[] };
  readonly runsDown: { readonly pins: readonly number[] };
  readonly cutTail: { readonly mm: number; readonly turns: number | null; readonly thread: string | null; readonly doubled: boolean }; // prettier-ignore
  /** `empty`: nearly all the way round, before any stitch is lifted. */
  readonly noYarn: { readonly empty: boolean };
  readonly needle: { readonly pin: number; readonly stitches: number; readonly thread: string | null; readonly threads: number }; // prettier-ignore
  readonly taken: { readonly stitches: number; readonly live: boolean; readonly threads: number };
  readonly drawThrough: { readonly stitches: number };
  readonly hookTwo: { readonly pin: number; readonly next: number };
  readonly hookOn: { readonly next: number; readonly panel: boolean };
  readonly hookEnd: { readonly mm: number };
  readonly cutWaste: Record<never, never>;
  readonly fall: { readonly panel: boolean };
  /** Something went wrong at a pin, in a row of the work, over so many rows. */
  readonly markIt: FaultAt;
  readonly pushDown: FaultAt;
  readonly setWhole: FaultAt;
  readonly liftOff: FaultAt;
  readonly tearBack: FaultAt;
  /** A new ball of the same yarn, wherever the old one ended. */
  readonly newBall: FaultAt & { readonly yarn: string; readonly mm: number };
}
export type MomentCode = keyof MomentFacts;

/** What is seen: the pins close up, or a part of the machine. */
export type Sight =
  | { readonly of: 'pins'; readonly look: Look }
  /** The whole ring from above with the mode switch and the marker at the guide. */
  | { readonly of: 'ring'; readonly mode: Mode; readonly from: number; readonly to: number; readonly set: boolean }
  /** The tension guide and the yarn's way from the ball. */
  | { readonly of: 'way'; readonly hole: number; readonly holes: number; readonly yarn: number | null; readonly strands: number; readonly slack: boolean } // prettier-ignore
  | { readonly of: 'counter' };

/** One thing a hand does: what it is called, and what is seen as it begins. */
export type Moment = {
  readonly [C in MomentCode]: { readonly code: C; readonly facts: MomentFacts[C]; readonly sight: Sight };
}[MomentCode];
