import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { changed } from '../../store/projects';
import { worded } from '$lib/words';
import { tryPlan } from '../tomble';

const WEIGHTS = ['stop', 'warn', 'note'];

describe('findings of any project', () => {
  it('are sentences with a place that exists, the gravest first, and every fix can be planned', () => {
    let fixes = 0;
    fc.assert(
      fc.property(anyKitAndBrief, ({ kit, brief }) => {
        const planned = tryPlan(kit, brief);
        if (!planned.ok) return;
        const { findings, plan } = worded(planned.value);
        const weights = findings.map((f) => WEIGHTS.indexOf(f.weight));
        expect(weights).toEqual(weights.toSorted((a, b) => a - b));
        for (const finding of findings) {
          expect(finding.sentence).toMatch(/^[A-Z0-9].*\.$/);
          expect(finding.sentence).not.toMatch(/NaN|undefined|Infinity|null/);
          if (finding.place.piece !== undefined) expect(plan.pieces[finding.place.piece]).toBeDefined();
          if (finding.place.option) expect(brief.options).toHaveProperty(finding.place.option);
          if (!finding.fix) continue;
          fixes++;
          expect(finding.fix.label).not.toBe('');
          const mended = tryPlan(kit, changed(brief, finding.fix.change));
          expect(mended.ok, `${finding.code}: ${finding.fix.label}`).toBe(true);
        }
      }),
      { numRuns: 250 }
    );
    expect(fixes).toBeGreaterThan(50);
  });

  it('the same kit and brief always give the same findings', () => {
    fc.assert(
      fc.property(anyKitAndBrief, ({ kit, brief }) => {
        const [a, b] = [tryPlan(kit, brief), tryPlan(structuredClone(kit), structuredClone(brief))];
        if (a.ok && b.ok) expect(a.value.findings).toEqual(b.value.findings);
      }),
      { numRuns: 40 }
    );
  });
});
