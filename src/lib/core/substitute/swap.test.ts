import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { hat, made, medium, sampleKit } from '../../../../tests/support/sample';
import { KINDS } from '../kinds';
import { refsOf } from '../kinds/refs';
import { Brief, changed } from '../plan';
import { type Result, tryPlan } from '../tomble';
import { verdictOf } from '../read';
import { ask, workYarns } from './compare';
import { type Swap, swapsOf } from './swap';

/** Substitution, craft 6 and common practice, no source: same pins, other yarn. */

const kit = sampleKit({
  yarns: [
    medium('red', '#b03020'),
    medium('blue', '#205080'),
    medium('tide', '#3f8f8a', { label: { metres: 240, grams: 100 } }),
    medium('fir', '#2f6b3a', { behaviour: { stretch: 'much', strength: 'fair', surface: 'smooth', wash: 'machine' } }),
    medium('lemon', '#e8d44d')
  ],
  // Tide knits shorter and narrower than common practice.
  swatches: [
    {
      id: 's',
      machineId: 'm',
      yarnId: 'tide',
      hole: 2,
      state: 'rested',
      statement: { as: 'tube', pins: 48, rows: 120, lengthCm: 50, flatWidthCm: 16 },
      on: '2026-05-01'
    }
  ]
});
const ids = (brief: Brief): string[] =>
  refsOf(brief).flatMap((r) => (r.what === 'yarn' && !r.path.startsWith('strands.') ? [r.id] : []));
/** Yarns of every row of every piece, and of what hands use. */
const used = (run: Result): string[] => run.yarnUse.map((use) => use.yarnId);
const wasteOf = (run: Result): string[] => [
  ...new Set(run.plan.pieces.flatMap((p) => p.operations.flatMap((op) => (op.op === 'knit' && op.purpose === 'waste' ? [op.yarn] : []))))
]; // prettier-ignore
const lengthOf = (run: Result): number => run.sizes.pieces[0]!.lengthMm.value;

function swapped(now: Result, swap: Omit<Swap, 'strands'>): Result {
  const then = tryPlan(now.kit, changed(now.brief, swapsOf(now.kit, now)({ ...swap, strands: 1 })));
  if (!then.ok) throw new RangeError(then.faults[0]!.field);
  return then.value;
}

