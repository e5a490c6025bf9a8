import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { medium, sampleKit } from '../../../../../tests/support/sample';
import { colourDifference, Kit, Machine, presetFor, USUAL_PINS, type Yarn, yarnOf } from '../../kit';
import { Brief, type Operation } from '../../plan';
import { KINDS, kindOf, machinesFor } from '../index';
import { endsOf, FAR_ENDS, START_ENDS } from './ends';
import { pinsFor, usable } from './panel';
import { oneOrPair } from './pair';
import { pennantShape } from './pennant';
import { bestYarns, firstYarns, furthest, machineNear } from './pick';
import { colourSections, layStripes } from './stripes';
import { type EdgeChoice, taperOf } from './taper';
import { even, ringOn, rowsFor, tubePiece, wantedRows } from './tube';
import { rowsBefore, wasteFor } from './waste';
import { becauseOf } from '$lib/words';

const kit = sampleKit({ yarns: [medium('red', '#b03020'), medium('blue', '#205080'), medium('lemon', '#f4e04d')] });
const brief = Brief.parse({ kind: 'scarf', name: 'S', machineId: 'm', options: {} });
const ring = ringOn(kit, brief, 'red');
const knitted = (operations: readonly Operation[], purpose: string): number =>
  operations.reduce((sum, op) => sum + (op.op === 'knit' && op.purpose === purpose ? op.rows : 0), 0);

describe('choosing yarns', () => {
  it('the first choice is nearest to medium, then most at hand', () => {
    const yarns = [
      medium('sock', '#111111', { weightClass: 1 }),
      medium('little', '#222222', { stockGrams: 20 }),
      medium('much', '#333333', { stockGrams: 300 }),
      medium('unknown', '#444444')
    ];
    expect(bestYarns(Kit.parse({ ...kit, yarns })).map((y) => y.id)).toEqual(['unknown', 'much', 'little', 'sock']);
  });
  it('two strands of a thin yarn stand in for a medium one', () => {
    const yarns = [medium('bulky', '#111111', { weightClass: 6 }), medium('double', '#222222', { weightClass: 2, strands: 2 })]; // prettier-ignore
    expect(firstYarns(Kit.parse({ ...kit, yarns }))).toEqual({ main: 'double', second: 'bulky' });
  });
  it('one yarn is both', () => {
    expect(firstYarns(Kit.parse({ ...kit, yarns: [medium('only', '#111111')] }))).toEqual({ main: 'only', second: 'only' }); // prettier-ignore
  });
  it('waste is the plainest of the yarns that are about as thick', () => {
    const yarns = [medium('red', '#b03020'), medium('pink', '#c04030'), medium('teal', '#109090'), medium('black', '#000000', { weightClass: 1 })]; // prettier-ignore
    const own = Kit.parse({ ...kit, yarns });
    const best = furthest(own, [yarnOf(own, 'red')]);
    expect(best).toBe('teal');
    for (const other of ['pink', 'red']) {
      const apart = (id: string): number => colourDifference(yarnOf(own, id).colour.hex, '#b03020');
      expect(apart(best)).toBeGreaterThan(apart(other));
    }
    // Where nothing as thick is plain, colour alone decides.
    const few = Kit.parse({ ...kit, yarns: [yarns[0], yarns[1], yarns[3]] });
    expect(furthest(few, [yarnOf(few, 'red')])).toBe('black');
    // A third colour stands apart from both its neighbours, as a separator row must.
    expect(furthest(own, [yarnOf(own, 'red'), yarnOf(own, 'teal')])).toBe('black');
  });
});

