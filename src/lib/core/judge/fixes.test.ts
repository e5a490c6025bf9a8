import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyBrief, anyKit, anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { speak, worded } from '$lib/words';
import { changed } from '../plan';
import { remedyOf, tried } from '../remedy';
import { KINDS } from '../kinds';
import { Kit } from '../kit';
import { made, medium, sampleKit } from '../../../../tests/support/sample';
import { type Result, tryPlan } from '../tomble';

const WEIGHTS = ['stop', 'warn', 'note'];

/** What a remedy leaves of its own finding. */
function after(result: Result, code: string): readonly string[] {
  const fix = remedyOf(
    result,
    result.findings.find((f) => f.code === code)!
  );
  const mended = tryPlan(result.kit, changed(result.brief, fix!.change));
  if (!mended.ok) throw new Error(`the remedy of ${code} cannot be planned`);
  return mended.value.findings.map((f) => f.code);
}

describe('remedies that did not mend', () => {
  const fixOf = (result: Result, code: string) =>
    remedyOf(
      result,
      result.findings.find((f) => f.code === code)!
    );

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

/** Weights as numbers of the test's own: it does not ask the code under test what is worse. */
const weigh = (findings: Result['findings']) => {
  const by = new Map<string, number[]>();
  for (const f of findings) by.set(f.code, [...(by.get(f.code) ?? []), 3 - WEIGHTS.indexOf(f.weight)]);
  return by;
};
const total = (weights: readonly number[] = []): number => weights.reduce((sum, w) => sum + 10 ** w, 0);

/** Kits with several rings and yarns, so that remedies have somewhere to go. */
const roomy = Kit.parse({
  ...sampleKit({
    yarns: [
      medium('red', '#b03020', { stockGrams: 60 }),
      medium('near', '#b83828', { stockGrams: 400 }),
      medium('soft', '#e8e0d0', { behaviour: { stretch: 'much', strength: 'weak', surface: 'fuzzy', wash: 'hand' } }),
      medium('rope', '#104060', { behaviour: { stretch: 'little', strength: 'strong', surface: 'smooth', wash: 'machine' } }), // prettier-ignore
      medium('fine', '#206030', { label: { metres: 420, grams: 100 }, weightClass: 1 })
    ],
    habits: { wasteStart: 1, wasteEnd: 1 }
  }),
  machines: [
    { id: 'm', name: 'Wheel', pins: 48 },
    { id: 'half', name: 'Half', pins: 32 },
    { id: 'crown', name: 'Crown', pins: 22 },
    { id: 'broad', name: 'Broad', pins: 60 }
  ]
});

describe('every remedy over every kind', () => {
  const worked = new Map<string, number>();
  const proposed = new Map<string, number>();
  const more = (counts: Map<string, number>, code: string): void => void counts.set(code, (counts.get(code) ?? 0) + 1);
  const plainly = (brief: object): object => ({ ...brief, options: {}, machineId: '', strands: {}, pompom: null });

  it.each(KINDS.map((kind) => [kind.code, kind] as const))(
    '%s: the finding is gone or weaker, nothing that weighs as much comes in, and nothing else changes',
    (_code, kind) => {
      const any = fc
        .oneof(fc.constant(roomy), anyKit)
        .chain((kit) => anyBrief(kit, kind).map((brief) => ({ kit, brief })));
      fc.assert(
        fc.property(any, ({ kit, brief: asked }) => {
          const planned = tryPlan(kit, asked);
          if (!planned.ok) return;
          const { brief, findings } = planned.value;
          const before = weigh(findings);
          for (const finding of tried(planned.value).findings) {
            for (const { remedy } of finding.remedies ?? []) more(proposed, remedy.code);
            const { fix, code } = finding;
            if (!fix) continue;
            more(worked, fix.remedy.code);
            const what = `${brief.kind} ${code} ${fix.remedy.code}`;
            const next = changed(brief, fix.change);
            // Only what the remedy names is another than it was.
            const named = Object.keys(fix.change.options ?? {});
            for (const [key, value] of Object.entries(brief.options)) {
              if (!named.includes(key)) expect(next.options[key]).toEqual(value);
            }
            expect(plainly(next)).toEqual(plainly(brief));
            const mended = tryPlan(kit, next);
            if (!mended.ok) throw new Error(`${what} cannot be planned`);
            const after = weigh(mended.value.findings);
            expect(total(after.get(code)), what).toBeLessThan(total(before.get(code)));
            const own = 3 - WEIGHTS.indexOf(finding.weight);
            for (const [other, weights] of after) {
              const had = Math.max(0, ...(before.get(other) ?? []));
              const has = Math.max(...weights);
              if (other !== code && has > had) expect(has, `${what} ${other}`).toBeLessThan(own);
            }
          }
        }),
        { numRuns: 30 }
      );
    }
  );

  it('none is dead: what is proposed often does mend somewhere', () => {
    for (const [code, times] of proposed) if (times > 40) expect(worked.get(code) ?? 0, code).toBeGreaterThan(0);
    expect([...worked.values()].reduce((sum, n) => sum + n, 0)).toBeGreaterThan(200);
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
        const say = speak(planned.value);
        const weights = findings.map((f) => WEIGHTS.indexOf(f.weight));
        expect(weights).toEqual(weights.toSorted((a, b) => a - b));
        for (const finding of findings) {
          expect(finding.sentence).toMatch(/^[A-Z0-9].*\.$/);
          expect(finding.sentence).not.toMatch(/NaN|undefined|Infinity|null/);
          if (finding.place.piece !== undefined) expect(plan.pieces[finding.place.piece]).toBeDefined();
          if (finding.place.option) expect(brief.options).toHaveProperty(finding.place.option);
          const [fix] = finding.remedies ?? [];
          if (!fix) continue;
          fixes++;
          expect(say.remedy(fix)).toMatch(/^[A-Z]/);
          const mended = tryPlan(kit, changed(brief, fix.change));
          expect(mended.ok, `${finding.code}: ${say.remedy(fix)}`).toBe(true);
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
