import { z } from 'zod';
import { headFit, linedRows } from '../body';
import { colourDifference, gaugeFor, type Kit, machineOf, ringMm, usualHole, type Yarn, yarnOf } from '../kit';
import {
  type Brief,
  castOn,
  choiceOption,
  countOption,
  drawstring,
  type Edge,
  type Finish,
  knitRows,
  lengthOption,
  MOST_ROWS,
  type Operation,
  type Plan,
  Section,
  sectionsOption,
  switchOption,
  wasteHangOff,
  wasteRows,
  withCounter,
  yarnOption,
  yarnOrNoneOption
} from '../plan';
import type { Kind } from './kind';

const contrast = { key: 'style', is: ['contrast'] } as const;
const striped = { key: 'style', is: ['striped'] } as const;
const oneYarnAtTop = { key: 'style', is: ['plain', 'contrast'] } as const;
const withWaste = { key: 'waste', is: ['few', 'ten', 'fifteen'] } as const;

export const LinedHatOptions = z.object({
  wearer: choiceOption({
    title: 'For',
    group: 'Who and how big',
    choices: [
      { value: 'adult', label: 'Adult' },
      { value: 'child', label: 'Child' },
      { value: 'baby', label: 'Baby' }
    ]
  }),
  headMm: lengthOption({
    title: 'Head girth',
    group: 'Who and how big',
    help: 'Round the brow and the back of the head, tape snug.',
    min: 200,
    max: 800,
    start: 560
  }),
  turnUpMm: lengthOption({
    title: 'Turned-up brim',
    group: 'Who and how big',
    help: '0 for a hat without a turn-up.',
    min: 0,
    max: 150,
    start: 50
  }),
  sizeBy: choiceOption({
    title: 'Rows decided by',
    group: 'Who and how big',
    choices: [
      { value: 'head', label: 'The head' },
      { value: 'height', label: 'Finished height' },
      { value: 'rows', label: 'A row count' }
    ]
  }),
  heightMm: lengthOption({
    title: 'Finished height',
    group: 'Who and how big',
    help: 'Lying flat, the brim as worn.',
    min: 40,
    max: 600,
    start: 235,
    when: { key: 'sizeBy', is: ['height'] }
  }),
  rows: countOption({
    title: 'Rows',
    group: 'Who and how big',
    help: 'All rows of the tube, both layers.',
    min: 10,
    max: MOST_ROWS,
    start: 120,
    when: { key: 'sizeBy', is: ['rows'] }
  }),
  style: choiceOption({
    title: 'Colours',
    group: 'Yarn and colour',
    choices: [
      { value: 'contrast', label: 'Lining of another colour' },
      { value: 'plain', label: 'One colour' },
      { value: 'striped', label: 'Stripes' }
    ]
  }),
  yarn: yarnOption({ title: 'Outside', group: 'Yarn and colour', when: oneYarnAtTop }),
  liningYarn: yarnOption({ title: 'Lining', group: 'Yarn and colour', when: contrast }),
  marginRows: countOption({
    title: 'Lining longer by',
    group: 'Yarn and colour',
    help: 'Rows the lining colour has more than the outside, so that the outside never peeks at the edge.',
    min: -60,
    max: 60,
    start: 6,
    when: contrast
  }),
  sections: sectionsOption({
    title: 'Stripes, from the outer crown down',
    group: 'Yarn and colour',
    when: striped
  }),
  repeat: switchOption({
    title: 'Repeat the stripes to the end',
    group: 'Yarn and colour',
    start: true,
    when: striped
  }),
  closing: choiceOption({
    title: 'Closing the crown',
    group: 'Ends and finishing',
    choices: [
      { value: 'draw', label: 'Draw each end shut', help: 'Quick: two knots, then sewn together inside.' },
      {
        value: 'zip',
        label: 'Zip both edges first',
        help: 'Flat, without a lump: stitches joined one by one, then drawn.'
      }
    ]
  }),
  waste: choiceOption({
    title: 'Waste yarn at both ends',
    group: 'Ends and finishing',
    choices: [
      { value: 'none', label: 'None', help: 'The tails are the drawstrings.' },
      { value: 'few', label: '5 rows', help: 'Enough to hold; little to unpick.' },
      { value: 'ten', label: '10 rows', help: 'Easier to hold while threading.' },
      { value: 'fifteen', label: '15 rows', help: 'Safest, the longest unpicking.' }
    ]
  }),
  wasteYarn: yarnOrNoneOption({
    title: 'Waste yarn',
    group: 'Ends and finishing',
    empty: 'The colour furthest from the work',
    when: withWaste
  }),
  separator: switchOption({
    title: 'One row of a third colour next to the work',
    group: 'Ends and finishing',
    help: 'The waste then comes away in one pull.',
    start: false,
    when: withWaste
  }),
  thread: yarnOrNoneOption({
    title: 'Drawstring thread',
    group: 'Ends and finishing',
    empty: 'The tail of the same yarn'
  }),
  doubled: switchOption({ title: 'Draw with the thread doubled', group: 'Ends and finishing', start: false }),
  trim: choiceOption({
    title: 'On top',
    group: 'Ends and finishing',
    choices: [
      { value: 'none', label: 'Nothing' },
      { value: 'pompom', label: 'A pompom' },
      { value: 'cord', label: 'Two tie cords' }
    ]
  })
});
export type LinedHatOptions = z.output<typeof LinedHatOptions>;

