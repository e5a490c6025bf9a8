import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { made } from '../../../../tests/support/sample';
import { PaperTube } from '../../../../tests/support/paper-tube';
import type { ActOf, Edge, Face } from '../plan';
import { spaceOf } from './layers';
import { work } from './work';

/**
 * An oracle of another build for folds, turns and tails: a tube of paper rings (tests/support/paper-tube) with two mouths, and
 * every end of yarn fastened to one ring on one face. Where it hangs follows from the coordinates of the paper. A hand gets
 * in by an open mouth, into the hollow of a folded tube by the fold, and by nothing else. Acts come at random, sense or
 * nonsense. Rules from the words of the craft (craft 3 and 7), common practice, no source.
 */
type Tried = ActOf<'thread' | 'draw' | 'bringOut' | 'fold' | 'turn' | 'fill' | 'wasteOff' | 'bind' | 'tie' | 'weave'>;
interface End {
  readonly at: Edge | 'row' | 'seam';
  readonly join: boolean;
  /** Of the work, beside waste. */
  readonly own: boolean;
  /** Of the work itself, in this yarn; null for any other end. */
  readonly work: string | null;
  /** Its own cast-on's: it is drawn, or woven in where nobody draws it. */
  readonly spare: boolean;
  /** The ring it is fastened to, and the face it hangs on. */
  row: number;
  face: Face;
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
  readonly paper: PaperTube;
  shape: 'tube' | 'lined' | 'flat' = 'tube';
  linked = false;
  brim = false;
  twist = false;
  pouch = 0;
  filled = false;

  constructor(
    mouths: Record<Edge, Mouth>,
    tails: readonly End[],
    readonly count: number
  ) {
    this.mouths = { 'cast-on': { ...mouths['cast-on'] }, 'hung-off': { ...mouths['hung-off'] } };
    this.tails = tails.map((t) => ({ ...t, row: t.at === 'hung-off' ? count : t.at === 'row' ? 2 : 1 }));
    this.paper = new PaperTube(count);
  }

  get shut(): boolean {
    return !this.mouths['cast-on'].open && !this.mouths['hung-off'].open;
  }
  /** Where an end hangs: 0 outside, 1 within a tube or between two layers, 2 in the hollow of a folded tube. */
  space(t: Pick<End, 'row' | 'face'>): number {
    return this.paper.spaceOf(t.row, t.face);
  }
  open(space: number): boolean {
    return space === 0 || (space === 2 ? this.shape === 'lined' : !this.shut && !this.linked);
  }
  reach(t: End): boolean {
    return this.open(this.space(t));
  }
  outer(): { row: number; face: Face } {
    return this.paper.seenOutside()[0]!;
  }
  edgeRow(e: Edge): number {
    return e === 'cast-on' ? 1 : this.count;
  }
  loose(at?: Edge): End[] {
    return this.tails.filter((t) => t.fate === 'loose' && (at === undefined || t.at === at));
  }

