import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyBrief, anyKit } from '../../../../tests/support/arbitrary';
import { made } from '../../../../tests/support/sample';
import { KINDS, kindOf } from '../kinds';
import { type Result, tryPlan } from '../tomble';
import { choosing } from './choosing';
import { holds, optionFields, type OptionMeta } from './options';

const rowsOf = (result: Result): number[] => result.sizes.pieces.map((piece) => piece.rows);

/** Fields of a kind that are asked for only under some choice. */
const guarded = (fields: readonly { key: string; meta: OptionMeta }[], key: string, value: unknown) =>
  fields.filter(({ meta }) => meta.when?.key === key && holds(meta.when, value));

describe('going over to another way of saying a size', () => {
  it('to counting leaves every count of rows as it was, for any plan', () => {
    fc.assert(
      fc.property(
        anyKit.chain((kit) =>
          fc.constantFrom(...KINDS).chain((kind) => anyBrief(kit, kind).map((brief) => ({ kit, kind, brief })))
        ),
        ({ kit, kind, brief }) => {
          const fields = optionFields(kind.options);
          const by = fields.find(({ key }) => key === 'sizeBy');
          const before = tryPlan(kit, brief);
          if (!by || !before.ok) return;
          for (const value of by.meta.choices!) {
            const change = choosing(kind.options, before.value.notes, brief.options, 'sizeBy', value);
            const asked = guarded(fields, 'sizeBy', value);
            // Only where every answer that is now asked for was known, and within its limits.
            const { unasked = {} } = before.value.notes;
            const known = asked.every(({ key }) => key in unasked && change[key] === unasked[key]);
            if (asked.length === 0 || brief.options['sizeBy'] === value || !known) continue;
            const after = tryPlan(kit, { ...brief, options: { ...brief.options, ...change } });
            if (!after.ok) throw new Error(`${kind.code} by ${value}: ${JSON.stringify(after)}`);
            const [was, is] = [rowsOf(before.value), rowsOf(after.value)];
            // A finished height is folded in two: an odd row is rounded to the next even one.
            // Outside and lining of a band hat are made alike, which may take another.
            const may = (value === 'height' ? 1 : 0) + (kind.code === 'band-hat' ? 1 : 0);
            is.forEach((rows, p) =>
              expect(Math.abs(rows - was[p]!), `${kind.code} by ${value}`).toBeLessThanOrEqual(may)
            );
          }
        }
      ),
      { numRuns: 400 }
    );
  });

  it('every kind that can be counted says what there is to count', () => {
    for (const kind of KINDS) {
      const fields = optionFields(kind.options);
      const counts = guarded(fields, 'sizeBy', 'rows').concat(guarded(fields, 'sizeBy', 'sections'));
      const { notes } = made(kind.code);
      for (const { key } of counts.filter(({ meta }) => meta.control === 'count'))
        expect(notes.unasked, `${kind.code}: ${key}`).toHaveProperty(key);
    }
  });

  it('keeps to the limits of the field', () => {
    const { notes } = made('headband', { sizeBy: 'head', headMm: 560 });
    const { options } = kindOf('headband')!;
    const far = { ...notes, unasked: { rows: 9000 } };
    expect(choosing(options, far, { sizeBy: 'head' }, 'sizeBy', 'rows')).toEqual({ sizeBy: 'rows', rows: 400 });
  });

  it('changes nothing else: not for another option, not for the choice that stands, not without a plan', () => {
    const { notes } = made('lined-hat', {});
    const { options } = kindOf('lined-hat')!;
    expect(choosing(options, notes, { sizeBy: 'head' }, 'closing', 'zip')).toEqual({ closing: 'zip' });
    expect(choosing(options, notes, { sizeBy: 'rows', rows: 99 }, 'sizeBy', 'rows')).toEqual({ sizeBy: 'rows' });
    expect(choosing(options, null, { sizeBy: 'head' }, 'sizeBy', 'rows')).toEqual({ sizeBy: 'rows' });
  });
});
