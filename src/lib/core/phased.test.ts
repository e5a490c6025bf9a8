import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Readings } from './tomble';
import { hat, made, medium, sampleKit } from '../../../tests/support/sample';
import { alongRows, cycleMetres, phaseRuns } from './colour';
import { phased, rowPhases } from './phased';

const phase = fc.record({
  name: fc.constantFrom('Moss', 'Sand', 'Rust'),
  hex: fc.constantFrom('#556b2f', '#d2b48c', '#b7410e'),
  metres: fc.double({ min: 0.5, max: 40, noNaN: true })
});
const phases = fc.array(phase, { minLength: 2, maxLength: 6 });

describe('a thing in the colours of a long-phase yarn', () => {
  it('each row is in the phase that colours most of it, against a thread walked centimetre by centimetre', () => {
    fc.assert(
      fc.property(
        phases,
        fc.array(fc.double({ min: 0.5, max: 9, noNaN: true }), { minLength: 1, maxLength: 40 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (list, metres, share) => {
          // prettier-ignore
          const cycle = cycleMetres(list);
          const start = share * cycle * 0.999;
          const got = rowPhases(list, metres, start);
          let at = start;
          metres.forEach((row, r) => {
            const parts = list.map(() => 0);
            const STEPS = 400;
            for (let i = 0; i < STEPS; i++) {
              let where = (at + (row * (i + 0.5)) / STEPS) % cycle;
              let p = 0;
              while (p < list.length - 1 && where >= list[p]!.metres) where -= list[p++]!.metres; // prettier-ignore
              parts[p]! += 1;
            }
            at += row;
            // The longest stretch of one run may be shorter than all stretches of another phase together.
            const mine = phaseRuns(list, metres, start)
              .filter((run) => run.from < r + 1 - 1e-9 && run.to > r + 1e-9)
              .map((run) => ({ phase: run.phase, share: Math.min(run.to, r + 1) - Math.max(run.from, r) }));
            const most = Math.max(...mine.map((m) => m.share));
            expect(mine.some((m) => m.phase === got[r] && m.share >= most - 1e-9)).toBe(true);
            expect(parts[got[r]!]! / STEPS).toBeGreaterThan(most - 0.02);
          });
        }
      ),
      { numRuns: 60 }
    );
  });

  const lake = medium('lake', '#4a6a7a', {
    phases: [
      { name: 'Moss', hex: '#556b2f', metres: 12 },
      { name: 'Sand', hex: '#d2b48c', metres: 7 },
      { name: 'Rust', hex: '#b7410e', metres: 18 }
    ]
  });
  const kit = sampleKit({ yarns: [lake, medium('red', '#b03020')] });

  it('changes no row, no size and no metre; begun elsewhere it begins with another colour', () => {
    const r = hat({ yarn: 'lake', liningYarn: 'red', style: 'contrast' }, kit);
    const painted = phased(r, {});
    expect(painted.sizes.pieces[0]!.rows).toBe(r.sizes.pieces[0]!.rows);
    expect(painted.sizes.pieces[0]!.lengthMm.value).toBeCloseTo(r.sizes.pieces[0]!.lengthMm.value, 6);
    const metres = (of: Readings): number => alongRows(of).reduce((sum, row) => sum + row.metres, 0);
    expect(metres(painted)).toBeCloseTo(metres(r), 6);
    const names = (share: number): string[] => {
      const of = phased(r, { lake: share });
      return [...of.fabric.pieces[0]!.yarn].map((y) => of.yarns[y]!.colour.name);
    };
    expect(new Set(names(0))).toEqual(
      new Set(['Moss', 'Sand', 'Rust', r.yarns.find((y) => y.id === 'red')!.colour.name])
    );
    expect(names(0)).not.toEqual(names(0.5));
  });

  it('is the thing itself where nothing has phases', () => {
    const r = made('scarf', {}, sampleKit());
    expect(phased(r, {})).toBe(r);
  });
});