  fold(how: string, enters: Edge): boolean {
    switch (how) {
      case 'inside':
      case 'pinch': {
        if (this.shape !== 'tube') return false;
        const trial = new PaperTube(this.count);
        if (this.outer().face === 'purl') trial.turn();
        trial.pushIn(enters === 'cast-on' ? 'first' : 'last');
        // What lies between the layers of a shut tube is never seen again; pinched, both mouths must be shut.
        if (this.shut && this.loose().some((t) => trial.spaceOf(t.row, t.face) === 1)) return false;
        if (how === 'pinch' && !this.shut) return false;
        this.paper.pushIn(enters === 'cast-on' ? 'first' : 'last');
        this.shape = 'lined';
        return true;
      }
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

  /** Whether what an act asks for is what lies outside. */
  lies(out: string): boolean {
    const { row, face } = this.outer();
    if (out === 'knit' || out === 'purl') return face === out;
    return this.shape === 'lined' && (row <= Math.floor(this.count / 2) ? 'first' : 'last') === out;
  }

  turn(out: string): boolean {
    if (this.lies(out) || this.brim || this.filled || this.shape === 'flat') return false;
    if (this.shape === 'tube' && this.shut) return false;
    this.paper.turn();
    if (this.lies(out)) return true;
    this.paper.turn();
    return false;
  }

  does(act: Tried): boolean {
    switch (act.do) {
      case 'thread': {
        const m = this.mouths[act.edge];
        if (!m.open || (m.hold !== 'open' && m.hold !== 'woven')) return false;
        const self = this.tails.find(
          (t) => t.work === act.yarn && t.at === act.edge && (t.fate === 'loose' || t.fate === 'string')
        );
        if (act.own && (!self || !this.reach(self))) return false;
        m.hold = 'thread';
        for (const t of this.tails) if (t.at === act.edge && t.fate === 'string') t.fate = 'loose';
        // The work's own tail is the thread; else both ends of a cut one hang there.
        if (act.own) {
          self!.fate = 'string';
          return true;
        }
        const { face } = this.outer();
        for (let i = 0; i < 2; i++)
          this.tails.push({
            at: act.edge,
            join: false,
            own: false,
            work: null,
            spare: false,
            row: this.edgeRow(act.edge),
            face,
            fate: 'string'
          });
        return true;
      }
      case 'draw': {
        const [e] = act.edges as [Edge];
        const m = this.mouths[e];
        if (!m.open || m.waste || (m.hold !== 'thread' && m.hold !== 'woven')) return false;
        m.open = false;
        const waiting = this.tails.filter((t) => t.fate === 'loose' || t.fate === 'string');
        const laid = { row: this.edgeRow(e), face: act.tail };
        if (waiting.some((t) => !this.open(this.space(t.at === e ? laid : t)))) {
          m.open = true;
          return false;
        }
        m.hold = 'drawn';
        for (const t of waiting) if (t.at === e) Object.assign(t, laid, { fate: 'loose' });
        return true;
      }
      case 'bringOut': {
        const inside = this.loose(act.from).filter((t) => this.space(t) !== 0);
        if (inside.length === 0 || !this.mouths[act.through].open || inside.some((t) => !this.reach(t))) return false;
        // Out of a single tube it comes at that end; out of a folded one over the layer that is outside.
        const { row, face } = this.outer();
        for (const t of inside)
          Object.assign(t, { row: this.shape === 'lined' ? row : this.edgeRow(act.through), face });
        return true;
      }
      case 'fold':
        return this.fold(act.how, act.enters ?? 'hung-off');
      case 'turn':
        return this.turn(act.out);
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
        const { face } = this.outer();
        for (let i = 0; i < 2; i++)
          this.tails.push({
            at: 'seam',
            join: false,
            own: false,
            work: null,
            spare: false,
            row: this.edgeRow(e),
            face,
            fate: 'loose'
          });
        return true;
      }
      case 'tie': {
        const out = (t: End): boolean => this.space(t) === 0;
        const ends =
          act.tails === 'joins'
            ? this.loose().filter((t) => t.join)
            : act.tails === 'first-loop'
              ? this.loose(act.edge).filter((t) => t.own).slice(0, 1) // prettier-ignore
              : [...this.loose('cast-on').filter(out).slice(0, 1), ...this.loose('hung-off').filter(out).slice(0, 1)]; // prettier-ignore
        if (ends.length < (act.tails === 'crowns' && act.how !== 'stitch' ? 2 : 1) || ends.some((t) => !this.reach(t))) return false; // prettier-ignore
        if (act.tails === 'joins' && !ends.every(out)) return false;
        if (act.tails === 'crowns' && (this.shape !== 'lined' || !this.shut)) return false;
        if (act.tails === 'joins' && act.how !== 'overhand') for (const t of ends) t.fate = 'tied';
        if (act.tails === 'crowns') this.linked = true;
        return true;
      }
      case 'weave': {
        const spare = (t: End): boolean => t.spare && t.fate === 'string' && this.mouths['cast-on'].hold === 'woven';
        const named = (t: End): boolean => (!act.tails || t.join) && (!act.edge || t.at === act.edge);
        const ends = this.tails.filter((t) => (t.fate === 'loose' || spare(t)) && named(t) && this.reach(t));
        if (ends.length === 0) return false;
        for (const t of ends) t.fate = act.how;
        return true;
      }
    }
  }
}

const tail = (at: End['at'], more: Partial<End> = {}): End => ({
  at,
  join: false,
  own: false,
  work: null,
  spare: false,
  row: 1,
  face: 'purl',
  fate: 'loose',
  ...more
});
/** Both tails of the one join, which lies in the first half of a contrast hat: its lining is the longer half. */
const join = (): End[] => [tail('row', { join: true }), tail('row', { join: true })];

/** Tubes as they come off, told by hand: three yarns on drawstring ends, two on waste, one woven on waste. */
const STARTS = [
  {
    kind: 'lined-hat',
    options: { style: 'contrast', yarn: 'red', liningYarn: 'blue', marginRows: 6, waste: 'none', thread: null },
    mouths: { 'cast-on': { open: true, hold: 'woven', waste: false }, 'hung-off': { open: true, hold: 'thread', waste: false } }, // prettier-ignore
    tails: [
      tail('cast-on', { fate: 'string', spare: true, work: 'red' }),
      ...join(),
      tail('hung-off', { fate: 'string', work: 'blue' })
    ]
  },
  {
    kind: 'headband',
    options: {},
    mouths: { 'cast-on': { open: true, hold: 'open', waste: true }, 'hung-off': { open: true, hold: 'open', waste: true } }, // prettier-ignore
    tails: [tail('cast-on', { own: true, work: 'red' }), tail('hung-off', { own: true, work: 'red' })]
  },
  {
    kind: 'bottle-cosy',
    options: {},
    mouths: { 'cast-on': { open: true, hold: 'woven', waste: false }, 'hung-off': { open: true, hold: 'open', waste: true } }, // prettier-ignore
    tails: [tail('cast-on', { fate: 'string', spare: true, work: 'red' }), tail('hung-off', { own: true, work: 'red' })]
  }
] as const;

const edge = fc.constantFrom<Edge>('cast-on', 'hung-off');
const anyAct: fc.Arbitrary<Tried> = fc.oneof(
  fc.tuple(edge, fc.constantFrom('red', 'blue'), fc.boolean()).map(([e, yarn, own]): Tried => ({
    do: 'thread',
    piece: 0,
    edge: e,
    yarn,
    doubled: false,
    ...(own ? { own: e } : {})
  })),
  { weight: 3, arbitrary: fc.tuple(edge, fc.constantFrom<Face>('knit', 'purl')).map(([e, side]): Tried => ({ do: 'draw', piece: 0, edges: [e], tail: side })) }, // prettier-ignore
  edge.map((from): Tried => ({ do: 'bringOut', piece: 0, from, through: from === 'cast-on' ? 'hung-off' : 'cast-on' })),
  { weight: 3, arbitrary: fc.tuple(fc.constantFrom('inside', 'pinch', 'flat', 'brim', 'twist', 'pouch-right', 'pouch-left', 'pouch-over'), edge).map(([how, enters]) => ({ do: 'fold', piece: 0, how, ...(how === 'inside' || how === 'pinch' ? { enters } : {}) }) as Tried) }, // prettier-ignore
  { weight: 2, arbitrary: fc.constantFrom<ActOf<'turn'>['out']>('knit', 'purl', 'first', 'last').map((out): Tried => ({ do: 'turn', piece: 0, out })) }, // prettier-ignore
  fc.constant<Tried>({ do: 'fill', piece: 0 }),
  edge.map((e): Tried => ({ do: 'wasteOff', piece: 0, edge: e, by: 'strand' })),
  edge.map((run): Tried => ({ do: 'bind', name: 'edge', runs: [{ piece: 0, run }], by: 'crochet', yarn: 'red' })),
  fc.tuple(edge, fc.constantFrom('joins', 'crowns', 'first-loop'), fc.constantFrom('knot', 'overhand', 'stitch')).map(([e, tails, how]) => ({ do: 'tie', piece: 0, tails, how, ...(tails === 'first-loop' && { edge: e }) }) as Tried), // prettier-ignore
  fc.tuple(fc.boolean(), fc.constantFrom('woven', 'inside'), fc.option(edge)).map(([joins, how, e]) => ({ do: 'weave', how, ...(joins && { tails: 'joins' }), ...(e && { edge: e }) }) as Tried) // prettier-ignore
);

describe('folds and tails against mouths and ends of yarn', () => {
  for (const { kind, options, mouths, tails } of STARTS) {
    it(`${kind}: refuses the same acts, and every end of yarn is where a hand would find it`, () => {
      const result = made(kind, options);
      fc.assert(
        fc.property(fc.array(anyAct, { maxLength: 14 }), (acts) => {
          const worked = work({ ...result, plan: { ...result.plan, acts } }, { endless: true });
          const { count } = result.fabric.pieces[0]!.work;
          const mine = new Hung(mouths, tails, count);
          const refused = acts.flatMap((act, i) => (mine.does(act) ? [] : [i]));
          expect(worked.refusals.map(({ act }) => act)).toEqual(refused);
          const [part] = worked.state.parts;
          // Pressed flat, the paper lies in two walls, which it does not tell apart: outside stays outside.
          const found = worked.state.tails.map((t) => [t.where.at, t.fate, spaceOf(part!.layers, t)].join(' '));
          expect(found.sort()).toEqual(mine.tails.map((t) => [t.at, t.fate, mine.space(t)].join(' ')).sort());
          expect([part!.form, part!.layers[0]!.face, part!.linked, part!.brim, part!.twisted, part!.pouch.length, part!.filled]).toEqual([mine.shape, mine.outer().face, mine.linked, mine.brim, mine.twist, mine.pouch, mine.filled]); // prettier-ignore
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
