import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PaperStrip } from '../../../../tests/support/paper-strip';
import { PaperTube, type Seen } from '../../../../tests/support/paper-tube';
import { made } from '../../../../tests/support/sample';
import { KINDS } from '../kinds';
import { type Act, type ActOf, edgeOfHalf, otherHalf } from '../plan';
import { PLACES } from '../read';
import type { Result } from '../tomble';
import { work } from './work';

/**
 * What a person sees of a finished tube, by paper rings folded with coordinates (tests/support/paper-tube), against what the
 * hands' model says. Folds and turns as craft 7 tells them: common practice, no source.
 */

/** A paper tube that went through the folds and turns of a plan. */
function folded(result: Result, piece = 0): PaperTube {
  const paper = new PaperTube(result.fabric.pieces[piece]!.work.count);
  for (const act of result.plan.acts) {
    if (!('piece' in act) || act.piece !== piece) continue;
    if (act.do === 'turn') paper.turn();
    if (act.do === 'fold' && (act.how === 'inside' || act.how === 'pinch'))
      paper.pushIn(act.enters === 'cast-on' ? 'first' : 'last');
  }
  return paper;
}

/** Which half of the rows is seen, and which face; `mixed` where both are. */
function told(seen: readonly Seen[], count: number): { half: string; face: string } {
  const middle = Math.floor(count / 2);
  const halves = new Set(seen.map(({ row }) => (row <= middle ? 'first' : 'last')));
  const faces = new Set(seen.map(({ face }) => face));
  return {
    half: halves.size > 1 ? 'whole' : [...halves][0]!,
    face: faces.size > 1 ? 'mixed' : [...faces][0]!
  };
}

const HATS = [
  { kind: 'lined-hat', closings: ['draw', 'pinch', 'zip', 'pull'] },
  { kind: 'band-hat', closings: ['draw', 'pinch', 'zip', 'pull'] },
  { kind: 'ear-hat', closings: [null] }
] as const;

const CASES = HATS.flatMap(({ kind, closings }) =>
  closings.flatMap((closing) =>
    (['first', 'last'] as const).flatMap((outer) =>
      (['none', 'few'] as const)
        .filter((waste) => kind !== 'ear-hat' || waste === 'few')
        .map((waste) => ({ kind, options: { ...(closing && { closing }), outer, waste } }))
    )
  )
);

/** A tube that is pressed flat and turned over as a plan has it; nothing for one that is not pressed flat. */
function pressed(result: Result, piece: number): PaperStrip | null {
  const { acts } = result.plan;
  const flat = acts.findIndex((act) => isFlat(act, piece));
  if (flat < 0) return null;
  const paper = new PaperTube(2);
  for (const act of acts.slice(0, flat)) if (act.do === 'turn' && act.piece === piece) paper.turn();
  const strip = new PaperStrip(paper.seenOutside()[0]!.face);
  for (const act of acts.slice(flat)) if (act.do === 'turn' && act.piece === piece) strip.rollOver();
  return strip;
}

const isFlat = (act: Act, piece: number): boolean => act.do === 'fold' && act.piece === piece && act.how === 'flat';