describe('one yarn in the place of another', () => {
  const { brief } = hat({ yarn: 'red', liningYarn: 'blue' }, kit);
  const whole = Brief.parse({
    ...brief,
    colours: [{ piece: 0, sections: [{ yarn: 'red', rows: 9 }, { yarn: 'blue', rows: 9 }] }] // prettier-ignore
  });
  const now = (of: Brief): Result => {
    const planned = tryPlan(kit, of);
    if (!planned.ok) throw new RangeError(planned.faults[0]!.field);
    return planned.value;
  };

  it('is put everywhere the old one stood, and nowhere else', () => {
    const after = changed(whole, swapsOf(kit, now(whole))({ from: 'red', to: 'tide', strands: 2, keep: 'size' }));
    expect(ids(after)).toEqual(ids(whole).map((id) => (id === 'red' ? 'tide' : id)));
    expect(after.strands).toMatchObject({ tide: 2 });
    expect(tryPlan(kit, after).ok).toBe(true);
  });

  it('names only what changes', () => {
    const swap = { from: 'red', to: 'fir', strands: 1, keep: 'size' } as const;
    const change = swapsOf(kit, now(brief))(swap);
    expect(Object.keys(change).sort()).toEqual(['options', 'strands', 'without']);
    expect(Object.keys(change.options!)).toEqual(['yarn', 'sections']);
  });

  it('the size stays: typed rows and sections follow the gauge, measures need nothing', () => {
    const tubes = [
      made('lined-hat', { sizeBy: 'rows', rows: 120, style: 'plain', yarn: 'red' }, kit),
      made('lined-hat', { sizeBy: 'head', style: 'plain', yarn: 'red' }, kit),
      made('brim-hat', { sizeBy: 'rows', brimRows: 40, bodyRows: 30, brimYarn: 'red', yarn: 'red' }, kit),
      made('free-tube', { sections: [{ yarn: 'red', rows: 60 }, { yarn: 'blue', rows: 40 }] }, kit), // prettier-ignore
      made('scarf', { sizeBy: 'rows', rows: 300, style: 'two', stripeRows: 6, yarn: 'red', secondYarn: 'blue' }, kit),
      made('panel', { sizeBy: 'rows', rows: 81, stitches: 30, yarn: 'red' }, kit)
    ];
    for (const tube of tubes) {
      const then = swapped(tube, { from: 'red', to: 'tide', keep: 'size' });
      const rowMm = 10 / 2;
      expect(Math.abs(lengthOf(then) - lengthOf(tube)), tube.brief.kind).toBeLessThanOrEqual(2 * rowMm);
      expect(used(then), tube.brief.kind).not.toContain('red');
    }
    // On a panel an odd count stays odd: the yarn ends at the same edge.
    const panel = swapped(tubes[5]!, { from: 'red', to: 'tide', keep: 'size' });
    expect((panel.brief.options.rows as number) % 2).toBe(1);
    expect(panel.brief.options.stitches).toBeGreaterThan(30);
  });

  it('a count that another yarn is knitted in stays as it was typed', () => {
    const two = made('brim-hat', { sizeBy: 'rows', brimRows: 40, bodyRows: 30, brimYarn: 'blue', yarn: 'red' }, kit);
    const then = swapped(two, { from: 'red', to: 'tide', keep: 'size' });
    expect(then.brief.options.brimRows).toBe(40);
    expect(then.brief.options.bodyRows).toBeGreaterThan(30);
  });

  it('the rows and stitches stay on request, and the sizes follow; asking for the size again takes that back', () => {
    for (const { code } of KINDS) {
      const first = workYarns(made(code, {}, kit))[0];
      // From a stretchy yarn, which takes fewer rows, to one that is not.
      const start = first === undefined ? null : swapped(made(code, {}, kit), { from: first, to: 'fir', keep: 'size' });
      const from = 'fir';
      if (!start) continue;
      const then = swapped(start, { from, to: 'tide', keep: 'counts' });
      const counts = (run: Result) => run.fabric.pieces.map(({ rows, width }) => [rows, width]);
      expect(counts(then), code).toEqual(counts(start));
      expect(then.brief.countsAs?.yarn).toBe('tide');
      const back = swapped(then, { from: 'tide', to: from, keep: 'size' });
      expect(back.brief.countsAs).toBeUndefined();
    }
    // A hat that keeps the counts of a looser yarn is judged by its own gauge.
    const far = { ...kit, yarns: kit.yarns.map((y) => (y.id === 'tide' ? { ...y, label: { metres: 400, grams: 100 } } : y)) }; // prettier-ignore
    const kept = swapped(hat({ yarn: 'red', style: 'plain' }, far), { from: 'red', to: 'tide', keep: 'counts' });
    expect(kept.notes.wanted!.rows).not.toBe(hat({ yarn: 'red', style: 'plain' }, far).notes.wanted!.rows);
    expect(verdictOf(kept)).not.toBeNull();
    const counted = hat({ yarn: 'red', style: 'plain' }, kit);
    expect(lengthOf(swapped(counted, { from: 'red', to: 'tide', keep: 'counts' }))).toBeLessThan(lengthOf(counted) - 10); // prettier-ignore
  });

  it('what is told is what is planned, for every kind and any swap', () => {
    fc.assert(
      fc.property(
        anyKitAndBrief,
        fc.nat(),
        fc.nat(),
        fc.integer({ min: 1, max: 3 }),
        fc.constantFrom('size', 'counts'),
        ({ kit: own, brief: asked }, which, other, strands, keep) => {
          const start = tryPlan(own, asked);
          if (!start.ok) return;
          const places = workYarns(start.value);
          const yarnId = places[which % Math.max(1, places.length)];
          if (yarnId === undefined) return;
          const yarn = own.yarns[other % own.yarns.length]!;
          const question = ask(own, { brief: asked, yarnId, keep });
          if (!question.ok) throw new RangeError('the question was planned a line before');
          expect(question.value.original.metres).toEqual(metresOf(start.value, yarnId));
          if (yarn.id === yarnId) return;
          const answer = question.value.compare({ yarn, strands });
          // The plan is made as the page of a project makes it: from the edit alone.
          const edit = swapsOf(own, start.value)({ from: yarnId, to: yarn.id, strands, keep });
          const then = tryPlan(own, changed(asked, JSON.parse(JSON.stringify(edit)) as typeof edit));
          expect(answer.ok).toBe(then.ok);
          if (!answer.ok || !then.ok) return;
          const { is } = answer;
          expect(is.metres).toEqual(metresOf(then.value, yarn.id));
          const piece = then.value.sizes.pieces.find((p) => p.lengthMm.value === is.lengthMm.value);
          expect(piece?.rows).toBe(is.rows);
          expect(used(then.value)).not.toContain(yarnId);
        }
      ),
      { numRuns: 250 }
    );
  });

  it('every kind by its start, every yarn of its work by every other: told is planned', () => {
    for (const { code } of KINDS) {
      const start = made(code, {}, kit);
      for (const yarnId of workYarns(start)) {
        const asked = ask(kit, { brief: start.brief, yarnId, keep: 'size' });
        if (!asked.ok) throw new RangeError(code);
        for (const yarn of kit.yarns.filter((y) => y.id !== yarnId)) {
          const answer = asked.value.compare({ yarn, strands: 1 });
          const then = swapped(start, { from: yarnId, to: yarn.id, keep: 'size' });
          expect(answer.ok && answer.is.grams, `${code} ${yarnId} ${yarn.id}`).toEqual(
            then.yarnUse.find((use) => use.yarnId === yarn.id)!.grams
          );
        }
      }
    }
  });

  it('a yarn that only colours set on a tube use is replaced there, and counts what those rows take', () => {
    const set = Brief.parse({
      ...made('scarf', { style: 'plain', yarn: 'red', sizeBy: 'rows', rows: 200 }, kit).brief,
      colours: [{ piece: 0, sections: [{ yarn: 'red', rows: 150 }, { yarn: 'fir', rows: 50 }] }] // prettier-ignore
    });
    const asked = ask(kit, { brief: set, yarnId: 'fir', keep: 'size' });
    if (!asked.ok) throw new RangeError('it must be planned');
    const { original, compare } = asked.value;
    const blue = compare({ yarn: kit.yarns.find((y) => y.id === 'blue')!, strands: 1 });
    expect(blue.ok && blue.is.grams.value).toBeCloseTo(original.grams.value, 6);
    expect(blue.ok && blue.is.grams.value).toBeLessThan(60);
  });

  it('a yarn that no row is knitted in is refused, not answered', () => {
    expect(() => ask(kit, { brief, yarnId: 'lemon', keep: 'size' })).toThrow(/knitted in the work; received lemon/);
  });
});

