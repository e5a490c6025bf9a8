import { describe, expect, it } from 'vitest';
import { becauseOf } from '$lib/words';
import { hat, medium, sampleKit } from '../../../../tests/support/sample';
import { plan } from '../tomble';
import { observationsOf } from './observe';

const measured = { lengthMm: 600, flatWidthMm: 178 };

describe('what a finished piece teaches', () => {
  it('one observation for each yarn, by its share of the rows', () => {
    const seen = observationsOf(hat({ sizeBy: 'rows', rows: 110, marginRows: 10 }), 'p', measured, '2026-11-05');
    expect(seen.map((o) => [o.yarnId, o.rows, o.share])).toEqual([
      ['red', 110, 50 / 110],
      ['blue', 110, 60 / 110]
    ]);
  });

  it('leaves waste yarn out of it', () => {
    const seen = observationsOf(
      hat({ style: 'plain', yarn: 'red', waste: 'ten', sizeBy: 'rows', rows: 100 }),
      'p',
      measured,
      '2026-11-05'
    );
    expect(seen.map((o) => [o.yarnId, o.rows, o.share])).toEqual([['red', 100, 1]]);
  });

  it('nothing when nothing was measured, or when the yarns differ in class', () => {
    expect(observationsOf(hat(), 'p', { lengthMm: null, flatWidthMm: null }, '2026-11-05')).toEqual([]);
    const kit = sampleKit({ yarns: [medium('red', '#b03020'), medium('fat', '#205080', { weightClass: 5 })] });
    expect(observationsOf(hat({ yarn: 'red', liningYarn: 'fat' }, kit), 'p', measured, '2026-11-05')).toEqual([]);
  });

  it('the next plan of the same yarn is nearer to what was measured', () => {
    // 100 rows came out at 60 cm: 1.67 rows per cm instead of 2.
    const before = hat({ style: 'plain', yarn: 'red', sizeBy: 'rows', rows: 100 });
    const finished = observationsOf(before, 'p', measured, '2026-11-05');
    const after = plan({ ...before.kit, finished }, before.brief);
    const [a, b] = [before, after].map((r) => r.sizes.pieces[0]!.lengthMm.value);
    expect(a).toBe(500);
    expect(b).toBeGreaterThan(570);
    expect(b).toBeLessThan(600);
    expect(after.sizes.pieces[0]!.lengthMm.basis).toBe('learned');
    expect(becauseOf(after.sizes.pieces[0]!.lengthMm, sampleKit().habits)).toContain('your Hat of 5 Nov 2026');
  });
});
