import { type Kit, yarnOf } from '../../kit';
import {
  attach,
  castOn,
  chainOff,
  choiceOption,
  countOption,
  type EdgeRef,
  type Finish,
  hookYarnMm,
  type Join,
  JOIN_TAIL_MM,
  knitRows,
  lengthOption,
  mirrored,
  type Operation,
  type Piece,
  type Plan,
  seam,
  shapedRows,
  type Shaping,
  type ShapingEvent,
  slopeEvents,
  slopeWords,
  trySlope,
  wasteRows,
  yarnOption,
  yarnOrNoneOption
} from '../../plan';
import type { Brief } from '../../plan';
import { panelMode, type PanelMode, panelPiece, pinsFor, SEAM_STITCH, usable } from './panel';
import { furthest } from './pick';
import { even, type Ring, ringOn, rowsFor, tubePiece } from './tube';

const SIZE = 'Who and how big';
const SHAPE = 'Shape';
const measured = { key: 'sizeBy', is: ['measures'] } as const;
const counted = { key: 'sizeBy', is: ['rows'] } as const;

/** What every garment of panels asks. */
export const garmentOptions = {
  wearer: choiceOption({
    title: 'For',
    group: SIZE,
    choices: [
      { value: 'adult', label: 'Adult' },
      { value: 'child', label: 'Child' },
      { value: 'baby', label: 'Baby' }
    ]
  }),
  chestMm: lengthOption({ title: 'Chest', group: SIZE, help: 'Round the fullest part, tape level.', measure: 'chest', min: 300, max: 2000, start: 940 }), // prettier-ignore
  easeMm: lengthOption({ title: 'Ease', group: SIZE, help: 'How much wider than the body.', min: 0, max: 400, start: 60 }), // prettier-ignore
  crossBackMm: lengthOption({ title: 'Cross back', group: SIZE, help: 'Shoulder point to shoulder point.', measure: 'cross-back', min: 120, max: 700, start: 400 }), // prettier-ignore
  upperArmMm: lengthOption({ title: 'Upper arm', group: SIZE, help: 'Round the widest part.', measure: 'upper-arm', min: 80, max: 800, start: 280 }), // prettier-ignore
  neckMm: lengthOption({ title: 'Neck, straight across', group: SIZE, min: 60, max: 350, start: 160 }),
  sizeBy: choiceOption({
    title: 'Rows decided by',
    group: SIZE,
    choices: [
      { value: 'measures', label: 'Measures' },
      { value: 'rows', label: 'Row counts' }
    ]
  }),
  lengthMm: lengthOption({ title: 'Length, shoulder to hem', group: SIZE, min: 120, max: 1100, start: 560, when: measured }), // prettier-ignore
  armholeMm: lengthOption({ title: 'Armhole depth', group: SIZE, measure: 'armhole', min: 60, max: 450, start: 190, when: measured }), // prettier-ignore
  backRows: countOption({ title: 'Back, hem to underarm', group: SIZE, min: 4, max: 600, start: 74, when: counted }),
  frontRows: countOption({ title: 'Front, hem to underarm', group: SIZE, min: 4, max: 600, start: 74, when: counted }),
  armRows: countOption({
    title: 'Back, underarm to shoulder',
    group: SIZE,
    min: 8,
    max: 200,
    start: 38,
    when: counted
  }),
  frontArmRows: countOption({ title: 'Front, underarm to shoulder', group: SIZE, min: 8, max: 200, start: 38, when: counted }), // prettier-ignore
  shoulderStitches: countOption({
    title: 'Stitches of a shoulder',
    group: SIZE,
    min: 1,
    max: 80,
    start: 17,
    when: counted
  }),
  neckDepthMm: lengthOption({ title: 'Depth of the V', group: SHAPE, help: 'From the shoulder down.', min: 40, max: 600, start: 200 }), // prettier-ignore
  armholes: choiceOption({
    title: 'Armholes',
    group: SHAPE,
    choices: [
      { value: 'cut-in', label: 'Cut in', help: 'Some held at once, then one every other row.' },
      { value: 'straight', label: 'Straight', help: 'No shaping; the shoulder drops.' }
    ]
  }),
  shoulders: choiceOption({
    title: 'Shoulders',
    group: SHAPE,
    choices: [
      { value: 'straight', label: 'Straight', help: 'Chained off in one line.' },
      { value: 'sloped', label: 'Sloped', help: 'Held in three groups, every other row.' }
    ]
  }),
  farSide: choiceOption({
    title: 'The second underarm of a back in one',
    group: SHAPE,
    help: 'Stitches are held only where the yarn is.',
    choices: [
      { value: 'next-row', label: 'One row later', help: 'No extra ends.' },
      { value: 'cut', label: 'Cut and begin there', help: 'Both underarms in the same row, two ends more.' }
    ],
    when: { key: 'armholes', is: ['cut-in'] }
  }),
  mode: panelMode,
  yarn: yarnOption({ title: 'Yarn', group: 'Yarn and colour' }),
  bandYarn: yarnOrNoneOption({ title: 'Front bands and hems', group: 'Yarn and colour', empty: 'The same' })
};

