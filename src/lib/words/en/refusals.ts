import type { RefusalFacts } from '$lib/core/hand';
import type { RunName, ShownSide, TailEnd } from '$lib/core/plan';
import type { Talk } from '../talk';
import type { Words } from '../words';

const RUNS: Readonly<Record<RunName | 'row' | 'pin' | 'corners', string>> = {
  'cast-on': 'cast-on edge',
  'hung-off': 'last edge',
  side: 'side',
  held: 'held stitches',
  'first-end': 'first closed end',
  'last-end': 'last closed end',
  upper: 'upper long edge',
  lower: 'lower long edge',
  fold: 'fold',
  row: 'row',
  pin: 'pin',
  corners: 'corners'
};

/** Rows and pins by the knitter's own words. */
const nameOf = (run: keyof typeof RUNS, t: Talk): string =>
  run === 'row' ? t.terms.row : run === 'pin' ? t.terms.pin : RUNS[run];

/** Which edge of which piece, in the middle of a sentence. */
export const edgeOf = (run: RunName | 'row' | 'pin' | 'corners', piece: number, t: Talk): string =>
  `the ${nameOf(run, t)} of the ${t.piece(piece)}`;

/** Where an own tail hangs. */
const tailPlace = (edge: TailEnd, piece: number, t: Talk): string =>
  edge === 'old-end' || edge === 'new-end' ? `the cut of the ${t.piece(piece)}` : edgeOf(edge, piece, t);

const OUT: Readonly<Record<RefusalFacts['out-already']['out'], string>> = {
  knit: 'the knit side',
  purl: 'the purl side',
  first: 'the first half',
  last: 'the last half',
  back: 'the back layer'
};

/** What shows, in the middle of a sentence. */
const shown = ({ half, face }: ShownSide): string =>
  `the ${face} side${half === 'whole' ? '' : ` of its ${half} rows`}`;

const the = (piece: number, t: Talk): string => `the ${t.piece(piece)}`;

