import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { codes, made } from '../../../../tests/support/sample';
import { layPanel } from '../read/panel';

describe('pockets', () => {
  it('are sewn on by three edges while the front lies flat, before any seam', () => {
    const r = made('cardigan', { pockets: 'both' });
    const doing = r.plan.acts.map((act) => act.do);
    expect(doing.filter((what) => what === 'sewOn')).toHaveLength(2);
    expect(doing.lastIndexOf('sewOn')).toBeLessThan(doing.indexOf('join'));
    expect(doing.indexOf('block')).toBeLessThan(doing.indexOf('sewOn'));
    expect(r.worked.refusals).toEqual([]);
    expect(r.worked.left).toEqual([]);
    // Their tops stay open, and nothing else of the garment does.
    expect(r.worked.things.find((t) => t.name === 'cardigan')!.openings).toHaveLength(3);
  });

  it('are as large as they were asked for, or it is said; they lie inside their front', () => {
    const wish = fc.record({
      pocketWideMm: fc.integer({ min: 30, max: 300 }),
      pocketTallMm: fc.integer({ min: 30, max: 400 }),
      pocketUpMm: fc.integer({ min: 0, max: 300 }),
      pockets: fc.constantFrom('both', 'left', 'right')
    });
    fc.assert(
      fc.property(wish, (o) => {
        const r = made('waistcoat', o);
        for (const act of r.plan.acts) {
          if (act.do !== 'sewOn') continue;
          const [pocket, front] = [layPanel(r, act.piece), layPanel(r, act.to)];
          const facts = r.worked.done.find((d) => d.act === act)!.facts as { at: { upMm: number; inMm: number } };
          expect(facts.at.inMm).toBeGreaterThan(0);
          expect(facts.at.inMm + pocket.widthMm).toBeLessThan(front.widthMm);
          // As tall and as high as asked for; one that does not fit below the underarm is stopped.
          const { room } = r.notes.garment!.pocket!;
          const { courses } = r.gauges[act.to]![0]!;
          const fits = facts.at.upMm + pocket.heightMm <= (10 * room) / courses.value + 0.01;
          expect(codes(r).includes('pocket-high')).toBe(!fits);
          // Within half a stitch and half a row, else a finding names the field.
          const said = new Set(r.findings.map((f) => f.place.option));
          if (Math.abs(pocket.widthMm - o.pocketWideMm) > 4) expect(said).toContain('pocketWideMm');
          if (Math.abs(pocket.heightMm - o.pocketTallMm) > 3) expect(said).toContain('pocketTallMm');
        }
        expect(r.worked.refusals).toEqual([]);
      }),
      { numRuns: 25 }
    );
  });

  it('take yarn and time, and none where there are none', () => {
    const [none, both] = (['none', 'both'] as const).map((pockets) => made('waistcoat', { pockets }));
    const grams = (r: ReturnType<typeof made>): number =>
      r.yarnUse.find((use) => use.name.includes('red'))!.grams.value;
    expect(grams(both!)).toBeGreaterThan(grams(none!) + 5);
    expect(codes(none!)).not.toContain('clamped');
    expect(both!.pace.all.value).toBeGreaterThan(none!.pace.all.value);
  });
});