const metresOf = (run: Result, id: string) => run.yarnUse.find((use) => use.yarnId === id)?.metres;

describe('waste yarn of a whole project', () => {
  it('is none that the work needs while another will do, and the same for all pieces', () => {
    // Red and lemon are knitted; lemon stands furthest from red, where the first and last rows are.
    const cowl = made('cowl', { style: 'two', yarn: 'red', secondYarn: 'lemon', waste: 'few', separator: true }, kit);
    expect(wasteOf(cowl)).not.toContain('lemon');
    for (const { code } of KINDS) {
      const run = made(code, {}, kit);
      const needed = new Set(workYarns(run));
      expect(wasteOf(run).length, code).toBeLessThanOrEqual(1);
      for (const id of wasteOf(run)) expect(needed.has(id), `${code} ${id}`).toBe(false);
    }
    // A wrap whose tubes differ, and a plan whose colours were set.
    const wrap = made('wrap', { yarn: 'red', backYarn: 'lemon' }, kit);
    expect(wasteOf(wrap)).toHaveLength(1);
    expect(wasteOf(wrap)).not.toContain('lemon');
  });

  it('falls back on what is there: two yarns, both knitted', () => {
    const two = sampleKit();
    const ends = { style: 'striped', sections: [{ yarn: 'red', rows: 20 }, { yarn: 'blue', rows: 46 }, { yarn: 'red', rows: 20 }] }; // prettier-ignore
    const cowl = made('cowl', { ...ends, sizeBy: 'rows', rows: 86, repeat: false, waste: 'few' }, two);
    expect(wasteOf(cowl)).toEqual(['blue']);
  });

  it('is not the yarn that was replaced, nor one that is used up, and a chosen one is kept', () => {
    const start = made('cowl', { style: 'plain', yarn: 'lemon', wasteYarn: 'red', waste: 'few' }, kit);
    expect(wasteOf(start)).toEqual(['red']);
    // The replaced yarn was chosen as waste too: another is taken.
    const both = made('cowl', { style: 'plain', yarn: 'red', wasteYarn: 'red', waste: 'few' }, kit);
    const then = swapped(both, { from: 'red', to: 'blue', keep: 'size' });
    expect(used(then)).not.toContain('red');
    expect(wasteOf(then)).not.toContain('blue');
    const gone = { ...kit, yarns: kit.yarns.map((y) => (y.id === 'lemon' ? { ...y, stockGrams: 0 } : y)) };
    expect(wasteOf(made('cowl', { style: 'plain', yarn: 'blue', waste: 'few' }, kit))).toEqual(['lemon']);
    expect(wasteOf(made('cowl', { style: 'plain', yarn: 'blue', waste: 'few' }, gone))).not.toEqual(['lemon']);
  });

  it('the new rule changes what the fifth edition chose, and no piece that was begun by it', () => {
    const options = {
      style: 'two',
      yarn: 'red',
      secondYarn: 'lemon',
      waste: 'few',
      stripeRows: 43,
      sizeBy: 'rows',
      rows: 129
    };
    const before = made('cowl', options, { ...kit, edition: 5 });
    expect(wasteOf(before)).toEqual(['lemon']);
    expect(wasteOf(made('cowl', options, kit))).not.toEqual(['lemon']);
  });
});
