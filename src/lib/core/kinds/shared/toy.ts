import { STUFFED_WIDER } from '../../body';
import {
  type Act,
  type Brief,
  castOn,
  choiceOption,
  type Draft,
  drawstring,
  type Edge,
  knitRows,
  machineOption,
  type Piece,
  type Promise,
  type RunRef,
  switchOption,
  type ToyPart,
  yarnOption
} from '../../plan';
import type { Kit } from '../../kit';
import { promised } from './hands';
import { ENDS, WHO } from './options';
import { bestYarns, firstYarns, machineNear } from './pick';
import { type OwnTail, ownTails, tailOption } from './tails';
import { cordPiece, type Ring, rowsFor, tubePiece } from './tube';

/** Pins of the ring that limbs and ears come from (craft 1). */
const SMALL_PINS = 22;

const COLOUR = 'yarn';

/** What every toy asks. */
export const toyOptions = {
  wearer: choiceOption({ group: WHO, choices: ['child', 'baby', 'adult'] }),
  sold: switchOption({ group: WHO, start: false }),
  yarn: yarnOption({ group: COLOUR }),
  secondYarn: yarnOption({ group: COLOUR }),
  faceYarn: yarnOption({ group: COLOUR }),
  smallMachine: machineOption({ group: 'machines' }),
  eyes: choiceOption({ group: ENDS, choices: ['embroidered', 'safety'] }),
  sewWith: tailOption()
};

/** A toy one could begin with: two colours, a strong thread for the face, the small ring for the small parts. */
export function toyStart(kit: Kit, machineId: string) {
  const { main, second } = firstYarns(kit);
  const faceYarn = bestYarns(kit).find((y) => y.behaviour.strength === 'strong')?.id ?? main;
  return { yarn: main, secondYarn: second, faceYarn, smallMachine: machineNear(kit, SMALL_PINS, machineId).id };
}

/** Girth of a tube once it is stuffed, mm. */
export const stuffedGirth = (ring: Ring): number => ring.girthMm * (1 + STUFFED_WIDER);

/** Rows of a ball: from pole to pole it is half its girth. */
export const ballRows = (ring: Ring): number => Math.max(4, rowsFor(ring, stuffedGirth(ring) / 2));

/** A toy put together part by part; pieces, acts and places grow alike. */
export class ToyBuilder {
  readonly pieces: Piece[] = [];
  readonly parts: ToyPart[] = [];
  readonly #acts: Act[] = [];
  readonly #promises: Promise[] = [];
  readonly #own: (edge: Edge) => OwnTail;

  constructor(
    private readonly kit: Kit,
    private readonly thread: string,
    /** What parts are sewn on with. */
    sewWith: 'own' | 'cut'
  ) {
    this.#own = ownTails(kit, { firstWith: sewWith, lastWith: sewWith });
  }

