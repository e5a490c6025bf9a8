/** A loop on a pin. Where several hang on one pin, the lower comes first. */
export interface PinLoop {
  readonly pin: number;
  /** Index of its yarn in the fabric; null for a loop of the cast-on strip. */
  readonly yarn: number | null;
}

/** Where a loop is, or goes to. */
export type Spot =
  | { readonly on: 'pin'; readonly pin: number }
  /** On a needle or hook, with or without a thread. */
  | { readonly on: 'tool' }
  /** In the fabric below a pin: the row of the piece, waste and all, from 1. */
  | { readonly on: 'fabric'; readonly pin: number; readonly row: number }
  /** Off every pin, in the middle of the ring. */
  | { readonly on: 'middle' };

/** One loop that a hand moves, in its order from 1. */
export interface Move {
  readonly order: number;
  readonly from: Spot;
  readonly to: Spot;
}

/** How the yarn passes a pin in a cast-on, or a card. */
export interface Lay {
  readonly pin: number;
  readonly way: 'front' | 'behind' | 'round' | 'card';
}

/** The working yarn. */
export interface WorkingYarn {
  /** Index in the fabric. */
  readonly yarn: number;
  /** Pin beside which it leaves the work: the edge of a panel, the marker's first pin in a tube. */
  readonly pin: number;
  /** Led by the guide, laid aside out of it, or cut with its end in the middle. */
  readonly where: 'guide' | 'aside' | 'cut';
  /** Pin beyond whose outer side it lies under the bumper; null where it does not matter. */
  readonly bumper: number | null;
}

type Tool = 'pick' | 'needle' | 'hook' | 'scissors';

/** What the pins look like at one moment: loops, yarn and what a hand does to them. */
export interface Look {
  /** Pins that are drawn close up, from left to right as seen from the middle. */
  readonly shown: readonly number[];
  /** Pins of the ring, and those that mark where a row begins. */
  readonly ring: number;
  readonly marked: readonly number[];
  readonly loops: readonly PinLoop[];
  /** Yarns of the rows that hang below them, the newest first. */
  readonly below: readonly number[];
  readonly risen: readonly { readonly pin: number; readonly by: 'half' | 'full' }[];
  readonly moves: readonly Move[];
  readonly lay: readonly Lay[];
  readonly working: WorkingYarn | null;
  readonly gate: 'open' | 'closed' | null;
  /** Ends that hang in the middle, or lie ready, mm long. */
  readonly tails: readonly { readonly pin: number; readonly yarn: number; readonly mm: number }[];
  /** Pins behind which a card stands. */
  readonly cards: readonly number[];
  readonly tool: Tool | null;
  /** Loops that a thread or needle holds. */
  readonly held: number;
  /** Which way the next turn goes over the pins: up their numbers, down, or round and round; null while nothing turns. */
  readonly turn: 'up' | 'down' | 'round' | null;
}
