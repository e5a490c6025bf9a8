import { describe, expect, it } from 'vitest';
import { made } from '../../../../tests/support/sample';
import type { Act } from '../plan';
import { REFUSAL_CODES, type RefusalCode } from './refusal';
import { work } from './work';

type Change = (acts: readonly Act[]) => readonly Act[];

/** What hands say to a kind's acts when they were changed. */
function refused(kind: string, change: Change, options: object = {}): RefusalCode[] {
  const result = made(kind, options);
  expect(result.worked.refusals, kind).toEqual([]);
  const plan = { ...result.plan, acts: change(result.plan.acts) };
  return work({ ...result, plan }).refusals.map(({ refusal }) => refusal.code);
}

const first =
  (act: Act): Change =>
  (acts) => [act, ...acts];
const last =
  (act: Act): Change =>
  (acts) => [...acts, act];
const only =
  (...acts: Act[]): Change =>
  () =>
    acts;
const without = (drop: (act: Act) => boolean): Change => (acts) => acts.filter((act) => !drop(act)); // prettier-ignore
const changed = (is: (act: Act) => boolean, more: object): Change => (acts) => acts.map((act) => (is(act) ? ({ ...act, ...more } as Act) : act)); // prettier-ignore
const order = (...indices: number[]): Change => (acts) => indices.map((i) => acts[i]!); // prettier-ignore
const named = (name: string) => (act: Act) => act.do === 'join' && act.name === name;
const drawn = (edge: 'cast-on' | 'hung-off', tail: 'knit' | 'purl'): Act => ({
  do: 'draw',
  piece: 0,
  edges: [edge],
  tail
});

/** For every code a thing no hand can do, each one act away from a plan that can be done. */
const CASES: Readonly<Record<RefusalCode, readonly [kind: string, change: Change, options?: object]>> = {
  'not-off': ['scarf', first({ do: 'fill', piece: 1 })],
  'nothing-there': ['scarf', first({ do: 'bind', name: 'x', runs: [{ piece: 0, run: 'held' }], by: 'chain', yarn: 'red' })], // prettier-ignore
  'used-up': ['scarf', last(drawn('cast-on', 'knit'))],
  uneven: ['cowl', changed(named('end-to-end'), { a: [{ piece: 0, run: 'cast-on', pins: { from: 1, to: 40 } }] })],
  apart: ['panel-tube', changed(named('panel-1'), { a: [{ piece: 0, run: 'side', side: 'high', rows: { from: 1, to: 5 } }, { piece: 0, run: 'side', side: 'high', rows: { from: 9, to: 12 } }] })], // prettier-ignore
  'no-ring': ['cardigan', without(named('shoulder-left')), { assembly: 'round' }],
  'not-folded': ['folded-bag', without((act) => act.do === 'fold' && act.how.startsWith('pouch'))],
  'faces-away': ['blanket', changed(named('strips-1-2'), { b: [{ piece: 1, run: 'side', side: 'high' }] })],
  'waste-unheld': ['headband', without(named('end-first'))],
  'no-waste': ['scarf', first({ do: 'wasteOff', piece: 0, edge: 'cast-on', by: 'strand' })],
  'no-separator': ['headband', changed((act) => act.do === 'wasteOff', { by: 'separator' })],
  'waste-on': ['headband', first(drawn('cast-on', 'knit'))],
  'not-threaded': ['headband', first({ do: 'gather', piece: 0, edge: 'cast-on' })],
  sealed: ['lined-hat', changed((act) => act.do === 'bringOut', { through: 'cast-on', from: 'cast-on' }), { style: 'plain', outer: 'last' }], // prettier-ignore
  'tail-caught': ['lined-hat', only(drawn('hung-off', 'purl'), drawn('cast-on', 'knit'))],
  'other-side': ['lined-hat', without((act) => act.do === 'turn'), { style: 'contrast' }],
  'no-way-through': ['scarf', last({ do: 'turn', piece: 0, out: 'purl' })],
  'brim-up': ['lined-hat', last({ do: 'turn', piece: 0, out: 'last' })],
  'not-tube': ['panel', first({ do: 'fill', piece: 0 })],
  'not-closed': ['scarf', first({ do: 'fold', piece: 0, how: 'pinch' })],
  'folded-already': ['lined-hat', last({ do: 'fold', piece: 0, how: 'inside' })],
  'closed-body': ['toy-long', order(0, 2, 1)],
  'filled-already': ['toy-long', order(0, 1, 1)],
  'eyes-late': ['toy-long', changed((act) => act.do === 'fix', { what: 'safety-eyes' })],
  'not-filled': ['toy-long', order(3, 0, 1, 2)],
  'rungs-closed': [
    'wrap',
    first({
      do: 'chainRungs',
      name: 'ladder-upper',
      segments: [{ name: 'neck', a: { piece: 0, run: 'hung-off' } }],
      yarn: 'red'
    })
  ],
  'none-left': ['wrap', changed((act) => act.do === 'runDown', { pins: [3] })],
  'no-tail': ['scarf', first({ do: 'tie', piece: 0, tails: 'joins', how: 'knot' })],
  // Laid inside before the other end was closed, the tail of the drawn end is shut in.
  'out-of-reach': [
    'free-tube',
    (acts) => [
      ...changed((act) => act.do === 'draw', { tail: 'purl' })(acts),
      { do: 'lead', piece: 0, tail: 'cast-on', to: 'other-fold' }
    ],
    { start: 'drawn', end: 'straight' }
  ],
  'tail-elsewhere': ['folded-bag', without((act) => act.do === 'lead')],
  // The tail was left for one round.
  'tail-short': ['socks', changed((act) => act.do === 'bind', { rounds: 2 })],
  'no-channel': ['scarf', first({ do: 'threadCord', piece: 0 })],
  'no-cord': ['sack', without((act) => act.do === 'cord')],
  'none-dropped': ['scarf', first({ do: 'latchUp', piece: 0, copy: 1, pin: 4, row: 9 })],
  'no-floats': ['scarf', first({ do: 'latch', piece: 0 })],
  'floats-loose': ['wide-panel', without((act) => act.do === 'latch')],
  'out-already': ['scarf', first({ do: 'turn', piece: 0, out: 'knit' })],
  'nothing-to-hang': ['garland', changed((act) => act.do === 'hang', { count: 100 })]
};

describe('what hands refuse', () => {
  it('has a case for every code', () => {
    expect(Object.keys(CASES).sort()).toEqual([...REFUSAL_CODES].sort());
  });

  for (const code of REFUSAL_CODES) {
    const [kind, change, options] = CASES[code];
    it(`${code}: ${kind}`, () => {
      expect(refused(kind, change, options)).toContain(code);
    });
  }
});