export interface GarmentChoice {
  readonly wearer: 'adult' | 'child' | 'baby';
  readonly chestMm: number;
  readonly easeMm: number;
  readonly crossBackMm: number;
  readonly upperArmMm: number;
  readonly neckMm: number;
  readonly sizeBy: 'measures' | 'rows';
  readonly lengthMm: number;
  readonly armholeMm: number;
  readonly backRows: number;
  readonly frontRows: number;
  readonly armRows: number;
  readonly frontArmRows: number;
  readonly shoulderStitches: number;
  readonly neckDepthMm: number;
  readonly armholes: 'cut-in' | 'straight';
  readonly shoulders: 'straight' | 'sloped';
  readonly farSide: 'next-row' | 'cut';
  readonly mode: PanelMode;
  readonly yarn: string;
  readonly bandYarn: string | null;
}

/** Sleeves of a garment; null for a waistcoat. */
export interface SleeveChoice {
  readonly sleeves: 'tube' | 'panel';
  readonly sleeveMm: number;
}

/** Groups a sloped shoulder is held in (handbook section 8: several stitches every other row). */
const SHOULDER_GROUPS = 3;

/** Waste rows of a garment piece: an even number, so that the work begins where the yarn began. */
const evenWaste = (kit: Kit): number => even(Math.max(2, kit.habits.wasteStart));

/** All counts of a garment, whole stitches and whole rows. */
interface Counts {
  /** Stitches of a half back or front, at the hem. */
  readonly half: number;
  /** Stitches of a side panel; 0 when the halves reach round. */
  readonly side: number;
  readonly shoulder: number;
  readonly neck: number;
  readonly held: number;
  readonly decreased: number;
  readonly back: { readonly body: number; readonly arm: number };
  readonly front: { readonly body: number; readonly arm: number };
  /** The back goes onto the ring in one. */
  readonly onePiece: boolean;
  readonly asked: number;
}

function countsOf(o: GarmentChoice, ring: Ring): Counts {
  const wales = ring.gauge.wales.value / 10;
  const most = usable(ring.machine, o.mode);
  const quarter = Math.max(6, Math.round(((o.chestMm + o.easeMm) / 4) * wales));
  const asked = quarter + 2 * SEAM_STITCH;
  // What the ring cannot give goes into side panels, one under each arm.
  const half = Math.min(asked, most);
  const side = asked > half ? Math.min(most, 2 * (asked - half) + 2 * SEAM_STITCH) : 0;
  const across = Math.max(4, Math.round((o.crossBackMm / 2) * wales) + SEAM_STITCH);
  const top = o.armholes === 'straight' ? half : Math.min(half, across);
  const byRows = o.sizeBy === 'rows';
  const asNeck = Math.min(top - 3, Math.max(1, Math.round((o.neckMm / 2) * wales)));
  const shoulder = byRows ? Math.max(3, Math.min(top - 1, o.shoulderStitches)) : top - asNeck;
  const neck = top - shoulder;
  const away = half - top;
  const held = away >= 3 ? Math.ceil(away / 2) : 0;
  const decreased = away - held;
  const rows = (mm: number): number => even(rowsFor(ring, mm), 4);
  const least = 2 * decreased + 2;
  const arm = Math.max(least, rows(o.armholeMm));
  const body = rows(Math.max(20, o.lengthMm - o.armholeMm));
  return {
    half,
    side,
    shoulder,
    neck,
    held,
    decreased,
    back: byRows ? { body: even(o.backRows, 4), arm: Math.max(least, even(o.armRows, 4)) } : { body, arm },
    front: byRows ? { body: even(o.frontRows, 4), arm: Math.max(least, even(o.frontArmRows, 4)) } : { body, arm },
    onePiece: 2 * (half - SEAM_STITCH) <= most && side === 0,
    asked
  };
}

