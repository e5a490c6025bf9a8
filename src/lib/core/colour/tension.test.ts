import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { made, medium, sampleKit } from '../../../../tests/support/sample';
import { FINGER_TENSIONS, type FingerTension, gaugeFor, Machine, presetFor } from '../kit';
import type { ColourSection } from '../plan';
import { joinMomentsOf, observationsOf } from '../read';
import { alongRows, isMeasured, readJoins, sectionsOf } from './index';

const HOLES = [1, 2, 3];
/** A tube measured at every hole and with all fingers, each with a gauge of its own, so that a mixed one would be found. */
const swatches = ['red', 'blue'].flatMap((yarnId, y) =>
  HOLES.flatMap((hole) =>
    FINGER_TENSIONS.map((fingers, f) => ({
      id: `${yarnId} ${hole} ${fingers}`,
      machineId: 'm',
      yarnId,
      hole,
      fingers,
      state: 'rested',
      statement: { as: 'counts', stitches: 13 + hole / 3, rows: 18 + y + 0.9 * f - 0.7 * hole },
      on: '2026-11-01'
    }))
  )
);
const kitOn = (pins: number) => {
  const { counter } = presetFor(pins, 'm', 'Ring');
  return sampleKit({ machine: Machine.parse({ id: 'm', name: 'Ring', pins, counter }), yarns: [medium('red', '#b03020'), medium('blue', '#205080')], swatches }); // prettier-ignore
};

type Tight = Pick<ColourSection, 'hole' | 'fingers'>;
const tension: fc.Arbitrary<Tight> = fc.record(
  { hole: fc.constantFrom(...HOLES), fingers: fc.constantFrom(...FINGER_TENSIONS) },
  { requiredKeys: [] }
);

/** Sections over exactly so many rows. */
const anyList = (rows: number): fc.Arbitrary<ColourSection[]> =>
  fc
    .array(fc.tuple(fc.constantFrom('red', 'blue'), fc.integer({ min: 1, max: 30 }), tension), {
      minLength: 1,
      maxLength: 7
    })
    .map((list) => {
      let left = rows;
      return list.flatMap(([yarn, wish, tight], i): ColourSection[] => {
        const some = i === list.length - 1 ? left : Math.min(left, wish);
        left -= some;
        return some > 0 ? [{ yarn, rows: some, locked: false, ...tight }] : [];
      });
    });

describe.each([
  ['lined-hat', 48, 'usual'],
  ['scarf', 22, 'firm'],
  ['blanket', 44, 'loose']
] as const)('sections of %s that are tighter or looser', (kind, pins, fingers) => {
  const kit = kitOn(pins);
  const machine = kit.machines[0]!;
  const plain = made(kind, {}, kit, { hole: 2, fingers });
  const { count } = plain.fabric.pieces[0]!.work;

  it('are as long, and take as much yarn, as their own gauge has them, row by row; refused where the yarn cannot change its hole', () => {
    fc.assert(
      fc.property(anyList(count), (sections) => {
        const r = made(kind, {}, kit, { hole: 2, fingers, colours: [{ piece: 0, sections }] });
        // An oracle of its own: every row with its yarn, its hole and its fingers, one after the other.
        const rows = sections.flatMap((s) => Array.from({ length: s.rows }, () => ({ yarn: s.yarn, hole: s.hole ?? 2, fingers: s.fingers ?? fingers }))); // prettier-ignore
        const asked = r.plan.pieces[0]!.hole;
        expect(asked).toBe(2);
        const stuck = rows.some((row, i) => i > 0 && row.yarn === rows[i - 1]!.yarn && row.hole !== rows[i - 1]!.hole);
        expect(r.findings.some((f) => f.code === 'hole-threaded')).toBe(stuck);
        if (stuck) return;
        const gaugeOf = (row: { yarn: string; hole: number; fingers: FingerTension }) =>
          gaugeFor(
            kit,
            machine,
            r.yarns.find((y) => y.id === row.yarn)!,
            row.hole,
            row.fingers
          );
        const mm = rows.reduce((sum, row) => sum + 10 / gaugeOf(row).courses.value, 0);
        const doubled = r.fabric.pieces[0]!.doubled.length > 0;
        if (!doubled) expect(r.sizes.pieces[0]!.lengthMm.value).toBeCloseTo(mm, 6);
        const own = alongRows(r).filter(({ piece, copy, work }) => piece === 0 && copy === 1 && work !== null);
        expect(own).toHaveLength(rows.length);
        const { stitches } = r.fabric.pieces[0]!;
        for (const [i, row] of own.entries()) expect(row.metres).toBeCloseTo((stitches[row.row]! * gaugeOf(rows[i]!).loopMm) / 1000, 9); // prettier-ignore
        // Nobody cuts yarn where only the fingers change.
        const changes = rows.filter((row, i) => i > 0 && row.yarn !== rows[i - 1]!.yarn).length;
        const others = readJoins(plain).joins - plain.plan.pieces[0]!.copies * (sectionsOf(plain.plan.pieces[0]!).filter((s, i, all) => i > 0 && s.yarn !== all[i - 1]!.yarn).length); // prettier-ignore
        expect(readJoins(r).joins - others).toBe(changes * r.plan.pieces[0]!.copies);
      }),
      { numRuns: 40 }
    );
  });

  it('are told where they begin: the hole as the yarn is laid in, the fingers before the row', () => {
    fc.assert(
      fc.property(anyList(count), (sections) => {
        const r = made(kind, {}, kit, { hole: 2, fingers, colours: [{ piece: 0, sections }] });
        if (r.findings.some((f) => f.weight === 'stop')) return;
        // Hands that do what they are told, and nothing else: what they hold is what the plan knits.
        const held: { hole: number; fingers: FingerTension } = { hole: 0, fingers };
        for (const step of r.steps.filter((s) => s.piece === 0)) {
          if (step.what.say === 'guide') held.hole = step.what.facts.hole;
          if (step.joined?.through) held.hole = step.joined.through.hole;
          if (step.what.say !== 'knit') continue;
          const { tension: told } = step.what.facts;
          const cues = step.cues.filter((c) => c.kind === 'tension');
          expect(cues.map((c) => [c.row, c.facts])).toEqual(told ? [[step.rows!.from - 1, told]] : []);
          if (told?.hole) held.hole = told.hole;
          if (told?.fingers) held.fingers = told.fingers;
          const op = r.plan.pieces[0]!.operations[step.operation!]!;
          if (op.op === 'knit') expect(held).toEqual({ hole: op.hole ?? 2, fingers: op.fingers ?? fingers });
          expect(joinMomentsOf(r, step).some((m) => m.code === 'hole')).toBe(Boolean(step.joined?.through));
        }
      }),
      { numRuns: 40 }
    );
  });
});

