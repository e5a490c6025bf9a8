import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { made } from '../../../../tests/support/sample';
import type { ActOf, Edge } from '../plan';
import { work } from './work';

/**
 * An oracle of another build for folds and tails: a tube as two open mouths, every end of yarn as a thing that hangs outside
 * or inside of them. A hand gets in by an open mouth and by nothing else; a tube turned out has its inside outside. Acts
 * come at random, sense or nonsense. Rules from the words of the craft (craft 3, 4 and 7), common practice, no source.
 */
type Tried = ActOf<'thread' | 'draw' | 'bringOut' | 'fold' | 'turn' | 'fill' | 'wasteOff' | 'bind' | 'tie' | 'weave'>;
interface End {
  readonly at: Edge | 'row' | 'seam';
  readonly join: boolean;
  readonly own: boolean;
  /** Its own cast-on's: it is drawn, or woven in where nobody draws it. */
  readonly spare: boolean;
  place: 'in' | 'out';
  fate: string;
}
interface Mouth {
  open: boolean;
  hold: string;
  waste: boolean;
}

class Hung {
  readonly mouths: Record<Edge, Mouth>;
  readonly tails: End[];
  shape: 'tube' | 'lined' | 'flat' = 'tube';
  out = 'knit';
  brim = false;
  twist = false;
  pouch = 0;
  filled = false;

  constructor(mouths: Record<Edge, Mouth>, tails: readonly End[]) {
    this.mouths = { 'cast-on': { ...mouths['cast-on'] }, 'hung-off': { ...mouths['hung-off'] } };
    this.tails = tails.map((t) => ({ ...t }));
  }

  get shut(): boolean {
    return !this.mouths['cast-on'].open && !this.mouths['hung-off'].open;
  }
  reach(t: End): boolean {
    return t.place === 'out' || !this.shut;
  }
  loose(at?: Edge): End[] {
    return this.tails.filter((t) => t.fate === 'loose' && (at === undefined || t.at === at));
  }

  fold(how: string): boolean {
    switch (how) {
      case 'inside':
      case 'pinch':
        // What hangs inside of a shut tube is never seen again; pinched from the middle, both mouths must be shut.
        if (this.shape !== 'tube' || (this.shut && this.loose().some((t) => t.place === 'in'))) return false;
        if (how === 'pinch' && !this.shut) return false;
        this.shape = 'lined';
        return true;
      case 'flat':
        if (this.shape !== 'tube' || !this.shut) return false;
        this.shape = 'flat';
        return true;
      case 'brim':
        if (this.shape !== 'lined' || this.brim) return false;
        return (this.brim = true);
      case 'twist':
        if (this.shape !== 'flat' || this.twist) return false;
        return (this.twist = true);
      default: {
        const turn = ['pouch-right', 'pouch-left', 'pouch-over'].indexOf(how);
        if (this.shape !== 'flat' || this.pouch !== turn) return false;
        this.pouch++;
        return true;
      }
    }
  }

  does(act: Tried): boolean {
    switch (act.do) {
      case 'thread': {
        const m = this.mouths[act.edge];
        if (!m.open || (m.hold !== 'open' && m.hold !== 'woven')) return false;
        m.hold = 'thread';
        for (const t of this.tails) if (t.at === act.edge && t.fate === 'string') t.fate = 'loose';
        for (let i = 0; i < 2; i++) this.tails.push({ at: act.edge, join: false, own: false, spare: false, place: 'out', fate: 'string' }); // prettier-ignore
        return true;
      }
      case 'draw': {
        const [e] = act.edges as [Edge];
        const m = this.mouths[e];
        const other = this.mouths[e === 'cast-on' ? 'hung-off' : 'cast-on'];
        if (!m.open || m.waste || (m.hold !== 'thread' && m.hold !== 'woven')) return false;
        if (act.tail === 'in' && !other.open) return false;
        Object.assign(m, { open: false, hold: 'drawn' });
        for (const t of this.tails) {
          if (t.at !== e || (t.fate !== 'string' && t.fate !== 'loose')) continue;
          Object.assign(t, { fate: 'loose', place: act.tail });
        }
        return true;
      }
      case 'bringOut': {
        const inside = this.loose(act.from).filter((t) => t.place === 'in');
        if (inside.length === 0 || !this.mouths[act.through].open) return false;
        for (const t of inside) t.place = 'out';
        return true;
      }
      case 'fold':
        return this.fold(act.how);
      case 'turn':
        if (this.out === act.out || this.shut) return false;
        this.out = act.out;
        for (const t of this.tails) t.place = t.place === 'in' ? 'out' : 'in';
        return true;
      case 'fill':
        if (this.filled || this.shut) return false;
        return (this.filled = true);
      case 'wasteOff': {
        const m = this.mouths[act.edge];
        if (!m.waste || m.hold === 'open') return false;
        m.waste = false;
        return true;
      }
      case 'bind': {
        const e = act.runs[0]!.run as Edge;
        const m = this.mouths[e];
        if (!m.open) return false;
        m.hold = 'bound';
        for (const t of this.tails) if (t.at === e && t.fate === 'string') t.fate = 'loose';
        for (let i = 0; i < 2; i++) this.tails.push({ at: 'seam', join: false, own: false, spare: false, place: 'out', fate: 'loose' }); // prettier-ignore
        return true;
      }
      case 'tie': {
        const ends =
          act.tails === 'joins'
            ? this.loose().filter((t) => t.join)
            : act.tails === 'first-loop'
              ? this.loose(act.edge).filter((t) => t.own).slice(0, 1) // prettier-ignore
              : [...this.loose('cast-on').slice(0, 1), ...this.loose('hung-off').slice(0, 1)];
        if (ends.length < (act.tails === 'crowns' ? 2 : 1) || ends.some((t) => !this.reach(t))) return false;
        if (act.tails === 'crowns' && this.shape !== 'lined') return false;
        if (act.tails === 'joins' && act.how === 'knot') for (const t of ends) t.fate = 'tied';
        return true;
      }
      case 'weave': {
        const spare = (t: End): boolean => t.spare && t.fate === 'string' && this.mouths['cast-on'].hold === 'woven';
        const ends = this.tails.filter((t) => (t.fate === 'loose' || spare(t)) && (!act.tails || t.join) && this.reach(t)); // prettier-ignore
        if (ends.length === 0) return false;
        for (const t of ends) t.fate = act.how;
        return true;
      }
    }
  }
}