describe('what a person sees, against paper rings', () => {
  for (const { kind, options } of CASES) {
    it(`${kind} ${JSON.stringify(options)}: the outer half is outside, the knit side on both faces`, () => {
      const result = made(kind, options);
      expect([result.worked.refusals, result.worked.left]).toEqual([[], []]);
      const { count } = result.fabric.pieces[0]!.work;
      const paper = folded(result);
      expect(told(paper.seenOutside(), count)).toEqual({ half: options.outer, face: 'knit' });
      expect(told(paper.seenInside(), count)).toEqual({ half: otherHalf(options.outer), face: 'knit' });
      const [thing] = result.worked.things;
      expect(thing!.outside).toEqual([{ piece: 0, half: options.outer, face: 'knit' }]);
      expect(thing!.inside).toEqual([{ piece: 0, half: otherHalf(options.outer), face: 'knit' }]);
    });
  }

  for (const kind of KINDS) {
    it(`${kind.code}: every tube shows outside and inside what the paper shows`, () => {
      const result = made(kind.code);
      for (const thing of result.worked.things) {
        for (const { piece, half, face } of thing.outside) {
          const { fabric, plan } = result;
          if (plan.pieces[piece]!.mode !== 'tube') continue;
          const { count } = fabric.pieces[piece]!.work;
          const strip = pressed(result, piece);
          if (strip) {
            expect([half, face], `${piece} outside`).toEqual(['whole', strip.outside()]);
            for (const side of thing.inside)
              if (side.piece === piece) expect(side.face, `${piece} inside`).toBe(strip.inside());
            continue;
          }
          const paper = folded(result, piece);
          expect(told(paper.seenOutside(), count), `${piece} outside`).toEqual({ half, face });
          const within = thing.inside.find((side) => side.piece === piece);
          if (within)
            expect(told(paper.seenInside(), count), `${piece} inside`).toEqual({
              half: within.half,
              face: within.face
            });
        }
      }
    });
  }

  it('rows that reveal calls outside and turned up are those that show on the paper', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('first', 'last'),
        fc.integer({ min: 40, max: 160 }),
        fc.integer({ min: 0, max: 60 }),
        (outer, rows, turnUpMm) => {
          const result = made('lined-hat', { sizeBy: 'rows', rows: 2 * Math.floor(rows / 2), turnUpMm, outer });
          const { place } = result.reveal.pieces[0]!;
          const { first, count } = result.fabric.pieces[0]!.work;
          const { turnRows } = result.reveal;
          const paper = folded(result);
          if (turnRows > 0) paper.turnUp(turnRows);
          const seen = new Set(paper.seenOutside().map(({ row }) => row));
          for (let row = 1; row <= count; row++) {
            const name = PLACES[place[first + row - 1]!]!;
            // Rows gathered at the crown are out of sight for another reason than a fold.
            if (name === 'crown') continue;
            expect(seen.has(row), `row ${row}: ${name}`).toBe(name === 'outside' || name === 'turned-up');
          }
        }
      ),
      { numRuns: 60 }
    );
  });

  it('random folds and turns leave the same part and face outside and inside', () => {
    const result = made('lined-hat', { style: 'plain', waste: 'none' });
    const { count } = result.fabric.pieces[0]!.work;
    type Move = ActOf<'turn'> | ActOf<'fold'>;
    const move: fc.Arbitrary<Move> = fc.oneof(
      fc
        .constantFrom('knit', 'purl', 'first', 'last')
        .map((out): Move => ({ do: 'turn', piece: 0, out: out as 'knit' })),
      fc
        .constantFrom('first', 'last')
        .map((half): Move => ({ do: 'fold', piece: 0, how: 'inside', enters: edgeOfHalf(half as 'first') }))
    );
    fc.assert(
      fc.property(fc.array(move, { maxLength: 10 }), (acts) => {
        const worked = work({ ...result, plan: { ...result.plan, acts } });
        const refused = new Set(worked.refusals.map(({ act }) => act));
        const paper = new PaperTube(count);
        acts.forEach((act, i) => {
          if (refused.has(i)) return;
          if (act.do === 'turn') paper.turn();
          else paper.pushIn(act.enters === 'cast-on' ? 'first' : 'last');
        });
        const [thing] = worked.things;
        const { piece: _, ...outside } = thing!.outside[0]!;
        const { piece: __, ...inside } = thing!.inside[0]!;
        expect(outside).toEqual(told(paper.seenOutside(), count));
        expect(inside).toEqual(told(paper.seenInside(), count));
      }),
      { numRuns: 400 }
    );
  });

  it('a plan whose end goes in the other way, or whose last turn is left out, is refused or left undone', () => {
    for (const { kind, options } of CASES) {
      const result = made(kind, options);
      const { acts } = result.plan;
      const changes: (readonly Act[])[] = [
        acts.map((act) =>
          act.do === 'fold' && act.enters ? { ...act, enters: act.enters === 'cast-on' ? 'hung-off' : 'cast-on' } : act
        ),
        ...acts.flatMap((act, i) => (act.do === 'turn' ? [acts.filter((_, k) => k !== i)] : []))
      ];
      for (const changed of changes) {
        const worked = work({ ...result, plan: { ...result.plan, acts: changed } });
        expect(worked.refusals.length + worked.left.length, `${kind} ${JSON.stringify(options)}`).toBeGreaterThan(0);
      }
    }
  });
});
