import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../../tests/support/arbitrary';
import { made, planned, sampleKit, withLadder } from '../../../../../tests/support/sample';
import { KINDS } from '../../kinds';
import { SMALL_GARMENT } from '../../kinds/waistcoat';
import type { Operation } from '../../plan';
import type { Result } from '../../tomble';
import { faultMoment, joinMomentsOf, type Look, type Moment, type MomentCode, momentsOf, ringLook } from '.';

/**
 * An oracle of another build: every loop by itself, moved by the operations of the plan alone, without the trace. Rules from
 * the words of the craft (3, 8.1, 8.2 and 8.9), common practice, no source.
 */
class Pins {
  /** How many loops hang on each pin. */
  readonly on = new Map<number, number>();
  cards: readonly number[] = [];
  yarnHigh = true;

  get low(): number {
    return Math.min(...this.live());
  }
  get high(): number {
    return Math.max(...this.live());
  }
  live = (): number[] => [...this.on].filter(([, n]) => n > 0).map(([pin]) => pin);

  does(op: Operation, span: readonly [number, number], lost: readonly [number, number], panel: boolean): void {
    const add = (pin: number, n: number): void => void this.on.set(pin, (this.on.get(pin) ?? 0) + n);
    const edge = 'side' in op ? (op.side === 'low' ? this.low : this.high) : 0;
    const inward = 'side' in op && op.side === 'low' ? 1 : -1;
    switch (op.op) {
      case 'castOn': {
        this.on.clear();
        const [from, to] = [op.pins?.from ?? span[0], op.pins?.to ?? span[1]];
        for (let pin = Math.max(from, lost[0]); pin <= Math.min(to, lost[1]); pin++) add(pin, 1);
        this.yarnHigh = op.yarnAt !== 'low';
        break;
      }
      case 'knit':
        // Whatever hangs on a pin is knitted to one loop.
        for (const pin of this.live()) this.on.set(pin, 1);
        if (panel && op.rows % 2 === 1) this.yarnHigh = !this.yarnHigh;
        break;
      case 'decrease':
        // All that hangs on a pin is lifted together.
        {
          const on = (n: number): number => this.on.get(edge + n * inward)!;
          const set = (n: number, loops: number): void => void this.on.set(edge + n * inward, loops);
          const [a, b, c, d] = [on(0), on(1), on(2), on(3)];
          // What hangs on the first four pins afterwards, from the edge inwards.
          const after = {
            simple: [0, a + b],
            'full-fashioned': [0, a, b + c],
            'two-edge': [0, a, b, c + d],
            double: [0, 0, a, b + c + d]
          }[op.method];
          after.forEach((loops, n) => set(n, loops));
        }
        break;
      case 'increase':
        add(edge - inward, 1);
        break;
      case 'hold':
        for (let i = 0; i < op.stitches; i++) this.on.set(edge + i * inward, 0);
        break;
      case 'rehang':
        break;
      case 'ladder':
        for (const pin of op.pins) this.on.set(pin, 0);
        break;
      case 'newEnd':
        this.yarnHigh = op.side === 'high';
        break;
      case 'float':
        this.cards = op.after;
        break;
      case 'hangOff':
        this.on.clear();
        break;
      case 'zeroCounter':
        break;
    }
  }
}

const looksOf = (moments: readonly Moment[]): Look[] => moments.flatMap(({ sight }) => (sight.of === 'pins' ? [sight.look] : [])); // prettier-ignore
const counts = (look: Look): [number, number][] => {
  const on = new Map<number, number>();
  for (const { pin } of look.loops) on.set(pin, (on.get(pin) ?? 0) + 1);
  return [...on].sort((a, b) => a[0] - b[0]);
};