const tail = (at: End['at'], more: Partial<End> = {}): End => ({ at, join: false, own: false, spare: false, place: 'in', fate: 'loose', ...more }); // prettier-ignore
const join = (): End[] => [tail('row', { join: true }), tail('row', { join: true })];

/** Tubes as they come off, told by hand: three yarns on drawstring ends, two on waste, one woven on waste. */
const STARTS = [
  {
    kind: 'lined-hat',
    options: { style: 'contrast', yarn: 'red', liningYarn: 'blue', marginRows: 6, waste: 'none', thread: null },
    mouths: { 'cast-on': { open: true, hold: 'woven', waste: false }, 'hung-off': { open: true, hold: 'thread', waste: false } }, // prettier-ignore
    tails: [tail('cast-on', { fate: 'string', spare: true }), ...join(), tail('hung-off', { fate: 'string' })]
  },
  {
    kind: 'headband',
    options: {},
    mouths: { 'cast-on': { open: true, hold: 'open', waste: true }, 'hung-off': { open: true, hold: 'open', waste: true } }, // prettier-ignore
    tails: [tail('cast-on', { own: true }), tail('hung-off', { own: true })]
  },
  {
    kind: 'bottle-cosy',
    options: {},
    mouths: { 'cast-on': { open: true, hold: 'woven', waste: false }, 'hung-off': { open: true, hold: 'open', waste: true } }, // prettier-ignore
    tails: [tail('cast-on', { fate: 'string', spare: true }), tail('hung-off', { own: true })]
  }
] as const;

const edge = fc.constantFrom<Edge>('cast-on', 'hung-off');
const anyAct: fc.Arbitrary<Tried> = fc.oneof(
  edge.map((e): Tried => ({ do: 'thread', piece: 0, edge: e, yarn: 'red', doubled: false })),
  { weight: 3, arbitrary: fc.tuple(edge, fc.constantFrom<'in' | 'out'>('in', 'out')).map(([e, side]): Tried => ({ do: 'draw', piece: 0, edges: [e], tail: side })) }, // prettier-ignore
  edge.map((from): Tried => ({ do: 'bringOut', piece: 0, from, through: from === 'cast-on' ? 'hung-off' : 'cast-on' })),
  { weight: 3, arbitrary: fc.constantFrom('inside', 'pinch', 'flat', 'brim', 'twist', 'pouch-right', 'pouch-left', 'pouch-over').map((how) => ({ do: 'fold', piece: 0, how }) as Tried) }, // prettier-ignore
  fc.constantFrom<'knit' | 'purl'>('knit', 'purl').map((out): Tried => ({ do: 'turn', piece: 0, out })),
  fc.constant<Tried>({ do: 'fill', piece: 0 }),
  edge.map((e): Tried => ({ do: 'wasteOff', piece: 0, edge: e, by: 'strand' })),
  edge.map((run): Tried => ({ do: 'bind', name: 'edge', runs: [{ piece: 0, run }], by: 'crochet', yarn: 'red' })),
  fc.tuple(edge, fc.constantFrom('joins', 'crowns', 'first-loop'), fc.constantFrom('knot', 'overhand')).map(([e, tails, how]) => ({ do: 'tie', piece: 0, tails, how, ...(tails === 'first-loop' && { edge: e }) }) as Tried), // prettier-ignore
  fc.tuple(fc.boolean(), fc.constantFrom('woven', 'inside')).map(([joins, how]) => ({ do: 'weave', how, ...(joins && { tails: 'joins' }) }) as Tried) // prettier-ignore
);

describe('folds and tails against mouths and ends of yarn', () => {
  for (const { kind, options, mouths, tails } of STARTS) {
    it(`${kind}: refuses the same acts, and every end of yarn is where a hand would find it`, () => {
      const result = made(kind, options);
      fc.assert(
        fc.property(fc.array(anyAct, { maxLength: 14 }), (acts) => {
          const worked = work({ ...result, plan: { ...result.plan, acts } });
          const mine = new Hung(mouths, tails);
          const refused = acts.flatMap((act, i) => (mine.does(act) ? [] : [i]));
          expect(worked.refusals.map(({ act }) => act)).toEqual(refused);
          const [part] = worked.state.parts;
          const found = worked.state.tails.map((t) => [t.where.at, t.fate, t.face === part!.out ? 'out' : 'in'].join(' ')); // prettier-ignore
          expect(found.sort()).toEqual(mine.tails.map((t) => [t.at, t.fate, t.place].join(' ')).sort());
          expect([part!.form, part!.out, part!.brim, part!.twisted, part!.pouch.length, part!.filled]).toEqual([mine.shape, mine.out, mine.brim, mine.twist, mine.pouch, mine.filled]); // prettier-ignore
          for (const e of ['cast-on', 'hung-off'] as const) {
            const run = worked.state.runs.find((r) => r.run === e && !r.cut)!;
            expect([run.hold, run.waste > 0], e).toEqual([mine.mouths[e].hold, mine.mouths[e].waste]);
          }
        }),
        { numRuns: 500 }
      );
    });
  }
});
