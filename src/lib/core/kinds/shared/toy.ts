import { fillingGrams, STUFFED_WIDER } from '../../body';
import {
  attach,
  type Brief,
  castOn,
  choiceOption,
  drawstring,
  type Finish,
  knitRows,
  machineOption,
  type Piece,
  type Plan,
  switchOption,
  type ToyPart,
  waist,
  yarnOption
} from '../../plan';
import type { Kit } from '../../kit';
import { ENDS, WHO } from './options';
import { bestYarns, firstYarns, machineNear } from './pick';
import { cordPiece, type Ring, rowsFor, tubePiece } from './tube';

/** Pins of the ring that limbs and ears come from (handbook section 1). */
const SMALL_PINS = 22;

const COLOUR = 'Yarn and colour';

/** What every toy asks. */
export const toyOptions = {
  wearer: choiceOption({
    title: 'For',
    group: WHO,
    choices: [
      { value: 'child', label: 'A child from 3 years' },
      { value: 'baby', label: 'A child under 3' },
      { value: 'adult', label: 'Grown-ups' }
    ]
  }),
  sold: switchOption({ title: 'It will be sold or given to strangers', group: WHO, start: false }),
  yarn: yarnOption({ title: 'Main colour', group: COLOUR }),
  secondYarn: yarnOption({ title: 'Limbs and ears', group: COLOUR }),
  faceYarn: yarnOption({ title: 'Face and waist threads', group: COLOUR, help: 'A strong yarn: it is drawn tight.' }),
  smallMachine: machineOption({ title: 'Machine for the small parts', group: 'Machines' }),
  eyes: choiceOption({
    title: 'Eyes',
    group: ENDS,
    choices: [
      { value: 'embroidered', label: 'Embroidered', help: 'Cannot come off.' },
      { value: 'safety', label: 'Safety eyes', help: 'Not for children under 3.' }
    ]
  })
};

/** A toy one could begin with: two colours, a strong thread for the face, the small ring for the small parts. */
export function toyStart(kit: Kit, machineId: string) {
  const { main, second } = firstYarns(kit);
  const faceYarn = bestYarns(kit).find((y) => y.behaviour.strength === 'strong')?.id ?? main;
  return { yarn: main, secondYarn: second, faceYarn, smallMachine: machineNear(kit, SMALL_PINS, machineId).id };
}

/** Yarn for eyes and mouth (own estimate, no source). */
const FACE_MM = 600;

/** Eyes and mouth. */
export const faceOf = (yarn: string, eyes: 'embroidered' | 'safety'): Finish => ({
  do: 'face',
  eyes,
  yarn,
  lengthMm: FACE_MM
});

/** Girth of a tube once it is stuffed, mm. */
export const stuffedGirth = (ring: Ring): number => ring.girthMm * (1 + STUFFED_WIDER);

/** Rows of a ball: from pole to pole it is half its girth. */
export const ballRows = (ring: Ring): number => Math.max(4, rowsFor(ring, stuffedGirth(ring) / 2));

/** A toy put together part by part; pieces, finishing and places grow alike. */
export class ToyBuilder {
  readonly pieces: Piece[] = [];
  readonly finishing: Finish[] = [];
  readonly parts: ToyPart[] = [];

  constructor(
    private readonly kit: Kit,
    private readonly thread: string
  ) {}

  /** A tube drawn shut at both ends, stuffed, with waists. Returns its index. */
  stuffed(
    label: string,
    ring: Ring,
    rows: number,
    at: ToyPart['at'],
    more: { waists?: readonly number[]; copies?: number; before?: readonly Finish[] } = {}
  ): number {
    const p = this.pieces.length;
    const yarn = ring.yarn.id;
    const copies = more.copies ?? 1;
    const lengthMm = (10 * rows) / ring.gauge.courses.value;
    const girthMm = stuffedGirth(ring);
    this.pieces.push(
      tubePiece(this.kit, ring, label, [castOn(yarn), knitRows(label, yarn, rows), drawstring(yarn, ring.turnMm)], {
        copies
      })
    );
    this.finishing.push(
      { do: 'drawShut', piece: p, edge: 'cast-on' },
      ...(more.before ?? []),
      { do: 'stuff', piece: p, grams: fillingGrams(girthMm, lengthMm), girthMm },
      { do: 'drawShut', piece: p, edge: 'hung-off' },
      ...(more.waists ?? []).map((row) => waist(p, row, this.thread, girthMm))
    );
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
    where: string,
    at: ToyPart['at']
  ): number {
    // prettier-ignore
    const p = this.pieces.length;
    const rows = rowsFor(ring, lengthMm);
    this.pieces.push(cordPiece(ring, label, width, rows, at.length));
    const girthMm = (10 * width) / ring.gauge.wales.value;
    this.finishing.push(attach(p, to, at.length, where, ring.yarn.id, girthMm));
    this.parts.push({ piece: p, stuffing: null, waists: [], at, ends: ['open', 'open'] });
    return p;
  }

  /** Flat tubes drawn at one end and sewn on, as wings or a hat. */
  flat(
    label: string,
    ring: Ring,
    lengthMm: number,
    to: number,
    where: string,
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
    this.finishing.push(
      { do: 'drawShut', piece: p, edge: 'hung-off' },
      attach(p, to, at.length, where, yarn, ring.girthMm)
    );
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

  /** The toy as a plan: its parts with the face and the tails. */
  plan(
    brief: Brief,
    ring: Ring,
    o: { readonly eyes: 'embroidered' | 'safety'; readonly wearer: 'child' | 'baby' | 'adult' }
  ): Plan {
    const face = faceOf(this.thread, o.eyes);
    // Safety eyes go in before the body is stuffed, embroidered ones at the end.
    const first = o.eyes === 'safety' ? this.finishing.findIndex((f) => f.do === 'stuff') : this.finishing.length;
    const tails = this.pieces.reduce((sum, piece) => sum + 2 * piece.copies, 0);
    return {
      title: brief.name,
      pieces: this.pieces,
      joins: [],
      finishing: [
        ...this.finishing.slice(0, first),
        face,
        ...this.finishing.slice(first),
        { do: 'weaveIn', piece: 0, tails }
      ],
      worn: { form: 'toy', parts: this.parts },
      wearer: o.wearer,
      state: ring.gauge.state,
      wanted: null
    };
  }
}
