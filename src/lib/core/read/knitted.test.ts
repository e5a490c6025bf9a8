import { describe, expect, it } from 'vitest';
import { hat, made, medium, sampleKit } from '../../../../tests/support/sample';
import { Machine } from '../kit';
import { workOf } from '../knit';
import { departure } from './knitted';
import { trackOf } from './track';

const ring = (id: string, pins: number): Machine => Machine.parse({ id, name: id, pins });
const kit = { ...sampleKit(), machines: [ring('m', 48), ring('small', 40)] };
const two = { style: 'contrast', yarn: 'red', liningYarn: 'blue', sizeBy: 'rows', rows: 120 };

describe('what hangs on the machine', () => {
  it('nothing differs where nothing was changed, and nothing can before the first row', () => {
    expect(departure(hat(two, kit), hat(two, kit), 60)).toBeNull();
    expect(departure(hat(two, kit), hat({ ...two, yarn: 'blue' }, kit), 0)).toBeNull();
  });

  it('another machine', () => {
    expect(departure(hat(two, kit), hat(two, kit, { machineId: 'small' }), 41)).toMatchObject({
      what: 'machine',
      row: 1,
      yarns: null
    });
  });

  it('another yarn counts from the first knitted row that has it; rows to come are free', () => {
    const [before, after] = [hat(two, kit), hat({ ...two, liningYarn: 'red' }, kit)];
    const piece = before.fabric.pieces[0]!;
    const first = [...piece.yarn].findIndex(
      (yarn, r) => before.yarns[yarn]!.id !== after.yarns[after.fabric.pieces[0]!.yarn[r]!]!.id
    );
    expect(first).toBeGreaterThan(0);
    expect(departure(before, after, first)).toBeNull();
    expect(departure(before, after, first + 1)).toMatchObject({ what: 'yarn', row: first + 1 });
  });

  it('rows are said as hands count them: waste never counts', () => {
    const [before, after] = [made('headband', {}, kit), made('headband', {}, kit, { machineId: 'small' })];
    const waste = workOf(before.fabric.pieces[0]!).before;
    expect(waste).toBeGreaterThan(0);
    expect(departure(before, after, waste)).toMatchObject({ done: 0, counted: { of: 'waste', row: 1 } });
    expect(departure(before, after, waste + 7)).toMatchObject({ done: 7 });
  });

  it('a plan that ends before what is knitted', () => {
    const [before, after] = [hat({ ...two, style: 'plain' }, kit), hat({ ...two, style: 'plain', rows: 80 }, kit)];
    const { rows } = trackOf(before);
    expect(departure(before, after, rows)).toMatchObject({ what: 'shorter' });
    expect(departure(before, after, 40)).toBeNull();
  });

  it('stitches of a panel', () => {
    const [wide, narrow] = [made('panel', { widthMm: 300 }), made('panel', { widthMm: 200 })];
    expect(departure(wide, narrow, 10)).toMatchObject({ what: 'pins', row: 1 });
  });

  it('agrees with a look at every row, for any two plans of a kind', () => {
    const plans = [
      two,
      { ...two, rows: 100 },
      { ...two, yarn: 'green' },
      {
        ...two,
        style: 'striped',
        sections: [
          { yarn: 'red', rows: 4 },
          { yarn: 'green', rows: 3 }
        ]
      }
    ];
    const all = plans.map((o) => hat(o, { ...kit, yarns: [...kit.yarns, medium('green', '#226622')] }));
    for (const a of all)
      for (const b of all)
        for (const rows of [1, 7, 30, 90, trackOf(a).rows]) {
          const row = (r: typeof a, i: number): string | undefined => {
            const p = r.fabric.pieces[0]!;
            return i < p.rows ? [r.yarns[p.yarn[i]!]!.id, p.low[i], p.high[i], p.purpose[i]].join() : undefined;
          };
          const first = Array.from({ length: rows }, (_, i) => i).find((i) => row(a, i) !== row(b, i));
          expect(departure(a, b, rows)?.row ?? null).toBe(first === undefined ? null : first + 1);
        }
  });
});
