import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { made, medium, sampleKit } from '../../../../tests/support/sample';
import { KINDS } from '../kinds';
import { presetFor } from '../kit';
import { colourChanges } from '../knit';
import { rowsIn } from '../plan';
import { offBy } from './recolour';
import { sectionsOf } from './sections-of';

const yarns = ['red', 'blue', 'moss'];
const kitOn = (pins: number) => {
  const { counter, tensionHoles } = presetFor(pins, 'm', 'Ring');
  return sampleKit({
    machine: { pins, counter, tensionHoles },
    yarns: [medium('red', '#b03020'), medium('blue', '#205080'), medium('moss', '#60702a')]
  });
};

/** A list of sections with exactly so many rows. */
const anyList = (rows: number) =>
  fc
    .array(fc.record({ yarn: fc.constantFrom(...yarns), rows: fc.integer({ min: 1, max: 40 }) }), {
      minLength: 1,
      maxLength: 8
    })
    .map((list) => {
      // prettier-ignore
      let left = rows;
      const out = list.flatMap((s) => {
        const some = Math.min(left, s.rows);
        left -= some;
        return some > 0 ? [{ ...s, rows: some, locked: false }] : [];
      });
      if (left > 0) out.push({ yarn: 'moss', rows: left, locked: false });
      return out;
    });

describe('colours set on the tube', () => {
  it.each(KINDS.filter((kind) => kind.code !== 'pompom').map((kind) => [kind.code, kind] as const))(
    '%s: the same rows and shaping in the yarns that were set, row by row, and hands can do all of it',
    (code, kind) => {
      // prettier-ignore
      const kit = kitOn(kind.pins.usual);
      const plain = made(code, {}, kit);
      const counts = plain.plan.pieces.map((piece) => rowsIn(sectionsOf(piece)));
      fc.assert(
        fc.property(fc.tuple(...counts.map(anyList)), (lists) => {
          const colours = lists.map((sections, piece) => ({ piece, sections }));
          const r = made(code, {}, kit, { colours });
          expect(r.findings.filter((f) => f.weight === 'stop')).toEqual(plain.findings.filter((f) => f.weight === 'stop')); // prettier-ignore
          expect(r.worked.refusals).toEqual([]);
          expect(r.worked.left).toEqual([]);
          r.fabric.pieces.forEach((piece, p) => {
            const before = plain.fabric.pieces[p]!;
            expect([piece.rows, [...piece.stitches], [...piece.low]]).toEqual([before.rows, [...before.stitches], [...before.low]]); // prettier-ignore
            // An oracle of its own: the yarn of every work row, counted out one by one.
            const wanted = lists[p]!.flatMap((s) => Array.from({ length: s.rows }, () => s.yarn));
            const { first, count } = piece.work;
            expect(Array.from({ length: count }, (_, i) => r.fabric.yarns[piece.yarn[first + i]!])).toEqual(wanted);
            // Every join of it is tied or woven in.
            const tails = r.worked.tails.filter((t) => t.from === 'join' && r.worked.state.parts[t.part]!.piece === p);
            if (colourChanges(piece.runs) > 0) expect(tails.length).toBeGreaterThan(0);
            for (const tail of tails) expect(['tied', 'woven', 'inside', 'hanging']).toContain(tail.fate);
          });
        }),
        { numRuns: 4 }
      );
    }
  );

  it('past the last section the yarn of the plan goes on, and it is said; nothing is stretched', () => {
    const kit = kitOn(48);
    const plain = made('lined-hat', { style: 'plain', yarn: 'red' }, kit);
    const [piece] = plain.plan.pieces;
    const rows = rowsIn(sectionsOf(piece!));
    const short = made('lined-hat', { style: 'plain', yarn: 'red' }, kit, { colours: [{ piece: 0, sections: [{ yarn: 'blue', rows: 20 }] }] }); // prettier-ignore
    expect(sectionsOf(short.plan.pieces[0]!)).toEqual([{ yarn: 'blue', rows: 20 }, { yarn: 'red', rows: rows - 20 }]); // prettier-ignore
    expect(offBy(piece!, [{ yarn: 'blue', rows: 20 }])).toBe(20 - rows);
    const said = short.findings.find((f) => f.code === 'colours-short')!;
    expect(said.about.facts).toMatchObject({ piece: 0, rows: rows - 20 });
    const long = made('lined-hat', { style: 'plain', yarn: 'red' }, kit, { colours: [{ piece: 0, sections: [{ yarn: 'blue', rows: rows + 7 }] }] }); // prettier-ignore
    expect(long.findings.find((f) => f.code === 'colours-long')!.about.facts).toMatchObject({ rows: 7 });
    expect(long.sizes.pieces[0]!.rows).toBe(rows);
  });

  it('a hat of one colour gets its joins tied before it is closed, and one whose joins are gone gets none', () => {
    const kit = kitOn(48);
    const sections = [{ yarn: 'red', rows: 40 }, { yarn: 'blue', rows: 1000 }]; // prettier-ignore
    const doing = made('lined-hat', { style: 'plain' }, kit, { colours: [{ piece: 0, sections }] }).plan.acts.map((a) => (a.do === 'tie' ? `tie ${a.tails}` : a.do)); // prettier-ignore
    const rest = doing.indexOf('rest');
    expect(doing.slice(rest + 1, rest + 4)).toEqual(['turn', 'tie joins', 'turn']);
    const gone = made('lined-hat', { style: 'contrast' }, kit, { colours: [{ piece: 0, sections: [{ yarn: 'red', rows: 1000 }] }] }); // prettier-ignore
    expect(gone.plan.acts.some((a) => a.do === 'tie' && a.tails === 'joins')).toBe(false);
    expect(gone.plan.acts.filter((a) => a.do === 'turn')).toEqual([]);
    expect(gone.worked.refusals).toEqual([]);
  });
});
