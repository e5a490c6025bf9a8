import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { changed } from '../../store/projects';
import { worded } from '$lib/words';
import { Kit } from '../kit';
import { made, medium, sampleKit } from '../../../../tests/support/sample';
import { type Result, tryPlan } from '../tomble';

const WEIGHTS = ['stop', 'warn', 'note'];

/** What a remedy leaves of its own finding. */
function after(result: Result, code: string): readonly string[] {
  const { fix } = result.findings.find((f) => f.code === code)!;
  const mended = tryPlan(result.kit, changed(result.brief, fix!.change));
  if (!mended.ok) throw new Error(`the remedy of ${code} cannot be planned`);
  return mended.value.findings.map((f) => f.code);
}

describe('remedies that did not mend', () => {
  const fixOf = (result: Result, code: string) => result.findings.find((f) => f.code === code)!.fix;

  it('a band too deep for the head is not mended by the head, which decides already', () => {
    const deep = made('band-hat', { sizeBy: 'head', headMm: 560, bandRows: 170, turnUpMm: 0 });
    expect(deep.findings.map((f) => f.code)).toContain('tube-long');
    expect(fixOf(deep, 'tube-long')).toBeUndefined();
  });

  it('a wrap too tall for its mug goes to the ring on which it stays below the rim, or to none', () => {
    const rings = (...pins: number[]) => Kit.parse({ ...sampleKit(), machines: pins.map((n) => ({ id: n === 48 ? 'm' : `m${n}`, name: `Ring ${n}`, pins: n })) }); // prettier-ignore
    const tall = made('mug-wrap', { heightMm: 95 }, rings(48, 46, 22));
    expect(fixOf(tall, 'mug-height')!.change).toEqual({ machineId: 'm22' });
    expect(after(tall, 'mug-height')).not.toContain('mug-height');
    expect(fixOf(made('mug-wrap', { heightMm: 95 }, rings(48, 46)), 'mug-height')).toBeUndefined();
  });

  it('a separator row of the colour of the work is left out, not the waste changed', () => {
    const yarns = [medium('red', '#b03020'), medium('near', '#b83828'), medium('lemon', '#f4e04d')];
    const close = made('sack', { yarn: 'red', wasteYarn: 'lemon', separator: true }, sampleKit({ yarns }));
    expect(close.findings.map((f) => f.code)).toContain('waste-colour-close');
    expect(fixOf(close, 'waste-colour-close')!.change).toEqual({ options: { separator: false } });
    expect(after(close, 'waste-colour-close')).not.toContain('waste-colour-close');
  });
});

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
