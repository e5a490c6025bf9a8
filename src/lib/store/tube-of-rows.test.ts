import { describe, expect, it } from 'vitest';
import { sampleKit } from '../../../tests/support/sample';
import { plan, tryPlan } from '$lib/core/tomble';
import { convertCount, convertGauge } from '$lib/core/convert';
import { perCm } from '$lib/core/kit';
import { tubeOfRows } from './tube-of-rows';

describe('a tube of converted rows', () => {
  const kit = sampleKit();
  // The conversion of practice: 20 and 28 to 10 cm, against 26.0 cm to 40 and 9.5 cm to 20 (common practice, no source).
  const stated = perCm({ as: 'lengths', cmTo40Stitches: 26, cmTo20Rows: 9.5 });

  it('is planned at the gauge it was given, not at what is known of the yarn', () => {
    const { rowFactor } = convertGauge(perCm({ as: 'counts', stitches: 20, rows: 28 }), stated);
    const rows = convertCount(84, rowFactor).whole;
    const { brief } = tubeOfRows(kit, 'm', 'red', [rows], 'Converted', stated);
    const result = plan(kit, brief);
    const [size] = result.sizes.pieces;
    // By hand: 63 rows at 20 to 9.5 cm; the pattern's 84 rows at 28 to 10 cm are 30 cm.
    expect(rows).toBe(63);
    expect(size!.lengthMm.value).toBeCloseTo((63 * 95) / 20, 6);
    expect(Math.abs(size!.lengthMm.value - 300)).toBeLessThan(3);
    expect(size!.flatWidthMm.value).toBeCloseTo((24 * 260) / 40, 6);
    // Two pieces differ all the same.
    expect(size!.lengthMm.high / size!.lengthMm.value).toBeGreaterThan(1.03);
    const known = plan(kit, tubeOfRows(kit, 'm', 'red', [rows], 'Known').brief);
    expect(known.sizes.pieces[0]!.lengthMm.value).toBeCloseTo((63 * 10) / 2, 6);
  });

  it('a gauge that no knitting has is refused with its field', () => {
    const { brief } = tubeOfRows(kit, 'm', 'red', [63], 'Converted', stated);
    const wrong = { ...brief, gauge: { yarn: 'nobody', courses: 2, wales: 1.4 } };
    expect(tryPlan(kit, wrong)).toMatchObject({ ok: false, faults: [{ path: 'brief.gauge.yarn' }] });
  });
});