describe('tension by section', () => {
  const kit = kitOn(48);
  const plain = made('lined-hat', { style: 'plain', yarn: 'red' }, kit, { hole: 2 });
  const rows = plain.fabric.pieces[0]!.work.count;
  const of = (...sections: (Tight & { yarn: string; rows: number })[]) =>
    made('lined-hat', { style: 'plain', yarn: 'red' }, kit, { hole: 2, colours: [{ piece: 0, sections }] });

  it('names the tension the piece has anyway, and nothing is another', () => {
    const named = of({ yarn: 'red', rows, hole: 2, fingers: 'usual' });
    expect(named.sizes.pieces[0]!.lengthMm.value).toBe(plain.sizes.pieces[0]!.lengthMm.value);
    expect(named.steps.flatMap((s) => s.cues).some((c) => c.kind === 'tension')).toBe(false);
  });

  it('a hole that the guide does not have is refused', () => {
    const none = of({ yarn: 'red', rows, hole: 5 });
    expect(none.findings.map((f) => f.code)).toContain('no-hole');
  });

  it('a tension is known where a swatch has it; a section without its own asks for none', () => {
    const bare = made('lined-hat', { style: 'plain', yarn: 'red' }, { ...kit, swatches: kit.swatches.filter((s) => s.fingers !== 'firm') }); // prettier-ignore
    const section = { yarn: 'red', rows: 9, locked: false };
    expect(isMeasured(plain, 0, { ...section, hole: 3, fingers: 'firm' })).toBe(true);
    expect(isMeasured(bare, 0, { ...section, hole: 3, fingers: 'firm' })).toBe(false);
    expect(isMeasured(bare, 0, { ...section, hole: 3 })).toBe(true);
    expect(isMeasured(bare, 0, section)).toBe(true);
  });

  it('copies that end in another hole are threaded anew, each', () => {
    const many = made('garland', {}, kit, { hole: 2 });
    const p = many.plan.pieces.findIndex((piece) => piece.copies > 1);
    const all = many.fabric.pieces[p]!.work.count;
    const half = Math.floor(all / 2);
    const striped = made('garland', {}, kit, { hole: 2, colours: [{ piece: p, sections: [{ yarn: 'red', rows: half }, { yarn: 'blue', rows: all - half, hole: 1 }] }] }); // prettier-ignore
    const guide = striped.steps.find((s) => s.piece === p && s.what.say === 'guide')!;
    expect(guide).toMatchObject({ eachCopy: true, what: { facts: { hole: 2 } } });
  });

  it('a piece of two tensions teaches no gauge; one of another tension all through teaches that one', () => {
    const tape = { lengthMm: 540, flatWidthMm: 178 };
    expect(observationsOf(of({ yarn: 'red', rows: 40, fingers: 'firm' }, { yarn: 'red', rows: rows - 40 }), 'p', tape, '2026-11-05')).toEqual([]); // prettier-ignore
    const [taught] = observationsOf(of({ yarn: 'red', rows, hole: 1, fingers: 'firm' }), 'p', tape, '2026-11-05');
    expect(taught).toMatchObject({ hole: 1, fingers: 'firm' });
  });
});
