import type { ActOf, Edge, RunName, TailEnd } from '../plan';

/**
 * Why hands cannot do an act now: a code and its facts. One place words them, see words. A refusal is a stop: the step
 * must not have been planned.
 */
export interface RefusalFacts {
  /** The piece hangs on the machine still, or was never begun. */
  'not-off': { readonly piece: number };
  /** There is no such rim, end or row on the piece. */
  'nothing-there': { readonly piece: number; readonly run: RunName | 'row' | 'pin' | 'corners' };
  /** It is joined, bound or drawn already. */
  'used-up': { readonly piece: number; readonly run: RunName };
  /** Loop meets loop, and there are more of the one than of the other. */
  uneven: { readonly piece: number; readonly a: number; readonly b: number };
  /** The runs named do not lie beside each other on one rim. */
  apart: { readonly piece: number };
  /** A whole ring would be joined to an edge whose two ends do not meet yet. */
  'no-ring': { readonly piece: number };
  /** The runs do not lie on each other: it was not folded for it. */
  'not-folded': { readonly piece: number };
  /** Joined like this, one of the two would face the wrong way. */
  'faces-away': { readonly piece: number };
  'waste-unheld': { readonly piece: number; readonly edge: Edge; readonly loops: number };
  'no-waste': { readonly piece: number; readonly edge: Edge };
  'no-separator': { readonly piece: number; readonly edge: Edge };
  /** Loops hang on waste still, which is in the way. */
  'waste-on': { readonly piece: number; readonly edge: Edge };
  'not-threaded': { readonly piece: number; readonly edge: Edge };
  /** A closed tube, or layers with no way in: a hand cannot reach it. */
  sealed: { readonly piece: number };
  /** A loose tail would be shut up where no hand gets to it any more. */
  'tail-caught': { readonly piece: number };
  /** It is worked on the other side of the fabric: turn it first. */
  'other-side': { readonly piece: number };
  /** Nothing is open that it could be turned through. */
  'no-way-through': { readonly piece: number };
  /** The brim is turned up: it is turned down before anything is turned inside out. */
  'brim-up': { readonly piece: number };
  'not-tube': { readonly piece: number };
  /** It must lie flat, or be closed, first. */
  'not-closed': { readonly piece: number };
  'folded-already': { readonly piece: number };
  'closed-body': { readonly piece: number };
  'filled-already': { readonly piece: number };
  'eyes-late': { readonly piece: number };
  'not-filled': { readonly piece: number };
  'rungs-closed': { readonly piece: number };
  /** No loop was left out at that pin. */
  'none-left': { readonly piece: number; readonly pin: number };
  /** No tail is there to pull through the last loop, or to tie. */
  'no-tail': { readonly piece: number };
  /** It hangs where no hand gets hold of it now. */
  'out-of-reach': { readonly piece: number; readonly edge: TailEnd };
  /** It hangs at another place than the one where the job begins: lead it there first. */
  'tail-elsewhere': { readonly piece: number; readonly edge: TailEnd };
  /** It is shorter than the job takes and a hand's length to hold. */
  'tail-short': { readonly piece: number; readonly edge: TailEnd; readonly hasMm: number; readonly takesMm: number };
  'no-channel': { readonly piece: number };
  'no-cord': { readonly piece: number };
  /** No stitch was dropped there, or it is latched up already. */
  'none-dropped': { readonly piece: number; readonly pin: number };
  'no-floats': { readonly piece: number };
  'floats-loose': { readonly piece: number };
  'out-already': { readonly piece: number; readonly out: ActOf<'turn'>['out'] };
  'nothing-to-hang': { readonly piece: number };
}

export type RefusalCode = keyof RefusalFacts;

/** One refusal with its facts. */
export type Refusal = { readonly [C in RefusalCode]: { readonly code: C } & RefusalFacts[C] }[RefusalCode];

/** Every code, for tests that want each raised once. */
export const REFUSAL_CODES = [
  'not-off',
  'nothing-there',
  'used-up',
  'uneven',
  'apart',
  'no-ring',
  'not-folded',
  'faces-away',
  'waste-unheld',
  'no-waste',
  'no-separator',
  'waste-on',
  'not-threaded',
  'sealed',
  'tail-caught',
  'other-side',
  'no-way-through',
  'brim-up',
  'not-tube',
  'not-closed',
  'folded-already',
  'closed-body',
  'filled-already',
  'eyes-late',
  'not-filled',
  'rungs-closed',
  'none-left',
  'no-tail',
  'out-of-reach',
  'tail-elsewhere',
  'tail-short',
  'no-channel',
  'no-cord',
  'none-dropped',
  'no-floats',
  'floats-loose',
  'out-already',
  'nothing-to-hang'
] as const satisfies readonly RefusalCode[];
