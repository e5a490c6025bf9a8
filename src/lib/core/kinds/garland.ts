import * as z from 'zod/mini';
import { pompomMm, USUAL_CARD_MM } from '../body';
import type { Kit } from '../kit';
import { type Act, type Brief, castOn, choiceOption, countOption, type Draft, drawstring, type Edge, knitRows, lengthOption, machineOption, type Notes, type Piece, type Promise, yarnOption } from '../plan'; // prettier-ignore
import type { Kind } from './kind';
import { EDGES, flatThing, linedThing, promised, weave } from './shared/hands';
import { panelPiece } from './shared/panel';
import { pennantClamped, pennantShape } from './shared/pennant';
import { firstYarns, machineNear } from './shared/pick';
import { cordPiece, even, ringOn, rowsFor, tubePiece } from './shared/tube';
import { WHAT } from './shared/options';

const pompoms = { key: 'motif', is: ['pompom'] } as const;
const knitted = { key: 'motif', is: ['hat', 'tube', 'pennant'] } as const;
const flags = { key: 'motif', is: ['pennant'] } as const;

export const GarlandOptions = z.object({
  lineMm: lengthOption({ group: WHAT, min: 300, max: 12_000, start: 2500 }),
  tailMm: lengthOption({ group: WHAT, min: 0, max: 1000, start: 250 }), // prettier-ignore
  motif: choiceOption({ group: WHAT, choices: ['tube', 'hat', 'pennant', 'pompom'] }),
  count: countOption({ group: WHAT, min: 1, max: 120, start: 11 }),
  dropMm: lengthOption({ group: WHAT, min: 0, max: 400, start: 30 }),
  motifMm: lengthOption({ group: WHAT, min: 20, max: 300, start: 80, when: knitted }),
  flagMm: lengthOption({ group: WHAT, min: 30, max: 300, start: 90, when: flags }),
  wraps: countOption({ group: WHAT, min: 10, max: 400, start: 60, when: pompoms }),
  cardMm: lengthOption({ group: WHAT, min: 20, max: 200, start: USUAL_CARD_MM, when: pompoms }), // prettier-ignore
  cordPins: countOption({ group: 'machines', min: 2, max: 6, start: 3 }),
  smallMachine: machineOption({ group: 'machines' }),
  yarn: yarnOption({ group: 'yarn' }),
  motifYarn: yarnOption({ group: 'yarn' })
});
type GarlandOptions = z.output<typeof GarlandOptions>;

/** Turned-up edge of a mini hat, mm (own estimate, no source). */
const MINI_BRIM_MM = 12;

interface Motif {
  readonly piece: Piece;
  readonly acts: Act[];
  readonly promise: Promise;
  /** What of it could not be had. */
  readonly notes?: Pick<Notes, 'clamped' | 'narrowed'>;
}

function motifOf(kit: Kit, brief: Brief, o: GarlandOptions): Motif {
  const ring = ringOn(kit, brief, o.motifYarn, o.smallMachine);
  if (o.motif === 'pennant') {
    const shape = pennantShape(ring, { widthMm: o.flagMm, heightMm: o.motifMm }, 'tube-as-panel');
    return {
      piece: panelPiece(ring, 'Pennant', 'tube-as-panel', shape.pins, shape.operations, o.count),
      acts: [{ do: 'block', pieces: [1] }, weave('woven', 1)],
      promise: flatThing('pennant', 1),
      notes: {
        clamped: pennantClamped(shape, { piece: 1, stitches: null, rows: 'motifMm' }),
        narrowed:
          shape.asked > shape.given ? [{ piece: 1, asked: shape.asked, given: shape.given, option: 'flagMm' }] : []
      }
    };
  }
  const hat = o.motif === 'hat';
  const rows = even(rowsFor(ring, hat ? 2 * (o.motifMm + MINI_BRIM_MM) : o.motifMm), 4);
  const label = hat ? 'Mini hat' : 'Small tube';
  const piece = tubePiece(
    kit,
    ring,
    label,
    [castOn(o.motifYarn), knitRows(label, o.motifYarn, rows), drawstring(o.motifYarn, ring.turnMm)],
    { copies: o.count }
  );
  const draw = (edge: Edge): Act => ({ do: 'draw', piece: 1, edges: [edge], tail: 'knit' });
  return {
    piece,
    acts: [
      // A series of small hats: both ends, then pinched, is quickest; the lining's tail is run in and cut before.
      ...(hat
        ? ([
            draw('hung-off'),
            { do: 'weave', how: 'inside', pieces: [1], edge: 'hung-off', threaded: true },
            draw('cast-on'),
            { do: 'fold', piece: 1, how: 'pinch', enters: 'hung-off' },
            { do: 'tie', piece: 1, tails: 'crowns', how: 'stitch' }
          ] as const)
        : EDGES.map(draw)),
      weave('inside', 1),
      ...(hat ? [{ do: 'fold', piece: 1, how: 'brim', heightMm: MINI_BRIM_MM } as const] : [])
    ],
    promise: hat ? linedThing('mini-hat', 1, 'first') : promised('small-tube', 1)
  };
}

function draft(kit: Kit, brief: Brief, o: GarlandOptions): Draft {
  const ring = ringOn(kit, brief, o.yarn);
  const line = cordPiece(ring, 'Line', o.cordPins, rowsFor(ring, o.lineMm + 2 * o.tailMm));
  const motif = o.motif === 'pompom' ? null : motifOf(kit, brief, o);
  const spacingMm = o.lineMm / o.count;
  const firstMm = spacingMm / 2;
  const acts: Act[] = [
    ...(motif?.acts ?? []),
    ...(o.motif === 'pompom'
      ? [{ do: 'pompom', yarn: o.motifYarn, wraps: o.wraps, cardMm: o.cardMm, count: o.count, on: 'alone', from: 'wound', by: 'bow' } as const] // prettier-ignore
      : []),
    {
      do: 'hang',
      piece: 0,
      motif: motif ? 1 : null,
      count: o.count,
      firstMm: o.tailMm + firstMm,
      spacingMm,
      dropMm: o.dropMm,
      yarn: o.yarn
    }
  ];
  return {
    plan: {
      title: brief.name,
      pieces: [line, ...(motif ? [motif.piece] : [])],
      acts,
      promises: [promised('line', 0), ...(motif ? [motif.promise] : [])],
      worn: {
        form: 'garland',
        lineMm: o.lineMm,
        firstMm,
        spacingMm,
        dropMm: o.dropMm,
        count: o.count,
        motif: motif ? 1 : null,
        pompom: motif ? null : { yarn: o.motifYarn, sizeMm: pompomMm(o.cardMm) }
      },
      wearer: 'thing',
      state: ring.gauge.state
    },
    notes: { ...motif?.notes, wanted: null }
  };
}

/** A line of cord with the same thing hung on it at even spacing. */
export const garland: Kind<typeof GarlandOptions> = {
  code: 'garland',
  family: 'hang',
  pins: { from: 16, to: 60, usual: 22 },
  options: GarlandOptions,
  start: (kit, machineId) => {
    const { main, second } = firstYarns(kit);
    return GarlandOptions.parse({ yarn: main, motifYarn: second, smallMachine: machineNear(kit, 22, machineId).id });
  },
  draft
};
