import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { made, sampleKit } from '../../../../tests/support/sample';
import { headFit } from '../body';
import { PLACES } from '../read';
import { read } from '../tomble';

const placesOf = (r: ReturnType<typeof made>): string[] => [...r.reveal.pieces[0]!.place].map((p) => PLACES[p]!);

describe('a panel gathered into a hat', () => {
  it('is seamed up the back, then drawn shut, and the brim is the only opening', () => {
    const r = made('gathered-hat');
    expect(r.worked.refusals).toEqual([]);
    expect(r.worked.left).toEqual([]);
    const [thing] = r.worked.things;
    expect(thing).toMatchObject({ name: 'hat', euler: 1 });
    expect(thing!.openings.map((o) => o.name)).toEqual(['brim']);
    const doing = r.plan.acts.map((act) => act.do);
    expect(doing.lastIndexOf('join')).toBeLessThan(doing.indexOf('draw'));
  });

  it('cannot be drawn shut before its sides are seamed: a panel has no ring of loops', () => {
    const { kit, brief, plan, notes } = made('gathered-hat');
    const draw = plan.acts.find((act) => act.do === 'draw')!;
    const early = { ...plan, acts: [draw, ...plan.acts.filter((act) => act !== draw)] };
    const { refusals } = read(kit, brief, { plan: early, notes }).worked;
    expect(refusals).toEqual([{ act: 0, refusal: { code: 'not-tube', piece: 0 } }]);
  });

  it('has the brim seamed from the purl side, as many rows as are turned up', () => {
    const r = made('gathered-hat', { turnUpMm: 30 });
    const [back, brim] = r.plan.acts.filter((act) => act.do === 'join');
    expect([back!.from, brim!.from]).toEqual(['knit', 'purl']);
    const rows = brim!.a[0]!.rows!;
    expect(placesOf(r).filter((p) => p === 'turned-up')).toHaveLength(rows.to - rows.from + 1);
    expect(back!.a[0]!.rows!.from).toBe(rows.to + 1);
    expect(made('gathered-hat', { turnUpMm: 0 }).plan.acts.filter((act) => act.do === 'join')).toHaveLength(1);
  });

  it('reaches the brow with its brim up, by the one law of stretch', () => {
    const head = fc.integer({ min: 300, max: 460 });
    fc.assert(
      fc.property(head, fc.integer({ min: 0, max: 40 }), (headMm, turnUpMm) => {
        const r = made('gathered-hat', { headMm, turnUpMm });
        const [piece] = r.sizes.pieces;
        const { width } = r.fabric.pieces[0]!;
        const [gauge] = r.gauges[0]!;
        const fit = headFit(headMm, { pins: width - 2, courses: gauge!.courses.value, wales: gauge!.wales.value, flattest: 0.6 }); // prettier-ignore
        const wanted = fit.rowsTo(fit.browArcMm) + turnUpMm / fit.fullCourseMm;
        expect(Math.abs(piece!.rows - wanted)).toBeLessThanOrEqual(1.01);
        // Round the head a stretched quarter, and never narrower than it can be put on.
        const round = ((width - 2) * 10) / gauge!.wales.value;
        expect(headMm / round - 1).toBeGreaterThan(0.15);
      }),
      { numRuns: 40 }
    );
  });

  it('says when the ring is too small for the head', () => {
    const r = made('gathered-hat', { headMm: 560 }, sampleKit({ machine: { pins: 22 } }));
    expect(r.findings.map((f) => f.code)).toContain('panel-narrow');
  });
});