describe('choosing machines', () => {
  const many = Kit.parse({ ...kit, machines: USUAL_PINS.map((pins) => presetFor(pins, `m${pins}`, `Ring ${pins}`)) });
  it.each([
    ['socks', 22],
    ['mug-wrap', 22],
    ['lined-hat', 48],
    ['folded-bag', 48],
    ['waistcoat', 48],
    ['garland', 22]
  ])('%s begins on %i pins', (code, pins) => {
    expect(machinesFor(kindOf(code)!, many)[0]!.pins).toBe(pins);
  });
  it('a busy ring gives way to a free one near it, not to one that cannot', () => {
    expect(machinesFor(kindOf('lined-hat')!, many, ['m48'])[0]!.pins).toBe(46);
    const two = Kit.parse({ ...kit, machines: [presetFor(48, 'a', 'A'), presetFor(22, 'b', 'B')] });
    expect(machinesFor(kindOf('folded-bag')!, two, ['a'])[0]!.id).toBe('a');
  });
  it('the newest ring of one’s own comes before an older one near it, not before one that is made for the kind', () => {
    const [old, own, small] = [presetFor(48, 'a', 'A'), presetFor(44, 'b', 'B'), presetFor(22, 'c', 'C')];
    const first = (addedTo: string): string => {
      const machines = [old, own, small].map((m) =>
        m.id === addedTo ? { ...m, addedAt: '2026-05-03T10:00:00.000Z' } : m
      );
      return machinesFor(kindOf('lined-hat')!, Kit.parse({ ...kit, machines }))[0]!.id;
    };
    expect([first(''), first('b'), first('c')]).toEqual(['a', 'b', 'a']);
  });
  it('the newest yarn of one’s own comes first among those that knit well, one that is a net does not', () => {
    const added = (y: Yarn, day: string): Yarn => ({ ...y, addedAt: `2026-05-${day}T10:00:00.000Z` });
    const [a, b] = [medium('a', '#101010', { stockGrams: 900 }), medium('b', '#202020', { stockGrams: 100 })];
    const lace = medium('lace', '#303030', { weightClass: 0 });
    const first = (yarns: Yarn[]): string => bestYarns({ ...kit, yarns })[0]!.id;
    expect(first([a, b, lace])).toBe('a');
    expect(first([added(a, '01'), added(b, '02'), added(lace, '03')])).toBe('b');
  });
  it('lists every machine once, for every kind', () => {
    for (const kind of KINDS) expect(machinesFor(kind, many).map((m) => m.id).sort()).toEqual(many.machines.map((m) => m.id).sort()); // prettier-ignore
  });
  it('the nearest ring to a number, the chosen one where equal', () => {
    expect(machineNear(many, 21, 'm22').pins).toBe(22);
    expect(machineNear(many, 41, 'm48').pins).toBe(40);
  });
});

describe('waste yarn', () => {
  const none = { wasteYarn: null, separator: false, wasteWay: 'strand', firstTail: 'drop' } as const;
  it.each([
    ['few', 5],
    ['ten', 10],
    ['fifteen', 15]
  ] as const)('%s: %i rows at either end', (waste, rows) => {
    const found = wasteFor(kit, { waste, ...none }, 'red', 'red');
    expect(knitted(found.before, 'waste')).toBe(rows);
    expect(knitted(found.after, 'waste')).toBe(rows);
    expect(rowsBefore(found)).toBe(rows);
  });
  it('none is none, and a separator is one row of a third colour at either end', () => {
    expect(wasteFor(kit, { waste: 'none', ...none }, 'red', 'red')).toMatchObject({
      yarn: null,
      before: [],
      after: []
    });
    const apart = wasteFor(kit, { ...none, waste: 'few', wasteYarn: 'lemon', separator: true }, 'red', 'red');
    expect(knitted(apart.before, 'separator')).toBe(1);
    expect(apart.rows).toEqual({ 'cast-on': 6, 'hung-off': 6 });
    const third = apart.before.find((op) => op.op === 'knit' && op.purpose === 'separator');
    expect(third).toMatchObject({ yarn: 'blue' });
  });
  it('follows the habits at both ends', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 30 }), fc.integer({ min: 0, max: 30 }), (wasteStart, wasteEnd) => {
        const own = sampleKit({ habits: { wasteStart, wasteEnd } });
        const found = wasteFor(own, { waste: 'habit', ...none }, 'red', 'red');
        expect(found.rows).toEqual({ 'cast-on': Math.max(1, wasteStart), 'hung-off': Math.max(1, wasteEnd) });
      }),
      { numRuns: 40 }
    );
  });
});