/** Whole groups of a shoulder, the larger ones first. */
function groupsOf(shoulder: number): number[] {
  const each = Math.floor(shoulder / SHOULDER_GROUPS);
  return Array.from({ length: SHOULDER_GROUPS }, (_, i) => each + (i < shoulder - each * SHOULDER_GROUPS ? 1 : 0)).filter((n) => n > 0); // prettier-ignore
}

/** Underarm and shoulder of the low edge; on the high edge all of it comes one row later, when the yarn is there. */
function armEvents(
  c: Counts,
  rows: { body: number; arm: number },
  sloped: boolean,
  side: 'low' | 'high',
  later: { readonly underarm: 0 | 1; readonly shoulder: 0 | 1 }
) {
  const events: ShapingEvent[] = [];
  if (c.held > 0) events.push({ row: rows.body + later.underarm, op: { op: 'hold', side, stitches: c.held } });
  for (let i = 1; i <= c.decreased; i++) {
    events.push({ row: rows.body + 2 * i, op: { op: 'decrease', side, stitches: 1, method: 'full-fashioned' } });
  }
  if (!sloped) return events;
  const groups = groupsOf(c.shoulder);
  const end = rows.body + rows.arm;
  groups.forEach((stitches, i) => {
    events.push({ row: end - 2 * (groups.length - 1 - i) + later.shoulder, op: { op: 'hold', side, stitches } });
  });
  return events;
}

/** The neck of a front: decreases at the centre edge up to the shoulder. */
function neckOf(o: GarmentChoice, c: Counts, ring: Ring) {
  const all = c.front.body + c.front.arm;
  const depth = Math.min(all - 2, even(rowsFor(ring, o.neckDepthMm)));
  const tried = trySlope(c.neck, depth);
  const used = tried.ok ? tried.slope : trySlope(c.neck, Math.min(all, 2 * c.neck));
  const slope = 'ok' in used ? (used.ok ? used.slope : null) : used;
  return { depth, tried, slope, from: slope ? all - Math.max(depth, 2 * c.neck) : all };
}