const WASTE_ROWS: Readonly<Record<LinedHatOptions['waste'], number>> = { none: 0, few: 5, ten: 10, fifteen: 15 };

/** A pompom of the usual card: 10 x 7.5 cm, 70 wraps (handbook section 7). */
const POMPOM = { wraps: 70, cardMm: 75 };

/** Length of one tie cord: long enough to knot under a chin (own estimate, no source). */
const CORD_MM = 250;

/** Colour that stands furthest from its neighbours, the one a waste yarn should have. */
function furthest(kit: Kit, neighbours: readonly Yarn[], except: readonly string[] = []): string {
  let best = kit.yarns[0]!.id;
  let distance = -1;
  for (const yarn of kit.yarns) {
    if (except.includes(yarn.id)) continue;
    const nearest = Math.min(...neighbours.map((n) => colourDifference(n.colour.hex, yarn.colour.hex)));
    if (nearest > distance) {
      distance = nearest;
      best = yarn.id;
    }
  }
  return best;
}

/** Lays a list of stripes over so many rows: repeated, or with its last colour going on to the end. */
export function layStripes(sections: readonly Section[], rows: number, repeat: boolean): Section[] {
  const laid: Section[] = [];
  let left = rows;
  for (let i = 0; left > 0; i++) {
    const over = i >= sections.length;
    const section = over && !repeat ? sections.at(-1)! : sections[i % sections.length]!;
    const count = over && !repeat ? left : Math.min(section.rows, left);
    const last = laid.at(-1);
    if (last?.yarn === section.yarn) laid[laid.length - 1] = { yarn: last.yarn, rows: last.rows + count };
    else laid.push({ yarn: section.yarn, rows: count });
    left -= count;
  }
  return laid;
}

/** The work sections from the outer crown, over the fold, to the lining's crown. */
function workSections(o: LinedHatOptions, rows: number): (Section & { label: string })[] {
  if (o.style === 'striped' && o.sections.length > 0) {
    return layStripes(o.sections, rows, o.repeat).map((s, i) => ({ ...s, label: `Stripe ${i + 1}` }));
  }
  if (o.style !== 'contrast') return [{ yarn: o.yarn, rows, label: 'Hat' }];
  const outer = Math.min(rows - 1, Math.max(1, Math.floor((rows - o.marginRows) / 2)));
  return [
    { yarn: o.yarn, rows: outer, label: 'Outside' },
    { yarn: o.liningYarn, rows: rows - outer, label: 'Lining' }
  ];
}

function finishing(o: LinedHatOptions, rows: number, joins: number, threads: Threads): Finish[] {
  const list: Finish[] = [];
  const waste = WASTE_ROWS[o.waste] + (o.separator && o.waste !== 'none' ? 1 : 0);
  if (joins > 0) list.push({ do: 'checkJoins', piece: 0, joins });
  if (waste > 0) {
    for (const edge of ['cast-on', 'hung-off'] as const) {
      const { yarn, lengthMm } = threads[edge];
      list.push({ do: 'threadEdge', piece: 0, edge, yarn, lengthMm, doubled: o.doubled });
      list.push({ do: 'removeWaste', piece: 0, edge, rows: waste });
    }
  } else if (o.doubled || threads['cast-on'].yarn !== threads['cast-on'].workYarn) {
    // The cast-on tail would be the drawstring here, and it is single and of the work's own yarn.
    const { yarn, lengthMm } = threads['cast-on'];
    list.push({ do: 'threadEdge', piece: 0, edge: 'cast-on', yarn, lengthMm, doubled: o.doubled });
  }
  if (o.closing === 'draw') {
    list.push({ do: 'drawShut', piece: 0, edge: 'cast-on' }, { do: 'drawShut', piece: 0, edge: 'hung-off' });
    list.push({ do: 'pushInside', piece: 0, foldRow: Math.floor(rows / 2) }, { do: 'joinCrowns', piece: 0 });
  } else {
    list.push({ do: 'pushInside', piece: 0, foldRow: Math.floor(rows / 2) });
    list.push({
      do: 'zipEdges',
      piece: 0,
      yarn: threads['cast-on'].yarn,
      lengthMm: threads.zipMm,
      stitches: threads.pins
    });
    list.push({ do: 'drawBoth', piece: 0 });
  }
  list.push({ do: 'weaveIn', piece: 0, tails: o.closing === 'zip' ? 4 : 2 });
  if (o.turnUpMm > 0) list.push({ do: 'turnUp', piece: 0, heightMm: o.turnUpMm });
  const trimYarn = threads['hung-off'].workYarn;
  if (o.trim === 'pompom') list.push({ do: 'pompom', yarn: trimYarn, ...POMPOM });
  if (o.trim === 'cord') list.push({ do: 'ties', yarn: trimYarn, count: 2, lengthMm: CORD_MM });
  return list;
}

