import * as z from 'zod/mini';
import { type Kit, rulesOf } from '../kit';
import {
  type Act,
  type ActOf,
  type Brief,
  choiceOption,
  countOption,
  type Draft,
  knitRows,
  lengthOption,
  type Mend,
  type Piece,
  type RunRef,
  yarnOption
} from '../plan';
import type { Kind } from './kind';
import { closeFlat, promised, rest, weave, whole } from './shared/hands';
import { countedOption, sizeByOption, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { even, ringOn, rowsFor, tubePiece, wantedRows } from './shared/tube';
import { wasteAway, wasteFor, wasteNeeded } from './shared/waste';

const CUFF = 'cuffs';

type Segment = ActOf<'chainRungs'>['segments'][number];
const measured = { key: 'sizeBy', is: ['measures'] } as const;

export const WrapOptions = z.object({
  wearer: wearerOption('adult', 'child'),
  sizeBy: sizeByOption(WHO, 'measures', 'rows'),
  spanMm: lengthOption({ group: WHO, min: 500, max: 2000, start: 1150, when: measured }), // prettier-ignore
  neckMm: lengthOption({ group: WHO, min: 150, max: 600, start: 300, when: measured }),
  bodyMm: lengthOption({ group: WHO, min: 200, max: 1100, start: 550, when: measured }), // prettier-ignore
  rows: countedOption({ counts: 'rows', group: WHO, min: 40, max: 1000, start: 230 }),
  sleeveRows: countedOption({ counts: 'rows', group: WHO, min: 4, max: 500, start: 85 }),
  neckRows: countedOption({ counts: 'rows', group: WHO, min: 4, max: 400, start: 60 }),
  bodyRows: countedOption({ counts: 'rows', group: WHO, min: 4, max: 600, start: 110 }),
  yarn: yarnOption({ group: 'yarn' }),
  backYarn: yarnOption({ group: 'yarn' }),
  cuffBy: choiceOption({ group: CUFF, school: true, choices: ['ribbed', 'plain'] }),
  cuffStitches: countOption({ group: CUFF, min: 8, max: 200, start: 45 }),
  cuffRepeat: countOption({ group: CUFF, min: 1, max: 24, start: 5 }),
  cuffRounds: countOption({ group: CUFF, min: 0, max: 60, start: 8 }),
  ...wasteNeeded
});
type WrapOptions = z.output<typeof WrapOptions>;

/** Rows of the parts of a wrap. */
function partsOf(o: WrapOptions, rowsOf: (mm: number) => number) {
  if (o.sizeBy === 'rows') {
    const body = Math.min(o.bodyRows, o.rows - 2);
    return {
      rows: o.rows,
      sleeve: o.sleeveRows,
      neck: o.neckRows,
      body,
      asked: { neck: o.neckRows, body: o.bodyRows }
    };
  }
  const rows = even(rowsOf(o.spanMm), 8);
  const asked = { neck: even(rowsOf(o.neckMm)), body: even(rowsOf(o.bodyMm)) };
  const neck = Math.min(asked.neck, rows - 4);
  return { rows, sleeve: (rows - neck) / 2, neck, body: Math.min(asked.body, rows - 4), asked };
}

/**
 * A wrap split anew from a tube as it was measured, stretched: tubes always come out longer than planned. The rows
 * that are
 * knitted stay; the openings get the rows that their lengths take now.
 *
 * @param rows rows a tube has
 * @param measuredMm length of the stretched tube
 * @returns the options that change
 * @example splitWrap(options, 230, 1300) // { sizeBy: 'rows', rows: 230, sleeveRows: 88, neckRows: 54, bodyRows: 98 }
 */
function splitWrap(o: Pick<WrapOptions, 'neckMm' | 'bodyMm'>, rows: number, measuredMm: number) {
  const rowsOf = (mm: number): number => (mm * rows) / measuredMm;
  // Both sleeves alike: the neck takes what is left over when a row is odd.
  const neckRows = Math.min(rows - 4, Math.max(4, even(rowsOf(o.neckMm)) + (rows % 2)));
  const bodyRows = Math.min(rows - 4, Math.max(4, even(rowsOf(o.bodyMm)) + (rows % 2)));
  return { sizeBy: 'rows' as const, rows, sleeveRows: (rows - neckRows) / 2, neckRows, bodyRows };
}

function draft(kit: Kit, brief: Brief, o: WrapOptions): Draft {
  const ring = ringOn(kit, brief, o.yarn);
  const n = ring.machine.pins;
  const { rows, sleeve, neck, body, asked } = partsOf(o, (mm) => rowsFor(ring, mm));
  // The opening has the rows that were asked for; an odd one over goes to the right underarm.
  const underarm = Math.max(1, Math.floor((rows - body) / 2));
  const right = rulesOf(kit).evenCounts ? underarm : Math.max(1, rows - body - underarm);
  const shoulder = Math.max(1, Math.min(sleeve, Math.floor((rows - 2) / 2)));
  // The first stitch, where the tail is, and the one opposite: there the tube is folded.
  const ladders: readonly [number, number] = [1, Math.floor(n / 2) + 1];
  const yarns = [o.yarn, o.backYarn];
  const wastes = yarns.map((yarn) => wasteFor(kit, o, yarn, yarn));
  const tube = (p: 0 | 1, label: string, yarn: string): Piece =>
    tubePiece(kit, ringOn(kit, brief, yarn), label, [
      ...wastes[p]!.before,
      knitRows(label, yarn, rows),
      ...wastes[p]!.after
    ]);
  // One end is closed but for two loops, which run down the whole tube; then the other end.
  const ready = (piece: 0 | 1): Act[] => [
    closeFlat(piece, 'hung-off', 'loops', yarns[piece]!, { leave: ladders }),
    ...wasteAway(piece, 'hung-off', wastes[piece]!, o),
    { do: 'runDown', piece, pins: ladders },
    closeFlat(piece, 'cast-on', 'loops', yarns[piece]!, { leave: ladders }),
    ...wasteAway(piece, 'cast-on', wastes[piece]!, o),
    { do: 'fold', piece, how: 'flat', pins: ladders }
  ];
  const long = (piece: 0 | 1, run: 'upper' | 'lower', from: number, to: number): RunRef => ({ piece, run, rows: { from, to } }); // prettier-ignore
  const both = (name: string, run: 'upper' | 'lower', from: number, to: number): Segment => ({
    name,
    a: long(0, run, from, to),
    b: long(1, run, from, to)
  });
  const alone = (piece: 0 | 1, name: string, run: 'upper' | 'lower', from: number, to: number): Segment => ({
    name,
    a: long(piece, run, from + 1, rows - to)
  });
  const chain = (name: string, yarn: string, ...segments: Segment[]): Act => ({
    do: 'chainRungs',
    name,
    segments,
    yarn
  });
  const cuff = (name: string, run: 'first-end' | 'last-end'): Act => ({
    do: 'bind',
    name,
    runs: [
      { piece: 0, run },
      { piece: 1, run }
    ],
    by: 'crochet',
    yarn: o.yarn,
    stitches: o.cuffStitches,
    repeat: o.cuffRepeat,
    rounds: o.cuffRounds,
    // Of a repeat of five three stitches stand out and two lie back.
    ...(o.cuffBy === 'ribbed'
      ? { ribs: { front: Math.ceil(o.cuffRepeat / 2), back: Math.floor(o.cuffRepeat / 2) } }
      : {})
  });
  const acts: Act[] = [
    rest(0, 1),
    ...ready(0),
    ...ready(1),
    // Over a sleeve both tubes, on with one alone along the opening, both again to the far cuff; then, from the last
    // joined
    // stitch, the other tube's open rungs: two chains an edge.
    chain(
      'ladder-upper',
      o.yarn,
      both('sleeve-left', 'upper', 1, shoulder),
      alone(0, 'neck-front', 'upper', shoulder, shoulder),
      both('sleeve-right', 'upper', rows - shoulder + 1, rows)
    ),
    chain('ladder-upper-back', o.backYarn, alone(1, 'neck-back', 'upper', shoulder, shoulder)),
    chain(
      'ladder-lower',
      o.yarn,
      both('underarm-left', 'lower', 1, underarm),
      alone(0, 'body-front', 'lower', underarm, right),
      both('underarm-right', 'lower', rows - right + 1, rows)
    ),
    chain('ladder-lower-back', o.backYarn, alone(1, 'body-back', 'lower', underarm, right)),
    // The tubes' ends lie flat, front and back of the arm: the cuff goes round both as one ring and sews nothing shut.
    ...(o.cuffRounds > 0 ? [cuff('cuff-left', 'first-end'), cuff('cuff-right', 'last-end')] : []),
    weave('woven')
  ];
  const alike: Mend = { remedy: { code: 'oneYarn' }, options: { backYarn: o.yarn } };
  return {
    plan: {
      title: brief.name,
      pieces: [tube(0, 'Front tube', o.yarn), tube(1, 'Back tube', o.backYarn)],
      acts,
      promises: [
        promised(
          'wrap',
          0,
          {
            'sleeve-left': { piece: 0, run: 'first-end' },
            'sleeve-right': { piece: 0, run: 'last-end' },
            neck: { piece: 0, run: 'upper' },
            body: { piece: 0, run: 'lower' }
          },
          { inside: whole('knit') }
        )
      ],
      worn: {
        form: 'wrap',
        sleeveRows: sleeve,
        neckRows: neck,
        underarmRows: underarm,
        bodyRows: rows - underarm - right
      },
      wearer: o.wearer,
      state: ring.gauge.state
    },
    notes: {
      clamped: [
        ...(asked.neck > neck ? [{ piece: 0, option: 'neckMm', asked: asked.neck, given: neck, of: 'rows', why: 'room' } as const] : []), // prettier-ignore
        ...(asked.body > body ? [{ piece: 0, option: o.sizeBy === 'rows' ? 'bodyRows' : 'bodyMm', asked: asked.body, given: body, of: 'rows', why: 'room' } as const] : []) // prettier-ignore
      ],
      unasked: { rows, sleeveRows: sleeve, neckRows: neck, bodyRows: body },
      mends: { 'sleeve-left': alike, 'sleeve-right': alike, 'underarm-left': alike, 'underarm-right': alike },
      wanted:
        o.sizeBy === 'measures'
          ? wantedRows((courses) => (o.spanMm / 10) * courses, ring, { say: 'elbows', mm: o.spanMm }) // prettier-ignore
          : null
    }
  };
}

/** Two long tubes chained into each other along their ladders, open for neck and body. */
export const wrap: Kind<typeof WrapOptions> = {
  code: 'wrap',
  family: 'wear',
  pins: { from: 40, to: 80, usual: 48 },
  options: WrapOptions,
  start: (kit, machineId) => {
    const { main } = firstYarns(kit);
    const pins = kit.machines.find((m) => m.id === machineId)?.pins ?? 48;
    return WrapOptions.parse({ yarn: main, backYarn: main, cuffStitches: Math.max(10, 5 * Math.floor(pins / 5)) });
  },
  remeasured: splitWrap,
  draft
};