describe('ends of a tube', () => {
  it('every pair of ends makes a tube that begins with a cast-on and ends off the pins', () => {
    for (const start of START_ENDS) {
      for (const end of FAR_ENDS) {
        const at = { kit, ring, p: 0, first: 'red', last: 'blue', choice: { waste: 'few', wasteYarn: null, separator: false, wasteWay: 'strand', firstTail: 'drop', closeBy: 'loops' } as const }; // prettier-ignore
        const ends = endsOf(at, start, end);
        expect(ends.before[0]!.op).toBe('castOn');
        expect(ends.after.at(-1)!.op).toBe('hangOff');
        const piece = tubePiece(kit, ring, 'Tube', [...ends.before, ...ends.after]);
        expect(piece.to - piece.from + 1).toBe(48);
        const acts = [...ends.first, ...ends.last].map((act) => act.do);
        const count = (how: string): number => [start, end].filter((v) => v === how).length;
        expect(acts.filter((act) => act === 'join')).toHaveLength(count('straight'));
        expect(acts.filter((act) => act === 'bind')).toHaveLength(count('crochet'));
        expect(acts.filter((act) => act === 'draw')).toHaveLength(count('drawn'));
        // Whatever is not shut stays an opening.
        expect(Object.keys(ends.openings)).toHaveLength(2 - count('straight') - count('drawn'));
      }
    }
  });
});

describe('rows and stripes', () => {
  it('rows of a length, at least two, and even counts', () => {
    expect(rowsFor(ring, 550)).toBe(110);
    expect(rowsFor(ring, 1)).toBe(2);
    expect([even(7), even(8), even(0), even(9, 20)]).toEqual([8, 8, 2, 20]);
  });
  it('wanted rows carry the range of the gauge', () => {
    const wanted = wantedRows((courses) => 55 * courses, ring, { say: 'lengthOf', mm: 550, of: 'tube' });
    expect(wanted).toMatchObject({ rows: 110, exact: 110 });
    expect(wanted.low).toBeLessThan(110);
    expect(wanted.high).toBeGreaterThan(110);
    expect(becauseOf(wanted, sampleKit().habits)).toContain('55 cm of tube; common practice');
  });
  it('laid stripes fill the rows exactly and never repeat a yarn side by side', () => {
    const section = fc.record({ yarn: fc.constantFrom('a', 'b', 'c'), rows: fc.integer({ min: 1, max: 20 }) });
    fc.assert(
      fc.property(
        fc.array(section, { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 1, max: 300 }),
        fc.boolean(),
        (list, rows, repeat) => {
          // prettier-ignore
          const laid = layStripes(list, rows, repeat);
          expect(laid.reduce((sum, s) => sum + s.rows, 0)).toBe(rows);
          for (let i = 1; i < laid.length; i++) expect(laid[i]!.yarn).not.toBe(laid[i - 1]!.yarn);
        }
      )
    );
  });
  it('one colour keeps its name, stripes are numbered', () => {
    const plain = {
      style: 'plain',
      yarn: 'red',
      secondYarn: 'blue',
      stripeRows: 5,
      sections: [],
      repeat: true,
      joinBy: 'knot'
    } as const;
    expect(colourSections(plain, 20, 'Hat')).toEqual([{ yarn: 'red', rows: 20, label: 'Hat' }]);
    expect(colourSections({ ...plain, style: 'two' }, 10, 'Hat').map((s) => s.label)).toEqual(['Stripe 1', 'Stripe 2']);
  });
});