type Threads = Record<Edge, { yarn: string; workYarn: string; lengthMm: number }> & { zipMm: number; pins: number };

function draft(kit: Kit, brief: Brief, o: LinedHatOptions): Plan {
  const machine = machineOf(kit, brief.machineId);
  const firstYarnId = o.style === 'striped' ? (o.sections[0]?.yarn ?? o.yarn) : o.yarn;
  const main = yarnOf(kit, firstYarnId, brief.strands);
  const hole = brief.hole ?? usualHole(machine, main.weightClass);
  const gauge = gaugeFor(kit, machine, main, hole);
  const rowsFor = (courses: number): number =>
    linedRows(headFit(o.headMm, { pins: machine.pins, courses, wales: gauge.wales.value }), o.turnUpMm);
  const fitted = rowsFor(gauge.courses.value);
  const whole = (n: number): number => Math.max(10, 2 * Math.round(n / 2));
  const rows =
    o.sizeBy === 'rows'
      ? o.rows
      : o.sizeBy === 'head'
        ? whole(fitted)
        : whole(((o.heightMm + o.turnUpMm) / 10) * 2 * gauge.courses.value);

  const sections = workSections(o, rows);
  const first = sections[0]!;
  const last = sections.at(-1)!;
  const waste = WASTE_ROWS[o.waste];
  const neighbours = [yarnOf(kit, first.yarn), yarnOf(kit, last.yarn)];
  const wasteYarn = waste > 0 ? (o.wasteYarn ?? furthest(kit, neighbours)) : null;
  const third = o.separator && wasteYarn ? furthest(kit, [...neighbours, yarnOf(kit, wasteYarn)]) : null;
  const separator = third ? [wasteRows(third, 1, 'separator')] : [];
  const ring = ringMm(machine);
  const work = sections.map((s) => knitRows(s.label, s.yarn, s.rows));
  const operations: Operation[] = wasteYarn
    ? [
        castOn(wasteYarn),
        wasteRows(wasteYarn, waste),
        ...separator,
        ...work,
        ...separator,
        wasteRows(wasteYarn, waste),
        wasteHangOff()
      ]
    : [castOn(first.yarn), ...work, drawstring(o.thread ?? last.yarn, o.doubled ? 2 * ring : ring, o.doubled)];

  const threadMm = drawstring('', ring).threadMm * (o.doubled ? 2 : 1);
  const threads: Threads = {
    'cast-on': { yarn: o.thread ?? first.yarn, workYarn: first.yarn, lengthMm: threadMm },
    'hung-off': { yarn: o.thread ?? last.yarn, workYarn: first.yarn, lengthMm: threadMm },
    // One thread through both edges: twice the ring, and a hand's length to hold at either end.
    zipMm: Math.round(2 * ring + 300),
    pins: machine.pins
  };
  const range = [rowsFor(gauge.courses.low), rowsFor(gauge.courses.high)];
  return {
    title: brief.name,
    pieces: [
      {
        label: 'Tube',
        machineId: machine.id,
        copies: 1,
        mode: 'tube',
        from: 1,
        to: machine.pins,
        hole,
        operations: withCounter(operations, machine.counter, kit.habits.counter)
      }
    ],
    finishing: finishing(o, rows, sections.length - 1, threads),
    worn: { form: 'lined-hat', headMm: o.headMm, turnUpMm: o.turnUpMm },
    state: gauge.state,
    wanted: {
      rows: whole(fitted),
      low: Math.min(...range),
      high: Math.max(...range),
      because: `two layers over a head of ${o.headMm / 10} cm, brow a third of the girth below the crown${o.turnUpMm ? `, brim ${o.turnUpMm / 10} cm turned up at full stretch` : ''}; ${gauge.courses.because}`
    }
  };
}

/** A tube folded into itself: two layers, both crowns drawn shut. The commonest piece of these machines. */
export const linedHat: Kind<typeof LinedHatOptions> = {
  code: 'lined-hat',
  title: 'Lined hat',
  blurb: 'One tube folded into itself: warm, reversible, no hem to sew.',
  options: LinedHatOptions,
  start: (kit, machineId) => {
    // Nearest to a medium yarn first, then the one of which most is at hand; an unknown stock counts as plenty.
    const stock = (y: Yarn): number => y.stockGrams ?? Infinity;
    const apart = (y: Yarn): number => Math.abs(y.weightClass * y.strands - 4);
    const [main, lining] = [...kit.yarns].sort(
      (a, b) => apart(a) - apart(b) || (stock(a) === stock(b) ? 0 : stock(b) - stock(a))
    );
    if (!main) throw new RangeError('the kit must have a yarn; received none');
    const small = machineOf(kit, machineId).pins < 36;
    return LinedHatOptions.parse({
      style: lining ? 'contrast' : 'plain',
      yarn: main.id,
      liningYarn: (lining ?? main).id,
      sections: [
        { yarn: main.id, rows: 5 },
        { yarn: (lining ?? main).id, rows: 5 }
      ],
      ...(small ? { wearer: 'baby', headMm: 250, turnUpMm: 20 } : {})
    });
  },
  draft
};