/** What every picture owes, whatever it shows. */
function sound(look: Look, ring: number, tube: boolean, what = ''): void {
  expect(look.ring).toBe(ring);
  expect(new Set(look.shown).size).toBe(look.shown.length);
  for (const pin of [...look.shown, ...look.loops.map((l) => l.pin), ...look.risen.map((r) => r.pin)]) {
    expect(pin).toBeGreaterThanOrEqual(1);
    expect(pin).toBeLessThanOrEqual(ring);
  }
  // Side by side, up the numbers; a tube goes on past the marker.
  look.shown.slice(1).forEach((pin, i) => {
    const before = look.shown[i]!;
    expect(pin === before + 1 || (tube && before === ring && pin === 1)).toBe(true);
  });
  expect(look.moves.map(({ order }) => order)).toEqual(look.moves.map((_, i) => i + 1));
  // What moves first is in the picture, and a loop that moves is there to be moved.
  const [first] = look.moves;
  if (first && (first.from.on === 'pin' || first.from.on === 'fabric'))
    expect(look.shown, what).toContain(first.from.pin);
  for (const { from, to } of look.moves) {
    if (from.on === 'pin') expect(look.loops.map((l) => l.pin)).toContain(from.pin);
    if (to.on === 'pin') expect(look.shown, what).toContain(to.pin);
  }
  if (look.working) expect(look.shown, what).toContain(look.working.pin);
  // Yarn that comes through the guide cannot get out of it; yarn that is out of it was let out through the gate.
  if (look.working?.where === 'guide' && look.loops.length > 0) expect(look.gate).toBe('closed');
  if (look.working?.where === 'aside' || look.working?.where === 'cut') expect(look.gate).toBe('open');
}

/** Replays a whole plan beside the oracle. */
function replay(result: Result, seen: Set<string>): void {
  result.plan.pieces.forEach((piece, p) => {
    const knitted = result.fabric.pieces[p]!;
    const machine = result.kit.machines.find((m) => m.id === piece.machineId)!;
    const panel = piece.mode !== 'tube';
    const lost: [number, number] = piece.mode === 'panel' ? [1 + machine.reach.start, machine.pins - machine.reach.end] : [1, machine.pins]; // prettier-ignore
    const pins = new Pins();
    for (const step of result.steps.filter((s) => s.piece === p && s.phase !== 'finish')) {
      const moments = momentsOf(result, step, 1);
      expect(moments.length, step.what.say).toBeGreaterThan(0);
      for (const m of [...moments, ...joinMomentsOf(result, step)]) seen.add(m.code);
      const looks = looksOf(moments);
      for (const look of [...looks, ...looksOf(joinMomentsOf(result, step))])
        sound(
          look,
          machine.pins,
          !panel,
          `${step.what.say} ${JSON.stringify(step.what.say === 'act' ? 0 : step.what.facts)}`
        );
      if (step.operation === null) continue;
      const op = piece.operations[step.operation]!;
      // As it begins, what hangs is what the oracle has.
      if (op.op !== 'castOn' && looks[0] && op.op !== 'rehang') {
        const own = [...pins.on].filter(([, n]) => n > 0).map(([pin]) => pin).sort((a, b) => a - b); // prettier-ignore
        expect(
          counts(looks[0]).map(([pin]) => pin),
          `${op.op} of ${piece.label}`
        ).toEqual(own);
      }
      const where = panel && pins.live().length > 0 ? (pins.yarnHigh ? pins.high : pins.low) : null;
      if (where !== null && looks[0]?.working && !['float', 'castOn'].includes(op.op)) expect(looks[0].working.pin).toBe(where); // prettier-ignore
      const edge = 'side' in op && op.op !== 'newEnd' && pins.live().length > 0 ? (op.side === 'low' ? pins.low : pins.high) : null; // prettier-ignore
      pins.does(op, [piece.from, piece.to], lost, panel);
      const last = looks.at(-1);
      if (['decrease', 'increase', 'hold'].includes(op.op) && last) {
        // Edge work: at the edge where the yarn stands, the loops as the oracle has them after it, the yarn beside the new edge.
        expect(edge).toBe(where);
        const after = [...pins.on].filter(([, n]) => n > 0).sort((a, b) => a[0] - b[0]);
        expect(counts(last)).toEqual(after);
        expect(last.working).toMatchObject({ where: 'guide', pin: pins.yarnHigh ? pins.high : pins.low });
        expect(last.turn).toBe(pins.yarnHigh ? 'down' : 'up');
      }
      if (op.op === 'hold') {
        const taking = looks.find((look) => look.moves.length > 0)!;
        expect(taking.moves).toHaveLength(op.stitches);
        expect(taking.moves[0]!.from).toEqual({ on: 'pin', pin: edge });
      }
      if (op.op === 'ladder') expect(counts(last!).map(([pin]) => pin)).toEqual(pins.live().sort((a, b) => a - b));
      if (op.op === 'float') expect(looks[0]!.cards).toEqual(op.after);
      if (op.op === 'hangOff') expect(last!.loops.length === 0 || op.style === 'waste').toBe(true);
    }
    // The ring as rows begin: what it shows is what the fabric then has.
    for (const row of [1, Math.ceil(knitted.rows / 2), knitted.rows]) {
      if (row < 1 || row > knitted.rows) continue;
      const look = ringLook(result, p, row);
      sound(look, machine.pins, !panel, `row ${row}`);
      expect(look.loops.filter(({ pin }) => pin >= knitted.low[row - 1]! && pin <= knitted.high[row - 1]!)).toHaveLength(look.loops.length); // prettier-ignore
      if (panel) expect(look.turn).toBe(knitted.yarnAt[row - 1] === 1 ? 'up' : 'down');
      else expect(look.turn).toBe('round');
    }
  });
}

