import {
  type Act,
  type ActOf,
  choiceOption,
  type Edge,
  type Face,
  type JoinWay,
  type Promise,
  type RunRef,
  type ShownSide
} from '../../plan';
import { ENDS } from './options';
import type { OwnTail } from './tails';

/**
 * What hands do, put together by every kind from the same few lists. Only the order and the choices stand here:
 * counts and
 * lengths follow when `work` runs them.
 */

export const EDGES = ['cast-on', 'hung-off'] as const satisfies readonly Edge[];

/** How the tails of a change of colour end. */
export const joinOption = choiceOption({ group: ENDS, school: true, choices: ['knot', 'weave', 'machine'] });
export type JoinChoice = 'knot' | 'weave' | 'machine';

/** Two schools of closing a flat end, and the needle for those who want it flatter. */
export const closeOption = (...also: readonly 'needle'[]) =>
  choiceOption({
    group: ENDS,
    school: true,
    choices: ['loops', 'hook', ...also]
  });
export type CloseChoice = 'loops' | 'hook' | 'needle';

/** Stretch, rest and measure, before anything hides it. */
export const rest = (...pieces: readonly number[]): Act => ({ do: 'rest', pieces });

/** A tube turned so that this face of it lies outside. */
const turned = (piece: number, out: Face): Act => ({ do: 'turn', piece, out });

/**
 * Work on the purl side of a tube: it is turned inside out, worked on and turned back; nothing where there is nothing
 * to do
 * there. Panels lie open on both sides and are not turned.
 *
 * @example onPurlSide(0, joinsTied(0, 2, 'knot')) // turn purl side out, tie, turn knit side out
 */
export const onPurlSide = (piece: number, acts: readonly Act[]): Act[] =>
  acts.length ? [turned(piece, 'purl'), ...acts, turned(piece, 'knit')] : [];

/** The tails of joins between colours, once the piece was stretched; none where there is one colour. */
export function joinsTied(piece: number, joins: number, how: JoinChoice): Act[] {
  // Tied at the machine and trimmed there, nothing is left to do.
  if (joins === 0 || how === 'machine') return [];
  return how === 'knot'
    ? [{ do: 'tie', piece, tails: 'joins', how: 'knot' }]
    : [
        { do: 'tie', piece, tails: 'joins', how: 'overhand' },
        { do: 'weave', pieces: [piece], tails: 'joins', how: 'woven' }
      ];
}

/** Whether an act is about the tails of joins of one piece. */
const tiesJoins = (act: Act, piece: number): boolean =>
  (act.do === 'tie' && act.piece === piece && act.tails === 'joins') ||
  (act.do === 'weave' && act.tails === 'joins' && (act.pieces?.includes(piece) ?? false));

const turns = (act: Act | undefined, piece: number, out: Face): boolean =>
  act?.do === 'turn' && act.piece === piece && act.out === out;

/**
 * Acts with the joins of a piece tied, where a plan that had none has them now: while the piece lies purl side out,
 * or once it
 * was stretched.
 */
export function withJoinsTied(acts: readonly Act[], piece: number, tube: boolean, how: JoinChoice): readonly Act[] {
  if (acts.some((act) => tiesJoins(act, piece))) return acts;
  const tied = joinsTied(piece, 1, how);
  if (tied.length === 0) return acts;
  const purl = acts.findIndex((act) => turns(act, piece, 'purl'));
  const rested = acts.findIndex((act) => (act.do === 'rest' || act.do === 'block') && act.pieces.includes(piece));
  const at = (purl >= 0 ? purl : rested) + 1;
  return [...acts.slice(0, at), ...(purl < 0 && tube ? onPurlSide(piece, tied) : tied), ...acts.slice(at)];
}

/**
 * Acts without those that tie the joins of a piece; where nothing else is done on the purl side it is not turned
 * either.
 */
export function withoutJoinsTied(acts: readonly Act[], piece: number): readonly Act[] {
  const left = acts.filter((act) => !tiesJoins(act, piece));
  const idle = left.findIndex((act, i) => turns(act, piece, 'purl') && turns(left[i + 1], piece, 'knit'));
  return idle < 0 ? left : [...left.slice(0, idle), ...left.slice(idle + 2)];
}

/**
 * The two halves of an end closed on each other.
 *
 * @param more `own`: closed with the work's own tail, which loop through loop needs anyway; `leave`: pins that are
 * left out
 */
export function closeFlat(
  piece: number,
  edge: Edge,
  by: CloseChoice,
  yarn: string,
  { own, leave }: OwnTail & { readonly leave?: readonly number[] } = {}
): Act {
  const half = (side: 'front' | 'back'): RunRef => ({ piece, run: edge, half: side });
  const name = edge === 'cast-on' ? 'end-first' : 'end-last';
  const way: JoinWay = by;
  return {
    do: 'join',
    name,
    a: [half('front')],
    b: [half('back')],
    by: way,
    yarn: by === 'loops' ? null : yarn,
    ...(own && by !== 'loops' ? { own } : {}),
    ...(leave ? { leave } : {})
  };
}

/** A crocheted edge round an end. */
export const crochetEnd = (
  piece: number,
  edge: Edge,
  yarn: string,
  { perLoop = 1, own }: OwnTail & { readonly perLoop?: 1 | 2 } = {}
): ActOf<'bind'> => ({
  do: 'bind',
  name: edge === 'cast-on' ? 'edge-first' : 'edge-last',
  runs: [{ piece, run: edge }],
  by: 'crochet',
  yarn,
  perLoop,
  ...(own ? { own } : {})
});

/** Every loose tail that can be reached. */
export const weave = (how: 'woven' | 'inside' = 'woven', ...pieces: readonly number[]): Act => ({
  do: 'weave',
  how,
  ...(pieces.length ? { pieces } : {})
});

/** One layer of a tube or a panel, seen from this face of the fabric. */
export const whole = (face: Face): ShownSide => ({ half: 'whole', face });

/**
 * A thing and its openings, each named by a run that lies in its rim. What is not said otherwise: one layer, knit
 * side out,
 * whose purl side is seen by looking in.
 *
 * @param sides what else shows
 */
export const promised = (
  name: string,
  piece: number,
  openings: Readonly<Record<string, RunRef>> = {},
  sides: Partial<Pick<Promise, 'outside' | 'inside' | 'ridgesInside'>> = {}
): Promise => ({
  name,
  of: { piece },
  openings: Object.entries(openings).map(([code, at]) => ({ name: code, at })),
  outside: whole('knit'),
  inside: Object.keys(openings).length > 0 ? whole('purl') : null,
  ridgesInside: false,
  ...sides
});

/** A hat folded into itself: the outer half outside, the other half inside, the knit side on both. */
export const linedThing = (name: string, piece: number, outer: 'first' | 'last', ridgesInside = false): Promise =>
  promised(
    name,
    piece,
    { brim: { piece, run: 'fold' } },
    {
      outside: { half: outer, face: 'knit' },
      inside: { half: outer === 'first' ? 'last' : 'first', face: 'knit' },
      ridgesInside
    }
  );

/** A flat piece: its outline is the one rim it has. */
export const flatThing = (name: string, piece: number): Promise =>
  promised(name, piece, { outline: { piece, run: 'cast-on' } });
