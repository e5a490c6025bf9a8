import { describe, expect, it } from 'vitest';
import { made } from '../../../../tests/support/sample';
import { KINDS } from '../kinds';
import { type Act, optionFields } from '../plan';
import { type Worked, work } from './work';

/** Acts that make nothing hold: without them the thing is the same and looks less. */
const DRESS = new Set<Act['do']>(['rest', 'block', 'fix', 'pompom', 'own', 'tryOn']);

/** A knot before the tails are woven in, or a weave of some before that of the rest: the later act would find the tails. */
const SECURES = (act: Act): boolean =>
  act.do === 'tie' || (act.do === 'weave' && (act.tails === 'joins' || act.edge !== undefined));

/** Plans of every kind, and of every school that puts it together another way. */
const PLANS = [
  ...KINDS.flatMap((kind) => [
    { kind: kind.code, options: {} },
    ...optionFields(kind.options).flatMap(({ key, meta }) =>
      meta.school ? (meta.choices ?? []).map((choice) => ({ kind: kind.code, options: { [key]: choice } })) : []
    )
  ])
];

/** What is on the table, without the order it came about in. */
function outcome(worked: Worked): unknown {
  const things = worked.things.map((t) => ({
    ...t,
    openings: t.openings.map((o) => [o.name, Math.round(o.girthMm)]).sort()
  }));
  const tails = worked.tails.map((t) => [t.part, t.yarn, t.fate].join(' ')).sort();
  const runs = worked.state.runs.map((r) => [r.part, r.run, r.hold].join(' ')).sort();
  const parts = worked.state.parts.map(({ form, layers, filled, floats, linked, twisted, brim, pouch, adorned }) => ({
    form,
    layers,
    filled,
    floats,
    linked,
    twisted,
    brim,
    pouch,
    adorned
  }));
  return { things: JSON.parse(JSON.stringify(things)), tails, runs, parts };
}

describe('a plan that was changed', () => {
  for (const { kind, options } of PLANS) {
    const result = made(kind, options);
    const { acts } = result.plan;
    const changed = (to: readonly Act[]): Worked => work({ ...result, plan: { ...result.plan, acts: to } });

    it(`${kind} ${JSON.stringify(options)}: with an act left out`, () => {
      expect(result.worked.refusals).toEqual([]);
      expect(result.worked.left).toEqual([]);
      acts.forEach((act, i) => {
        const worked = changed(acts.filter((_, k) => k !== i));
        if (DRESS.has(act.do)) {
          expect(worked.refusals, `${i} ${act.do}`).toEqual([]);
          expect(worked.left, `${i} ${act.do}`).toEqual([]);
          return;
        }
        const told = worked.refusals.length > 0 || worked.left.length > 0;
        const same = JSON.stringify(outcome(worked)) === JSON.stringify(outcome(result.worked));
        // An edge that held before it was bound only looks less; one that did not is told.
        if (act.do !== 'bind' && !SECURES(act)) expect(told || !same, `${i} ${act.do}`).toBe(true);
        if (['draw', 'join', 'wasteOff', 'weave', 'runDown', 'latch', 'turn'].includes(act.do) && !SECURES(act)) {
          expect(told, `nobody noticed that ${i} ${JSON.stringify(act)} is missing`).toBe(true);
        }
      });
    });

    it(`${kind} ${JSON.stringify(options)}: with two neighbours the other way round`, () => {
      for (let i = 0; i + 1 < acts.length; i++) {
        const worked = changed([...acts.slice(0, i), acts[i + 1]!, acts[i]!, ...acts.slice(i + 2)]);
        if (worked.refusals.length > 0 || worked.left.length > 0) continue;
        expect(outcome(worked), `${acts[i]!.do} ${acts[i + 1]!.do}`).toEqual(outcome(result.worked));
      }
    });
  }
});
