import { describe, expect, it } from 'vitest';
import { hat, medium, sampleKit } from '../../../tests/support/sample';
import { tubeBrief } from '$lib/core/substitute';
import { AT_ONCE, planSubstitutes, type PlannedYarn, type Told } from './substitutes';

const many = Array.from({ length: 2 * AT_ONCE + 5 }, (_, i) => medium(`y${i}`, `#2050${String(i + 10)}`));
const kit = sampleKit({ yarns: [medium('red', '#b03020'), ...many] });
const candidates = many.map((yarn) => ({ yarn, strands: 1 }));
const tell = (brief: ReturnType<typeof tubeBrief>, of = candidates) => {
  const told: Told[] = [];
  const why = planSubstitutes(kit, { brief, yarnId: 'red', keep: 'size' }, of, (what) => told.push(what));
  const planned = told.flatMap((what): PlannedYarn[] => (what.is === 'planned' ? [...what.yarns] : []));
  return { told, why, planned };
};

describe('yarns planned in the place of one', () => {
  it('are told twenty at a time, each once, in the order they were given', () => {
    const { told, why, planned } = tell(tubeBrief('m', 'red', 110));
    expect(why).toBe('');
    expect(told.map(({ is }) => is)).toEqual(['begun', 'planned', 'planned', 'planned']);
    expect(told[1]!.is === 'planned' && told[1]!.yarns).toHaveLength(AT_ONCE);
    expect(planned.map(({ yarnId }) => yarnId)).toEqual(many.map(({ id }) => id));
  });

  it('a question that cannot be planned is told in a sentence, and nothing else is', () => {
    const { told, why } = tell({ ...tubeBrief('m', 'red', 110), machineId: 'gone' });
    expect(told).toEqual([]);
    expect(why).toMatch(/machineId must be .*; received "gone"\.$/);
  });

  it('what keeps a plan from being made is told in a sentence with its yarn', () => {
    // A hat that keeps the rows of a finer gauge comes out far too long.
    const coarse = medium('coarse', '#205080');
    const own = sampleKit({ yarns: [medium('red', '#b03020'), coarse] });
    const brief = {
      ...hat({ style: 'plain', yarn: 'red' }, own).brief,
      gauge: { yarn: 'red', courses: 3.4, wales: 1.9 }
    };
    const told: PlannedYarn[] = [];
    planSubstitutes(own, { brief, yarnId: 'red', keep: 'counts' }, [{ yarn: coarse, strands: 1 }], (what) => {
      if (what.is === 'planned') told.push(...what.yarns);
    });
    const [one] = told;
    expect(one?.ok && one.is.verdict).toBe('poor');
    expect(one?.ok && one.stops).toHaveLength(1);
    expect(one?.ok && one.stops[0]).toMatch(/rows/);
  });
});