/** Why hands cannot do something. */
export const refusals: Words['refusals'] = {
  'not-off': (f, t) => `${the(f.piece, t)} is not off the machine yet`,
  'nothing-there': (f, t) =>
    `there is no ${f.run === 'row' || f.run === 'pin' ? `such ${nameOf(f.run, t)}` : nameOf(f.run, t)} on ${the(f.piece, t)} to work on`,
  'used-up': (f, t) => `${edgeOf(f.run, f.piece, t)} is joined, bound or drawn already`,
  uneven: (f, t) => `loop meets loop, and ${t.num(f.a)} do not meet ${t.num(f.b)} on ${the(f.piece, t)}`,
  apart: (f, t) => `the edges named on ${the(f.piece, t)} do not lie beside each other`,
  'no-ring': (f, t) =>
    `that edge of ${the(f.piece, t)} is no ring yet: its two ends do not meet, and a slit would stay beside the seam`,
  'not-folded': (f, t) => `${the(f.piece, t)} is not folded for it: the edges do not lie on each other`,
  'faces-away': (f, t) => `joined like this, ${the(f.piece, t)} would face the wrong way`,
  'waste-unheld': (f, t) => `${t.many(f.loops, 'live loop is', 'live loops are')} held by nothing but the waste at ${edgeOf(f.edge, f.piece, t)}`, // prettier-ignore
  'no-waste': (f, t) => `there is no waste at ${edgeOf(f.edge, f.piece, t)}`,
  'no-separator': (f, t) => `there is no separator ${t.terms.row} at ${edgeOf(f.edge, f.piece, t)} to pull`,
  'waste-on': (f, t) => `the waste is still at ${edgeOf(f.edge, f.piece, t)}`,
  'not-threaded': (f, t) => `${edgeOf(f.edge, f.piece, t)} is on no thread`,
  sealed: (f, t) => `no hand reaches inside ${the(f.piece, t)}: it is closed all round`,
  'tail-caught': (f, t) => `a loose tail of ${the(f.piece, t)} would be shut in where no hand reaches it`,
  'other-side': (f, t) => `that is worked on the other side of ${the(f.piece, t)}: turn it inside out first`,
  'no-way-through': (f, t) => `${the(f.piece, t)} has no opening that it could be turned inside out through`,
  'brim-up': (f, t) => `the brim of ${the(f.piece, t)} is turned up; turn it down before turning the piece inside out`,
  'not-tube': (f, t) => `${the(f.piece, t)} is no tube`,
  'not-closed': (f, t) => `${the(f.piece, t)} must be closed at both ends, or lie flat, first`,
  'folded-already': (f, t) => `${the(f.piece, t)} is folded already`,
  'closed-body': (f, t) => `${the(f.piece, t)} is closed: filling can no longer go in`,
  'filled-already': (f, t) => `${the(f.piece, t)} is filled already`,
  'eyes-late': (f, t) => `safety eyes are pressed through from inside, and ${the(f.piece, t)} is filled or closed`,
  'not-filled': (f, t) => `${the(f.piece, t)} is not filled yet: a waist would slip`,
  'rungs-closed': (f, t) => `the rungs of ${the(f.piece, t)} never ran down, or are chained already`,
  'none-left': (f, t) => `no loop was left out at ${t.pin(f.pin)} of ${the(f.piece, t)}`,
  'no-tail': (f, t) => `there is no tail of ${the(f.piece, t)} to hand`,
  'out-of-reach': (f, t) => `the tail at ${tailPlace(f.edge, f.piece, t)} hangs where no hand gets hold of it`,
  'tail-elsewhere': (f, t) =>
    `the tail at ${tailPlace(f.edge, f.piece, t)} does not hang where this begins: lead it there first`,
  'tail-short': (f, t) =>
    `the tail at ${tailPlace(f.edge, f.piece, t)} has ${t.cut(f.hasMm)} left, and this takes ${t.cut(f.takesMm)} with a hand's length to hold`,
  'no-channel': (f, t) => `${the(f.piece, t)} has no channel`,
  'no-cord': (f, t) => `no cord is made for ${the(f.piece, t)}`,
  'none-dropped': (f, t) => `no stitch of ${the(f.piece, t)} waits at ${t.pin(f.pin)} to be latched up`,
  'no-floats': (f, t) => `${the(f.piece, t)} has no floats to latch up`,
  'floats-loose': (f, t) => `the floats of ${the(f.piece, t)} are not latched up yet`,
  'out-already': (f, t) => `${OUT[f.out]} of ${the(f.piece, t)} is out already`,
  'nothing-to-hang': (f, t) => `there are not so many of ${the(f.piece, t)}`
};

/** What would be left undone. */
export const left: Words['left'] = {
  loops: (f, t) => `${t.many(f.count, 'live loop', 'live loops')} would stay open at ${edgeOf(f.run, f.piece, t)}`,
  waste: (f, t) => `the waste would stay at ${edgeOf(f.edge, f.piece, t)}`,
  thread: (f, t) => `${t.stitches(f.count)} would stay on a thread at ${edgeOf(f.run, f.piece, t)}`,
  rungs: (f, t) => `${t.many(f.count, 'rung', 'rungs')} of ${the(f.piece, t)} would stay open`,
  gathered: (f, t) => `the gathered end of ${the(f.piece, t)} would stay open`,
  tails: (f, t) => `${t.many(f.count, 'tail', 'tails')} in ${t.yarn(f.yarn)} would stay loose on ${the(f.piece, t)}`,
  dropped: (f, t) => `the stitch that was dropped at ${t.pin(f.pin)} of ${the(f.piece, t)} would run`,
  floats: (f, t) => `the floats of ${the(f.piece, t)} would never be latched up`,
  pouch: (f, t) => `${the(f.piece, t)} would be folded and not sewn up on both sides`,
  lining: (f, t) => `nothing would hold the lining of ${the(f.piece, t)} in place`,
  cord: (f, t) => `a cord would be made for ${the(f.piece, t)} and never threaded`,
  shut: (f, t) => `${the(f.piece, t)} would have no ${f.opening.replaceAll('-', ' ')}`,
  'wrong-side': (f, t) =>
    `${the(f.piece, t)} would show ${shown(f.shows)} ${f.where}, where ${shown(f.promised)} belongs`,
  'ridge-out': (f, t) => `the ridge of a seam of ${the(f.piece, t)} would lie outside, where it shows`,
  hole: (f, t) => `${the(f.piece, t)} would have an opening of ${t.len(f.girthMm)} that is not meant to be there`
};
