import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hat, made, medium, sampleKit } from '../../../tests/support/sample';
import { byChance, readSeen } from './colour';
import { lookAt, looksOf } from './look';
import { PLACES } from './read';
import type { Readings } from './tomble';

const kit = sampleKit({ yarns: [medium('red', '#b03020'), medium('blue', '#205080'), medium('moss', '#60702a')] });

describe('a thing looked at otherwise', () => {
  it('offers only what can be done with it', () => {
    expect(looksOf(hat({}, kit))).toEqual(['worn', 'brim-down', 'turned-over', 'opened']);
    expect(looksOf(hat({ turnUpMm: 0 }, kit))).toEqual(['worn', 'turned-over', 'opened']);
    expect(looksOf(made('scarf', {}, kit))).toEqual(['worn']);
    expect(looksOf(made('gathered-hat', {}, kit))).toEqual(['worn', 'brim-down', 'opened']);
  });

  it('with its brim down nothing is turned up or under it, and no row is another', () => {
    const r = hat({ turnUpMm: 50 }, kit);
    const down = lookAt(r, 'brim-down');
    const names = new Set([...down.reveal.pieces[0]!.place].map((p) => PLACES[p]));
    expect(names.has('turned-up') || names.has('under-brim')).toBe(false);
    expect(down.fabric.pieces[0]!.rows).toBe(r.fabric.pieces[0]!.rows);
  });

  it('opened, every work row is in sight and lies in its order, at its length', () => {
    const r = hat({ turnUpMm: 50, style: 'plain' }, kit);
    const open = lookAt(r, 'opened');
    const work = r.sizes.pieces[0]!.rows;
    expect(readSeen(open).reduce((sum, own) => sum + own.rows.seen, 0)).toBe(work);
    expect(open.sizes.pieces[0]!.lengthMm).toEqual(r.sizes.pieces[0]!.lengthMm);
    expect([...open.fabric.pieces[0]!.yarn]).toEqual([...r.fabric.pieces[0]!.yarn]);
  });

  it('turned over twice it is as it was; once, what was seen of the lining is seen of the outside', () => {
    fc.assert(
      fc.property(fc.nat(), (seed) => {
        const rows = 140;
        const sections = byChance(['red', 'blue', 'moss'], seed, 2, 18, rows);
        const r = hat({ sizeBy: 'rows', rows, style: 'plain' }, kit, { colours: [{ piece: 0, sections }] });
        const over = lookAt(r, 'turned-over');
        const yarns = (of: Readings): string[] => [...of.fabric.pieces[0]!.yarn].map((y) => of.fabric.yarns[y]!);
        // A strip of paper, read from its other end.
        expect(yarns(over)).toEqual([...yarns(r)].reverse());
        expect(yarns(lookAt(over, 'turned-over'))).toEqual(yarns(r));
        const all = (of: Readings): number => readSeen(of).reduce((sum, own) => sum + own.rows.seen + own.rows['turned-up'], 0); // prettier-ignore
        expect(all(over)).toBe(all(r));
      }),
      { numRuns: 25 }
    );
  });
});