/** Every code there is; the compiler asks for each. */
const ALL: Readonly<Record<MomentCode, true>> = {
  feet: true, switch: true, hole: true, slack: true, tail: true, woven: true, wrapped: true, hung: true, gate: true,
  flick: true, zero: true, stop: true, oldOut: true, newIn: true, turning: true, rise: true, lift: true, aside: true,
  halfUp: true, three: true, four: true, fourDouble: true, one: true, below: true, take: true, back: true, cutHere: true, newEnd: true, cards: true,
  over: true, roundCard: true, offPin: true, runsDown: true, cutTail: true, noYarn: true, needle: true, taken: true,
  drawThrough: true, hookTwo: true, hookOn: true, hookEnd: true, cutWaste: true, fall: true,
  markIt: true, pushDown: true, setWhole: true, liftOff: true, tearBack: true, newBall: true
}; // prettier-ignore

describe('what a hand does at the machine, moment by moment', () => {
  it('every step at the machine of every kind has pictures, and all together show every moment there is', () => {
    const seen = new Set<string>();
    for (const kind of KINDS) replay(made(kind.code), seen);
    replay(made('waistcoat', { ...SMALL_GARMENT, farSide: 'cut' }), seen);
    for (const method of ['two-edge', 'double', 'simple', 'held'])
      replay(made('panel', { taper: 'both', method, step: 1 }), seen);
    replay(made('panel', { castOn: 'weave', yarnAt: 'low', taper: 'both' }), seen);
    replay(made('cowl', {}, sampleKit({ habits: { wasteStrip: true } })), seen);
    replay(withLadder(), seen);
    // What went wrong at any pin, at either edge of a panel or round a tube: its pin is in the picture.
    for (const result of [made('waistcoat'), made('lined-hat')]) {
      const { low, high } = result.fabric.pieces[0]!;
      for (const pin of [low[39]!, low[39]! + 9, high[39]!])
        for (const kind of ['dropped', 'tuck', 'split', 'edge-loop', 'wrong-turn', 'new-ball'] as const) {
          const moment = faultMoment(result, { kind, piece: 0, row: 40, pin, over: 2 });
          const [look] = looksOf([moment]);
          expect(look!.shown).toContain(pin);
          sound(look!, 48, result.plan.pieces[0]!.mode === 'tube');
          seen.add(moment.code);
        }
    }
    expect(Object.keys(ALL).filter((code) => !seen.has(code))).toEqual([]);
  });

  it('any plan of any kind: loops, edges, yarn and order as an oracle of loops has them', () => {
    const seen = new Set<string>();
    fc.assert(
      fc.property(anyKitAndBrief, ({ kit, brief }) => {
        const result = planned(kit, brief);
        // A plan that the machine refuses is not shown to hands.
        if (result && result.refusals.length === 0) replay(result, seen);
      }),
      { numRuns: 60 }
    );
    expect(seen.size).toBeGreaterThan(20);
  });

  it('a row that is lifted goes pin by pin: the pin that rises, and both loops on those that are done', () => {
    const result = made('brim-hat');
    const step = result.steps.find((s) => s.what.say === 'rehang')!;
    for (const nth of [1, 2, 17, 48]) {
      const [rise, lift] = looksOf(momentsOf(result, step, nth));
      expect(rise!.risen).toEqual([{ pin: nth, by: 'full' }]);
      expect(counts(rise!).filter(([, n]) => n === 2)).toHaveLength(nth - 1);
      expect(lift!.moves).toMatchObject([{ from: { on: 'fabric', pin: nth }, to: { on: 'pin', pin: nth } }]);
    }
  });
});