describe('one or a pair', () => {
  const make = (yarn: string, label: string, more: object) => tubePiece(kit, ringOn(kit, brief, yarn), label, [], more);
  it('one, two alike, or two of their own', () => {
    expect(oneOrPair(false, 'red', 'blue', 'Sock', make).map((p) => p.copies)).toEqual([1]);
    expect(oneOrPair(true, 'red', null, 'Sock', make).map((p) => p.copies)).toEqual([2]);
    expect(oneOrPair(true, 'red', 'red', 'Sock', make).map((p) => p.copies)).toEqual([2]);
    expect(oneOrPair(true, 'red', 'blue', 'Sock', make).map((p) => [p.label, p.pair])).toEqual([
      ['First sock', 'Sock'],
      ['Second sock', 'Sock']
    ]);
  });
});

const alike = (edge: EdgeChoice) => ({ low: edge, high: edge });

describe('pins of a panel', () => {
  it('lie inside what the ring can use, as many as asked, near the middle', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 12, max: 120 }),
        fc.integer({ min: 0, max: 3 }),
        fc.constantFrom('panel', 'tube-as-panel'),
        fc.nat(200),
        (pins, lost, mode, wish) => {
          // prettier-ignore
          const machine = Machine.parse({ id: 'x', name: 'X', pins, reach: { start: lost, end: lost } });
          const most = usable({ machine, handPins: pins }, mode);
          const stitches = 2 + (wish % (most - 1));
          const { from, to } = pinsFor(machine, mode, stitches);
          expect(to - from + 1).toBe(stitches);
          const [first, last] = mode === 'panel' ? [1 + lost, pins - lost] : [1, pins];
          expect(from).toBeGreaterThanOrEqual(first);
          expect(to).toBeLessThanOrEqual(last);
          expect(Math.abs(from - first - (last - to))).toBeLessThanOrEqual(1);
        }
      )
    );
  });
});

describe('pennants and tapers', () => {
  it('a pennant has an even width and at least the rows its decreases need', () => {
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 300 }), fc.integer({ min: 20, max: 300 }), (widthMm, heightMm) => {
        const shape = pennantShape(ring, { widthMm, heightMm }, 'panel');
        const stitches = shape.pins.to - shape.pins.from + 1;
        expect(stitches % 2).toBe(0);
        expect(shape.slope.stitches).toBe((stitches - 2) / 2);
        expect(shape.slope.rows).toBeGreaterThanOrEqual(2 * shape.slope.stitches);
      }),
      { numRuns: 60 }
    );
  });
  it('a taper leaves what its events do not take', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('both', 'low', 'high'),
        fc.constantFrom('simple', 'full-fashioned', 'two-edge', 'double', 'held'),
        fc.integer({ min: 10, max: 250 }),
        fc.integer({ min: 2, max: 6 }),
        fc.integer({ min: 6, max: 160 }),
        fc.constantFrom<'low' | 'high'>('low', 'high'),
        (taper, method, topMm, step, rows, begins) => {
          // prettier-ignore
          const given = 40;
          const { events, left, shaping } = taperOf(
            { taper, topMm, topStitches: null, edges: alike({ method, step, slope: null }) },
            ring,
            given,
            rows,
            begins
          );
          const gone = events.reduce(
            (sum, { op }) => sum + (op.op === 'decrease' || op.op === 'hold' ? op.stitches : 0),
            0
          );
          expect(given - gone).toBe(left);
          expect(left).toBeGreaterThanOrEqual(3);
          for (const { row } of events) expect(row).toBeLessThanOrEqual(rows);
          expect(shaping.length).toBeLessThanOrEqual(1);
        }
      )
    );
  });
  it('no taper, nothing happens', () => {
    expect(taperOf({ taper: 'none', topMm: 10, topStitches: null, edges: alike({ method: 'simple', step: 2, slope: null }) }, ring, 30, 40, 'low')).toEqual({ events: [], left: 30, shaping: [] }); // prettier-ignore
  });
});
