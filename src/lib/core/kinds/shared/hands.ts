import { type Act, choiceOption, type Edge, type JoinWay, type Promise, type RunRef } from '../../plan';
import { ENDS } from './options';

/**
 * What hands do, put together by every kind from the same few lists. Only the order and the choices stand here: counts and
 * lengths follow when `work` runs them.
 */

export const EDGES = ['cast-on', 'hung-off'] as const satisfies readonly Edge[];

/** How the tails of a change of colour end. */
export const joinOption = choiceOption({ group: ENDS, school: true, choices: ['knot', 'weave'] });
export type JoinChoice = 'knot' | 'weave';

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

/** The tails of joins between colours, once the piece was stretched; none where there is one colour. */
export function joinsTied(piece: number, joins: number, how: JoinChoice): Act[] {
  if (joins === 0) return [];
  return how === 'knot'
    ? [{ do: 'tie', piece, tails: 'joins', how: 'knot' }]
    : [
        { do: 'tie', piece, tails: 'joins', how: 'overhand' },
        { do: 'weave', pieces: [piece], tails: 'joins', how: 'woven' }
      ];
}

/** The two halves of an end closed on each other. */
export function closeFlat(piece: number, edge: Edge, by: CloseChoice, yarn: string, leave?: readonly number[]): Act {
  const half = (side: 'front' | 'back'): RunRef => ({ piece, run: edge, half: side });
  const name = edge === 'cast-on' ? 'end-first' : 'end-last';
  const way: JoinWay = by;
  return { do: 'join', name, a: [half('front')], b: [half('back')], by: way, yarn: by === 'loops' ? null : yarn, ...(leave ? { leave } : {}) }; // prettier-ignore
}

/** A crocheted edge round an end. */
export const crochetEnd = (piece: number, edge: Edge, yarn: string, perLoop: 1 | 2 = 1): Act => ({
  do: 'bind',
  name: edge === 'cast-on' ? 'edge-first' : 'edge-last',
  runs: [{ piece, run: edge }],
  by: 'crochet',
  yarn,
  perLoop
});

/** Every loose tail that can be reached. */
export const weave = (how: 'woven' | 'inside' = 'woven', ...pieces: readonly number[]): Act => ({
  do: 'weave',
  how,
  ...(pieces.length ? { pieces } : {})
});

/** A thing and its openings, each named by a run that lies in its rim. */
export const promised = (name: string, piece: number, openings: Readonly<Record<string, RunRef>> = {}): Promise => ({
  name,
  of: { piece },
  openings: Object.entries(openings).map(([code, at]) => ({ name: code, at }))
});

/** A flat piece: its outline is the one rim it has. */
export const flatThing = (name: string, piece: number): Promise =>
  promised(name, piece, { outline: { piece, run: 'cast-on' } });