  #sew(piece: number, to: number, place: string, runs: readonly RunRef[], yarn: string, edge: Edge): void {
    this.#acts.push({ do: 'sewOn', piece, to, place, runs, yarn, ...this.#own(edge) });
  }

  /** A tube drawn shut at both ends, stuffed before the second, with waists. Returns its index. */
  stuffed(
    label: string,
    ring: Ring,
    rows: number,
    at: ToyPart['at'],
    more: { waists?: readonly number[]; copies?: number } = {}
  ): number {
    const p = this.pieces.length;
    const yarn = ring.yarn.id;
    this.pieces.push(
      tubePiece(this.kit, ring, label, [castOn(yarn), knitRows(label, yarn, rows), drawstring(yarn, ring.turnMm)], {
        copies: more.copies ?? 1
      })
    );
    this.#acts.push(
      { do: 'draw', piece: p, edges: ['cast-on'], tail: 'knit' },
      { do: 'fill', piece: p },
      { do: 'draw', piece: p, edges: ['hung-off'], tail: 'knit' },
      ...(more.waists ?? []).map((row): Act => ({ do: 'waist', piece: p, at: row, yarn: this.thread }))
    );
    this.#promises.push(promised(label.toLowerCase(), p));
    this.parts.push({ piece: p, stuffing: STUFFED_WIDER, waists: more.waists ?? [], at, ends: ['drawn', 'drawn'] });
    return p;
  }

  /** Cords of a few pins sewn on, as limbs, ears or a tail. */
  cords(
    label: string,
    ring: Ring,
    width: number,
    lengthMm: number,
    to: number,
    place: string,
    at: ToyPart['at']
  ): number {
    const p = this.pieces.length;
    this.pieces.push(cordPiece(ring, label, width, rowsFor(ring, lengthMm), at.length));
    this.#sew(p, to, place, [{ piece: p, run: 'cast-on' }], ring.yarn.id, 'cast-on');
    this.#promises.push(promised(label.toLowerCase(), p));
    this.parts.push({ piece: p, stuffing: null, waists: [], at, ends: ['open', 'open'] });
    return p;
  }

  /** Flat tubes drawn at one end and sewn on, as wings or a hat. */
  flat(
    label: string,
    ring: Ring,
    lengthMm: number,
    to: number,
    place: string,
    at: ToyPart['at'],
    /** Behind everything else, its drawn tip away from the body. */
    behind = false
  ): number {
    const p = this.pieces.length;
    const yarn = ring.yarn.id;
    const rows = Math.max(4, rowsFor(ring, lengthMm));
    this.pieces.push(
      tubePiece(this.kit, ring, label, [castOn(yarn), knitRows(label, yarn, rows), drawstring(yarn, ring.turnMm)], {
        copies: at.length
      })
    );
    this.#acts.push({ do: 'draw', piece: p, edges: ['hung-off'], tail: 'knit' });
    this.#sew(p, to, place, [{ piece: p, run: 'cast-on' }], yarn, 'cast-on');
    this.#promises.push(promised(label.toLowerCase(), p));
    // A part is drawn from its last row on: a wing begins at its tip and ends at the body.
    const fromTip = at.map(({ x, y, turn }) => {
      const angle = (turn * Math.PI) / 180;
      return { x: x + lengthMm * Math.sin(angle), y: y + lengthMm * Math.cos(angle), turn: turn + 180 };
    });
    const part: ToyPart = { piece: p, stuffing: null, waists: [], at: behind ? fromTip : at, ends: ['open', 'drawn'] };
    if (behind) this.parts.unshift(part);
    else this.parts.push(part);
    return p;
  }

  /** A stuffed part sewn onto another, along half its girth. */
  sit(piece: number, to: number, place: string): void {
    const off = this.pieces[piece]!.operations.at(-1);
    // Its last tail hangs where it was drawn shut after it was filled.
    const own = off?.op === 'hangOff' && this.#own('hung-off').own ? off.thread : null;
    if (own === null) this.#acts.push({ do: 'sewOn', piece, to, place, runs: [], yarn: this.thread });
    else this.#sew(piece, to, place, [], own, 'hung-off');
  }

  /** The toy as a plan: its parts with the face and the tails. */
  draft(
    brief: Brief,
    ring: Ring,
    o: { readonly eyes: 'embroidered' | 'safety'; readonly wearer: 'child' | 'baby' | 'adult' },
    /** The piece that has the face. */
    head = 0
  ): Draft {
    const what = o.eyes === 'safety' ? 'safety-eyes' : 'face';
    const face: Act = { do: 'fix', what, piece: head, count: 1, yarn: this.thread };
    // Safety eyes go in before the head is stuffed, embroidered ones at the end.
    const filled = this.#acts.findIndex((act) => act.do === 'fill' && act.piece === head);
    const first = o.eyes === 'safety' ? filled : this.#acts.length;
    return {
      plan: {
        title: brief.name,
        pieces: this.pieces,
        acts: [...this.#acts.slice(0, first), face, ...this.#acts.slice(first), { do: 'weave', how: 'inside' }],
        promises: this.#promises,
        worn: { form: 'toy', parts: this.parts },
        wearer: o.wearer,
        state: ring.gauge.state
      },
      notes: { wanted: null }
    };
  }
}
