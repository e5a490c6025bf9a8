import { z } from 'zod';
import type { Kit } from '../kit';
import { type Brief, countOption, type Finish, hookYarnMm, type Join, knitRows, lengthOption, type Piece, type Plan, yarnOption } from '../plan'; // prettier-ignore
import type { Kind } from './kind';
import { countedOption, sizeByOption, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { removeBoth } from './shared/ring-of-tube';
import { even, ringOn, rowsFor, tubePiece, wantedRows } from './shared/tube';
import { removeWaste, wasteFor, wasteNeeded } from './shared/waste';

const CUFF = 'Cuffs';
const measured = { key: 'sizeBy', is: ['measures'] } as const;

export const WrapOptions = z.object({
  wearer: wearerOption('adult', 'child'),
  sizeBy: sizeByOption(WHO, { measures: 'Measures', rows: 'Row counts' }),
  spanMm: lengthOption({ title: 'Below one elbow to below the other', group: WHO, help: 'Over the back, arms held out.', min: 500, max: 2000, start: 1150, when: measured }), // prettier-ignore
  neckMm: lengthOption({ title: 'Neck opening', group: WHO, min: 150, max: 600, start: 300, when: measured }),
  bodyMm: lengthOption({ title: 'Body opening', group: WHO, help: 'Half the way round the body, with ease.', min: 200, max: 1100, start: 550, when: measured }), // prettier-ignore
  rows: countedOption({ title: 'Rows of a tube', group: WHO, min: 40, max: 1000, start: 230 }),
  sleeveRows: countedOption({ title: 'Rows of shoulder and sleeve', group: WHO, min: 4, max: 500, start: 85 }),
  neckRows: countedOption({ title: 'Rows of the neck', group: WHO, min: 4, max: 400, start: 60 }),
  bodyRows: countedOption({ title: 'Rows of the body opening', group: WHO, min: 4, max: 600, start: 110 }),
  yarn: yarnOption({ title: 'Front tube', group: 'Yarn and colour' }),
  backYarn: yarnOption({ title: 'Back tube', group: 'Yarn and colour' }),
  cuffStitches: countOption({ title: 'Stitches of a cuff', group: CUFF, help: 'Picked up through both tubes.', min: 8, max: 200, start: 48 }), // prettier-ignore
  cuffRepeat: countOption({ title: 'Repeat of the cuff', group: CUFF, help: 'The stitches must be a multiple of it.', min: 1, max: 24, start: 4 }), // prettier-ignore
  cuffRounds: countOption({ title: 'Rounds of the cuff', group: CUFF, min: 0, max: 60, start: 6 }),
  ...wasteNeeded
});
type WrapOptions = z.output<typeof WrapOptions>;

/** Yarn that secures the end of a ladder (own estimate, no source). */
const LADDER_END_MM = 300;

/** Rows of the parts of a wrap. */
function partsOf(o: WrapOptions, rowsOf: (mm: number) => number) {
  if (o.sizeBy === 'rows') {
    return { rows: o.rows, sleeve: o.sleeveRows, neck: o.neckRows, body: Math.min(o.bodyRows, o.rows - 2) };
  }
  const rows = even(rowsOf(o.spanMm), 8);
  const neck = Math.min(even(rowsOf(o.neckMm)), rows - 4);
  return { rows, sleeve: (rows - neck) / 2, neck, body: Math.min(even(rowsOf(o.bodyMm)), rows - 4) };
}

function draft(kit: Kit, brief: Brief, o: WrapOptions): Plan {
  const ring = ringOn(kit, brief, o.yarn);
  const n = ring.machine.pins;
  const { rows, sleeve, neck, body } = partsOf(o, (mm) => rowsFor(ring, mm));
  const underarm = Math.floor((rows - body) / 2);
  const shoulder = Math.min(sleeve, rows);
  // Two opposite pins, a quarter round from the marker, so that the line of joins lies in the middle of a side.
  const upper = Math.max(1, Math.round(n / 4));
  const lower = Math.min(n, upper + Math.floor(n / 2));
  const wastes = [wasteFor(kit, o, o.yarn, o.yarn), wasteFor(kit, o, o.backYarn, o.backYarn)];
  const tube = (p: 0 | 1, label: string, yarn: string): Piece =>
    tubePiece(kit, ringOn(kit, brief, yarn), label, [
      ...wastes[p]!.before,
      knitRows(label, yarn, rows),
      { op: 'ladder', pins: [upper, lower] },
      ...wastes[p]!.after
    ]);
  const join = (name: string, pin: number, from: number, to: number): Join => ({
    name,
    a: { piece: 0, edge: 'ladder', pin, rows: { from, to } },
    b: { piece: 1, edge: 'ladder', pin, rows: { from, to } },
    by: 'ladder',
    mend: { label: 'Knit both tubes in the same yarn', options: { backYarn: o.yarn } }
  });
  const joins = [
    join('Left shoulder and sleeve', upper, 1, shoulder),
    join('Right shoulder and sleeve', upper, rows - shoulder + 1, rows),
    join('Left underarm', lower, 1, underarm),
    join('Right underarm', lower, rows - underarm + 1, rows)
  ];
  const finishing: Finish[] = [
    ...joins.map((j, i): Finish => ({
      do: 'chainLadder',
      piece: 0,
      join: i,
      rows: j.a.rows!.to - j.a.rows!.from + 1,
      yarn: o.yarn,
      lengthMm: LADDER_END_MM
    })),
    ...(o.cuffRounds > 0
      ? [
          {
            do: 'cuff',
            piece: 0,
            stitches: o.cuffStitches,
            repeat: o.cuffRepeat,
            rounds: o.cuffRounds,
            yarn: o.yarn,
            lengthMm: 2 * o.cuffRounds * hookYarnMm((o.cuffStitches * 10) / ring.gauge.wales.value)
          } as const
        ]
      : // Without cuffs the live stitches of the sleeve ends are chained off, or they would run.
        ([0, 1] as const).flatMap((piece): Finish[] =>
          ['along the first row', 'along the last row'].map((where) => ({
            do: 'chainHeld',
            piece,
            stitches: n - 2,
            where,
            yarn: piece === 0 ? o.yarn : o.backYarn,
            lengthMm: hookYarnMm(ring.girthMm)
          }))
        )),
    ...removeBoth(wastes[0]!),
    ...removeWaste(1, 'cast-on', wastes[1]!),
    ...removeWaste(1, 'hung-off', wastes[1]!),
    { do: 'weaveIn', piece: 0, tails: 8 }
  ];
  return {
    title: brief.name,
    pieces: [tube(0, 'Front tube', o.yarn), tube(1, 'Back tube', o.backYarn)],
    joins,
    finishing,
    worn: { form: 'wrap', sleeveRows: sleeve, neckRows: neck, underarmRows: underarm, bodyRows: rows - 2 * underarm },
    wearer: o.wearer,
    state: ring.gauge.state,
    unasked: { rows, sleeveRows: sleeve, neckRows: neck, bodyRows: body },
    wanted:
      o.sizeBy === 'measures'
        ? wantedRows((courses) => (o.spanMm / 10) * courses, ring, `${o.spanMm / 10} cm from below one elbow to below the other`) // prettier-ignore
        : null
  };
}

/** Two long tubes chained into each other along their ladders, open for neck and body. */
export const wrap: Kind<typeof WrapOptions> = {
  code: 'wrap',
  title: 'Wide wrap with sleeves',
  blurb: 'Two long tubes chained along dropped stitches, with a neck and a body opening.',
  family: 'wear',
  pins: { from: 40, to: 80, usual: 48 },
  options: WrapOptions,
  start: (kit, machineId) => {
    const { main } = firstYarns(kit);
    const pins = kit.machines.find((m) => m.id === machineId)?.pins ?? 48;
    return WrapOptions.parse({ yarn: main, backYarn: main, cuffStitches: Math.max(8, 4 * Math.round(pins / 4)) });
  },
  draft
};