/** Drafts a garment of panels: backs, fronts, side panels, sleeves, their seams and their finishing. */
export function draftGarment(kit: Kit, brief: Brief, o: GarmentChoice, sleeves: SleeveChoice | null): Plan {
  const ring = ringOn(kit, brief, o.yarn);
  const c = countsOf(o, ring);
  const { courses, wales } = ring.gauge;
  const mm = (stitches: number): number => (10 * stitches) / wales.value;
  const tall = (rows: number): number => (10 * rows) / courses.value;
  const sloped = o.shoulders === 'sloped' && c.shoulder >= SHOULDER_GROUPS && c.neck >= 2;
  const wasteYarn = furthest(kit, [yarnOf(kit, o.yarn)]);
  const start: Operation[] = [castOn(wasteYarn, 'e-wrap'), wasteRows(wasteYarn, evenWaste(kit))];
  const pins = pinsFor(ring.machine, o.mode, c.half);
  const piece = (label: string, at: { from: number; to: number }, ops: readonly Operation[], copies = 1): Piece =>
    panelPiece(ring, label, o.mode, at, ops, copies);
  const rowsOf = (rows: { body: number; arm: number }): number => rows.body + rows.arm;

  // Backs: the base piece has its side at the low edge.
  const leftOnTop = (n: number): Operation => chainOff(o.yarn, mm(n));
  const here = { underarm: 0, shoulder: 0 } as const;
  const backEvents = armEvents(c, c.back, sloped, 'low', here);
  const backHalf = [
    ...start,
    ...shapedRows('Back', o.yarn, rowsOf(c.back), backEvents),
    leftOnTop(sloped ? c.neck : c.neck + c.shoulder)
  ];
  const wholePins = pinsFor(ring.machine, o.mode, 2 * (c.half - SEAM_STITCH));
  const wholeRows = rowsOf(c.back) + (sloped ? 1 : 0);
  // Both underarms of a back in one: the far one a row later, or in the same row with the yarn cut. A cut leaves the yarn
  // at the high edge, so the shoulders then begin there.
  const cut = o.farSide === 'cut' && c.held > 0;
  const wholeEvents: ShapingEvent[] = cut
    ? [
        ...armEvents(c, c.back, sloped, 'low', { underarm: 0, shoulder: 1 }),
        { row: c.back.body, op: { op: 'newEnd', side: 'high', yarn: o.yarn, tailMm: JOIN_TAIL_MM } },
        ...armEvents(c, c.back, sloped, 'high', here)
      ]
    : [...backEvents, ...armEvents(c, c.back, sloped, 'high', { underarm: 1, shoulder: 1 })];
  const backWhole = [
    ...start,
    ...shapedRows('Back', o.yarn, wholeRows, wholeEvents),
    leftOnTop(2 * (c.neck - SEAM_STITCH) + (sloped ? 0 : 2 * c.shoulder))
  ];
  const pieces: Piece[] = c.onePiece
    ? [piece('Back', wholePins, backWhole)]
    : [piece('Left back', pins, backHalf), piece('Right back', pins, mirrored(backHalf, pins))];

  // Fronts: the right one is like the left back, the left one its mirror image.
  const neck = neckOf(o, c, ring);
  const neckEvents = neck.slope ? slopeEvents(neck.slope, 'high', neck.from, 'decrease') : [];
  const front = [
    ...start,
    ...shapedRows('Front', o.yarn, rowsOf(c.front), [...armEvents(c, c.front, false, 'low', here), ...neckEvents]),
    leftOnTop(c.shoulder)
  ];
  const leftFront = pieces.length;
  pieces.push(piece('Left front', pins, mirrored(front, pins)), piece('Right front', pins, front));
  const rightFront = leftFront + 1;

  const sidePins = c.side > 0 ? pinsFor(ring.machine, o.mode, c.side) : null;
  const sidePanel = pieces.length;
  if (sidePins) {
    const ops = [...start, ...shapedRows('Side', o.yarn, c.back.body, []), leftOnTop(c.side)];
    pieces.push(piece('Left side', sidePins, ops), piece('Right side', sidePins, ops));
  }

  const joins: Join[] = [];
  const toBack = {
    label: `Knit the front ${c.back.body} rows to the underarm too`,
    options: { frontRows: c.back.body }
  };
  const sideEdge = (p: number, side: 'low' | 'high', to: number): EdgeRef => ({ piece: p, edge: 'side', side, rows: { from: 1, to } }); // prettier-ignore
  const [leftBack, rightBack] = [0, c.onePiece ? 0 : 1];
  if (!c.onePiece) {
    joins.push({ name: 'Centre back', a: { piece: 0, edge: 'side', side: 'high' }, b: { piece: 1, edge: 'side', side: 'low' }, by: 'mattress' }); // prettier-ignore
  }
  const back = { left: sideEdge(leftBack, 'low', c.back.body), right: sideEdge(rightBack, 'high', c.back.body) };
  const frontSide = {
    left: sideEdge(leftFront, 'high', c.front.body),
    right: sideEdge(rightFront, 'low', c.front.body)
  };
  for (const hand of ['left', 'right'] as const) {
    const name = hand === 'left' ? 'Left side' : 'Right side';
    if (sidePins) {
      const p = sidePanel + (hand === 'left' ? 0 : 1);
      joins.push(
        { name: `${name}, back`, a: back[hand], b: { piece: p, edge: 'side', side: 'low' }, by: 'mattress' },
        { name: `${name}, front`, a: { piece: p, edge: 'side', side: 'high' }, b: frontSide[hand], by: 'mattress', mend: toBack } // prettier-ignore
      );
    } else joins.push({ name, a: back[hand], b: frontSide[hand], by: 'mattress', mend: toBack });
  }
  // Shoulders: the stitches next to the armhole; where they slope they wait on a thread.
  const backPins = c.onePiece ? wholePins : pins;
  const inward = c.held + c.decreased;
  const low = backPins.from + inward;
  const high = backPins.to - inward;
  const onThread = (p: number, side: 'low' | 'high'): EdgeRef => ({ piece: p, edge: 'held', side, rows: { from: c.back.body + 2, to: 100_000 } }); // prettier-ignore
  joins.push(
    {
      name: 'Left shoulder',
      a: sloped ? onThread(0, 'low') : { piece: 0, edge: 'hung-off', pins: { from: low, to: low + c.shoulder - 1 } },
      b: { piece: leftFront, edge: 'hung-off' },
      by: 'hook'
    },
    {
      name: 'Right shoulder',
      a: sloped
        ? onThread(rightBack, 'high')
        : { piece: rightBack, edge: 'hung-off', pins: { from: high - c.shoulder + 1, to: high } },
      b: { piece: rightFront, edge: 'hung-off' },
      by: 'hook'
    }
  );

  // Sleeves.
  const armholeMm = tall(c.back.arm) + tall(c.front.arm) + 2 * mm(c.held) + (sidePins ? mm(c.side - 2) : 0);
  let sleeveMm: number | null = null;
  const sleeve = pieces.length;
  const shaping: Shaping[] = [];
  if (sleeves) {
    const rows = even(rowsFor(ring, sleeves.sleeveMm), 4);
    if (sleeves.sleeves === 'tube') {
      sleeveMm = ring.girthMm;
      pieces.push(
        tubePiece(kit, ring, 'Sleeve', [castOn(wasteYarn), wasteRows(wasteYarn, evenWaste(kit)), knitRows('Sleeve', o.yarn, rows), chainOff(o.yarn, ring.girthMm)], { copies: 2 }) // prettier-ignore
      );
    } else {
      const most = usable(ring.machine, o.mode);
      const around = Math.max(4, Math.round((armholeMm / 10) * wales.value));
      // A sleeve wider than the ring gives is knitted in two or more parts.
      const parts = Math.ceil(around / Math.max(1, most - 2 * SEAM_STITCH));
      const top = Math.min(most, Math.ceil(around / parts) + 2 * SEAM_STITCH);
      const more = Math.min(Math.floor(top * 0.18), Math.floor(rows / 2) - 1);
      const tried = trySlope(Math.max(0, more), rows);
      const slope = tried.ok ? tried.slope : null;
      sleeveMm = parts * mm(top - 2 * SEAM_STITCH);
      const at = pinsFor(ring.machine, o.mode, top);
      const grown = slope?.stitches ?? 0;
      const cuff = { from: at.from + grown, to: at.to - grown };
      const events = slope ? (['low', 'high'] as const).flatMap((s) => slopeEvents(slope, s, 0, 'increase')) : [];
      pieces.push(
        piece('Sleeve', at, [{ ...castOn(o.yarn, 'e-wrap'), pins: cuff }, ...shapedRows('Sleeve', o.yarn, rows, events), chainOff(o.yarn, mm(top))], 2 * parts) // prettier-ignore
      );
      joins.push({ name: 'Sleeve seam', a: { piece: sleeve, edge: 'side', side: 'low' }, b: { piece: sleeve, edge: 'side', side: 'high' }, by: 'mattress' }); // prettier-ignore
      if (slope && slope.stitches > 0) {
        shaping.push({ piece: sleeve, what: 'Sleeve, both edges, increases', words: slopeWords(slope), at: slope.at, leftRows: slope.leftRows }); // prettier-ignore
      }
    }
  }

  if (c.decreased > 0) {
    const slope = trySlope(c.decreased, 2 * c.decreased);
    if (slope.ok) {
      shaping.unshift({
        piece: 0,
        what: `Armhole${c.held ? `, after ${c.held} held at once` : ''}`,
        words: slopeWords(slope.slope),
        at: slope.slope.at.map((row) => row + c.back.body),
        leftRows: c.back.arm - 2 * c.decreased
      });
    }
  }
  if (neck.slope) {
    shaping.push({
      piece: rightFront,
      what: 'V of the neck',
      words: slopeWords(neck.slope),
      at: neck.slope.at.map((row) => row + neck.from),
      leftRows: neck.slope.leftRows,
      ...(neck.tried.ok
        ? {}
        : {
            trouble: {
              sentence: `${neck.tried.sentence}; begun ${2 * c.neck - neck.depth} rows lower it comes out`,
              option: 'neckDepthMm',
              mend: { label: 'Make the V deep enough', options: { neckDepthMm: Math.ceil(tall(2 * c.neck) / 5) * 5 } }
            }
          })
    });
  }

  const bandYarn = o.bandYarn ?? o.yarn;
  const bandMm = 2 * tall(rowsOf(c.front)) + 2 * mm(c.neck);
  const hemStitches = (c.onePiece ? 2 * (c.half - 1) : 2 * c.half) + 2 * c.half + 2 * c.side;
  const seams = joins.map((join, i): Finish => {
    const rows = join.a.edge === 'side' ? (join.a.rows?.to ?? rowsOf(c.back)) : 0;
    const onSleeve = sleeves !== null && join.a.piece === sleeve;
    const along = onSleeve ? sleeves.sleeveMm : rows > 0 ? tall(rows) : mm(c.shoulder);
    return seam(join.a.piece, i, o.yarn, along, join.by);
  });
  const finishing: Finish[] = [
    ...pieces.flatMap((part, p): Finish[] => {
      if (part.mode === 'tube') return [];
      const rows = part.operations.reduce((sum, op) => sum + (op.op === 'knit' && op.purpose === 'work' ? op.rows : 0), 0); // prettier-ignore
      return [{ do: 'block', piece: p, widthMm: mm(part.to - part.from + 1), heightMm: tall(rows) }];
    }),
    ...seams,
    ...(c.held > 0 ? [{ do: 'chainHeld', piece: 0, stitches: 4 * c.held, where: 'at both underarms, front and back', yarn: o.yarn, lengthMm: hookYarnMm(mm(4 * c.held)) } as const] : []), // prettier-ignore
    ...(sleeves && sleeveMm !== null ? [attach(sleeve, 0, 2, 'into the armhole', o.yarn, sleeveMm)] : []),
    { do: 'edging', what: 'front bands and neck', alongMm: Math.round(bandMm), stitches: Math.round((bandMm * courses.value * 0.75) / 10), yarn: bandYarn, lengthMm: hookYarnMm(bandMm) }, // prettier-ignore
    { do: 'edging', what: 'hem, through the live stitches', alongMm: Math.round(mm(hemStitches)), stitches: hemStitches, yarn: bandYarn, lengthMm: hookYarnMm(mm(hemStitches)) }, // prettier-ignore
    ...pieces.flatMap((part, p): Finish[] =>
      part.operations[1]?.op === 'knit' && part.operations[1].purpose === 'waste'
        ? [{ do: 'removeWaste', piece: p, edge: 'cast-on', rows: part.operations[1].rows }]
        : []
    ),
    { do: 'weaveIn', piece: 0, tails: 2 * pieces.length }
  ];
  const half = (n: number): number[] => Array.from({ length: n }, (_, i) => i);
  const bodies = half(sidePanel).concat(sidePins ? [sidePanel] : []);
  return {
    title: brief.name,
    pieces,
    joins,
    finishing,
    shaping,
    narrowed: c.asked > c.half && c.side === 0 ? [{ piece: 0, asked: c.asked, given: c.half, option: 'chestMm' }] : [],
    garment: {
      neckMm: 2 * mm(c.neck) - mm(c.onePiece ? 2 : 0),
      neckAskedMm: o.neckMm,
      shoulderMm: mm(c.shoulder),
      armholeMm,
      upperArmMm: o.upperArmMm,
      sleeveMm,
      frontRows: rowsOf(c.front),
      backRows: rowsOf(c.back)
    },
    worn: {
      form: 'panels',
      rows: [bodies, ...(sleeves ? [[sleeve]] : [])],
      body: { what: 'chest', girthMm: o.chestMm + o.easeMm }
    },
    wearer: o.wearer,
    state: ring.gauge.state,
    wanted: null
  };
}
