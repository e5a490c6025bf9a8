import { describe, expect, it } from 'vitest';
import { made } from '../../../../tests/support/sample';
import { KINDS } from '../kinds';
import { execute } from '../knit';
import { mirrored, reflected } from '../knit/mirror';
import { type Act, optionFields, type Piece, type Plan } from '../plan';
import { mirroredActs, mirrorOver } from './mirror';
import { type Worked, work } from './work';

/** Plans of every kind, and of every school that puts it together another way. */
const PLANS = KINDS.flatMap((kind) => [
  { kind: kind.code, options: {} },
  ...optionFields(kind.options).flatMap(({ key, meta }) =>
    meta.school ? (meta.choices ?? []).map((choice) => ({ kind: kind.code, options: { [key]: choice } })) : []
  )
]);

/** A whole plan seen in a mirror: panels begin at the other edge. */
function mirrorOf(plan: Plan): Plan {
  const over = mirrorOver(plan.pieces, new Set(plan.pieces.map((_, i) => i)));
  const turned = (piece: Piece): Piece => {
    const waste = piece.operations.some((op) => op.op === 'knit' && op.purpose !== 'work');
    const by = piece.mode !== 'tube' && waste ? mirrored : reflected;
    return { ...piece, operations: by(piece.operations, piece) };
  };
  return {
    ...plan,
    pieces: plan.pieces.map(turned),
    acts: mirroredActs(plan.acts, plan.pieces),
    promises: plan.promises.map((p) => ({ ...p, openings: p.openings.map((o) => ({ ...o, at: over.ref(o.at) })) }))
  };
}

/** What a mirror must show alike. */
const shown = (worked: Worked): unknown => ({
  refusals: worked.refusals,
  left: worked.left,
  things: worked.things.map((t) => [t.name, t.euler, t.openings.map((o) => [o.name, Math.round(o.girthMm)]).sort()]),
  seams: worked.seams.map((s) => [s.name, s.by, Math.round(s.mm), s.times]),
  tails: worked.tails.map((t) => [t.yarn, t.where.at, t.fate].join(' ')).sort()
});

describe('acts in a mirror', () => {
  for (const { kind, options } of PLANS) {
    it(`${kind} ${JSON.stringify(options)}: makes the same thing the other way round`, () => {
      const result = made(kind, options);
      const run = execute(result.kit, result.brief, mirrorOf(result.plan));
      expect(run.refusals).toEqual([]);
      expect(shown(work(run))).toEqual(shown(result.worked));
      expect(mirroredActs(mirroredActs(result.plan.acts, result.plan.pieces), result.plan.pieces)).toEqual(
        result.plan.acts
      );
    });
  }

  it('turns pins, sides and halves over, on the pieces that are mirrored and on no other', () => {
    const pieces = [{ from: 1, to: 48 }, { from: 5, to: 20 }]; // prettier-ignore
    const acts: Act[] = [
      { do: 'runDown', piece: 0, pins: [1, 25] },
      { do: 'join', name: 'j', a: [{ piece: 1, run: 'side', side: 'low' }], b: [{ piece: 0, run: 'cast-on', half: 'front', pins: { from: 2, to: 9 } }], by: 'mattress', yarn: 'y', leave: [30] }, // prettier-ignore
      { do: 'cord', name: 'loop', piece: 1, count: 1, yarn: 'y', per10Cm: 10, along: { piece: 1, run: 'held', side: 'high' } } // prettier-ignore
    ];
    // By hand: on 48 pins pin 1 lies where 48 lay, on pins 5 to 20 a side changes; what is not mirrored keeps its pins.
    expect(mirroredActs(acts, pieces, [0])).toMatchObject([
      { pins: [48, 24] },
      { a: [{ side: 'low' }], b: [{ half: 'back', pins: { from: 40, to: 47 } }], leave: [30] },
      { along: { side: 'high' } }
    ]);
    expect(mirroredActs(acts, pieces, [1])).toMatchObject([
      { pins: [1, 25] },
      { a: [{ side: 'high' }], b: [{ half: 'front', pins: { from: 2, to: 9 } }] },
      { along: { side: 'low' } }
    ]);
  });
});
