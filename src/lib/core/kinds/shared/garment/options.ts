import * as z from 'zod/mini';
import {
  choiceOption,
  countOption,
  lengthOption,
  slopeOption,
  type TypedSlope,
  yarnOption,
  yarnOrNoneOption
} from '../../../plan';
import { panelMode, startOption } from '../panel';
import type { Spare } from '../spare';
import { wasteWayOption } from '../waste';
import { ENDS, sizeByOption, wearerOption, WHO } from '../options';

const SHAPE = 'shape';

/** More panels under an arm than this are a blanket. */
export const MOST_SIDE_PANELS = 6;

const measured = { key: 'sizeBy', is: ['measures'] } as const;
const rowsTyped = { key: 'sizeBy', is: ['rows', 'counts'] } as const;
const counted = { key: 'sizeBy', is: ['counts'] } as const;
const MOST_BUTTONS = 12;
const buttoned = { key: 'buttons', is: Array.from({ length: MOST_BUTTONS }, (_, i) => i + 1) };
const pocketed = { key: 'pockets', is: ['both', 'left', 'right'] } as const;
/** A V that is not typed. */
const evenV = { key: 'neckSlope', is: [null] } as const;
const cutIn = { key: 'armholes', is: ['cut-in'] } as const;

/**
 * Groups a sloped shoulder is held in where the knitter has no number of their own (craft 8: several stitches every
 * other row).
 */
export const SHOULDER_GROUPS = 3;

/** Ways in which stitches go at an edge of a garment. */
const EDGE_METHODS = ['full-fashioned', 'two-edge', 'double', 'simple', 'thread'] as const;

/** What every garment of panels asks. */
export const garmentOptions = {
  wearer: wearerOption('adult', 'child', 'baby'),
  chestMm: lengthOption({ group: WHO, measure: 'chest', min: 300, max: 2000, start: 940 }), // prettier-ignore
  easeMm: lengthOption({ group: WHO, min: 0, max: 400, start: 60 }), // prettier-ignore
  crossBackMm: lengthOption({ group: WHO, measure: 'cross-back', min: 120, max: 700, start: 400 }), // prettier-ignore
  upperArmMm: lengthOption({ group: WHO, measure: 'upper-arm', min: 80, max: 800, start: 280 }), // prettier-ignore
  neckMm: lengthOption({ group: WHO, min: 60, max: 350, start: 160 }),
  sizeBy: sizeByOption(WHO, 'measures', 'rows', 'counts'),
  lengthMm: lengthOption({ group: WHO, min: 120, max: 1100, start: 560, when: measured }), // prettier-ignore
  armholeMm: lengthOption({ group: WHO, measure: 'armhole', min: 60, max: 450, start: 190, when: measured }), // prettier-ignore
  halfStitches: countOption({ counts: 'stitches', group: WHO, min: 6, max: 200, start: 36, when: counted }), // prettier-ignore
  sideStitches: countOption({ counts: 'stitches', group: WHO, min: 0, max: 200, start: 0, when: counted }), // prettier-ignore
  backRows: countOption({ counts: 'rows', group: WHO, min: 4, max: 600, start: 74, when: rowsTyped }),
  frontRows: countOption({ counts: 'rows', group: WHO, min: 4, max: 600, start: 74, when: rowsTyped }), // prettier-ignore
  armRows: countOption({ counts: 'rows', group: WHO, min: 8, max: 200, start: 38, when: rowsTyped }), // prettier-ignore
  frontArmRows: countOption({ counts: 'rows', group: WHO, min: 8, max: 200, start: 38, when: rowsTyped }), // prettier-ignore
  heldStitches: countOption({ counts: 'stitches', group: WHO, min: 0, max: 60, start: 4, when: { ...counted, and: cutIn } }), // prettier-ignore
  singles: countOption({ group: WHO, min: 0, max: 60, start: 3, when: { ...counted, and: cutIn } }), // prettier-ignore
  shoulderStitches: countOption({ counts: 'stitches', group: WHO, min: 1, max: 80, start: 17, when: rowsTyped }), // prettier-ignore
  shoulderGroups: countOption({ group: WHO, min: 1, max: 12, start: SHOULDER_GROUPS, when: { ...counted, and: { key: 'shoulders', is: ['sloped'] } } }), // prettier-ignore
  neckBy: choiceOption({ group: SHAPE, choices: ['depth', 'row'], when: evenV }),
  neckDepthMm: lengthOption({
    group: SHAPE,
    min: 40,
    max: 600,
    start: 200,
    when: { key: 'neckBy', is: ['depth'], and: evenV }
  }),
  neckRow: countOption({
    counts: 'rows',
    group: SHAPE,
    min: 1,
    max: 800,
    start: 57,
    when: { key: 'neckBy', is: ['row'], and: evenV }
  }),
  neckMethod: choiceOption({ group: SHAPE, choices: EDGE_METHODS }),
  neckSlope: slopeOption({ group: SHAPE }),
  armholes: choiceOption({ group: SHAPE, choices: ['cut-in', 'straight'] }),
  armMethod: choiceOption({ group: SHAPE, choices: EDGE_METHODS, when: cutIn }),
  armSlope: slopeOption({ group: SHAPE, when: cutIn }),
  shoulders: choiceOption({ group: SHAPE, choices: ['straight', 'sloped'] }),
  assembly: choiceOption({ group: SHAPE, school: true, choices: ['flat', 'round'] }),
  shoulderBy: choiceOption({ group: SHAPE, school: true, choices: ['sewn', 'together', 'slip'] }),
  fronts: choiceOption({ group: SHAPE, choices: ['closed', 'open'] }),
  bandMm: lengthOption({ group: SHAPE, min: 5, max: 80, start: 5 }),
  bandPerFour: countOption({ group: SHAPE, min: 2, max: 4, start: 3 }),
  buttons: countOption({ group: SHAPE, min: 0, max: MOST_BUTTONS, start: 0 }),
  buttonMm: lengthOption({ group: SHAPE, min: 8, max: 50, start: 18, small: true, when: buttoned }),
  holesOn: choiceOption({ group: SHAPE, choices: ['right', 'left'], when: buttoned }),
  pockets: choiceOption({ group: SHAPE, choices: ['none', 'both', 'left', 'right'] }),
  pocketWideMm: lengthOption({ group: SHAPE, min: 30, max: 300, start: 110, when: pocketed }),
  pocketTallMm: lengthOption({ group: SHAPE, min: 30, max: 400, start: 120, when: pocketed }),
  pocketUpMm: lengthOption({ group: SHAPE, min: 0, max: 500, start: 50, when: pocketed }),
  sidePanels: countOption({ group: SHAPE, min: 1, max: MOST_SIDE_PANELS, start: 1 }), // prettier-ignore
  farSide: choiceOption({ group: SHAPE, choices: ['next-row', 'cut'], when: { key: 'armholes', is: ['cut-in'] } }),
  mode: panelMode,
  place: choiceOption({ group: 'machines', choices: ['middle', 'low', 'own'] }),
  firstPin: countOption({ group: 'machines', min: 1, max: 199, start: 3, when: { key: 'place', is: ['own'] } }),
  yarnAt: startOption,
  yarn: yarnOption({ group: 'yarn' }),
  bandYarn: yarnOrNoneOption({ group: 'yarn', open: true }),
  wasteYarn: yarnOrNoneOption({ group: ENDS, open: true }),
  wasteWay: wasteWayOption
};

/** What was chosen for a garment. */
export type GarmentChoice = z.output<z.ZodMiniObject<typeof garmentOptions>> & { readonly spare?: Spare };

/** How armholes without sleeves are finished. */
export type ArmEdge = 'crochet' | 'none';

/** Sleeves of a garment; none for a waistcoat. */
export interface SleeveChoice {
  readonly sleeves: 'tube' | 'panel';
  readonly sleeveMm: number;
  readonly sizeBy: GarmentChoice['sizeBy'];
  /** Where all counts are typed. */
  readonly sleeveRows: number;
  readonly sleeveStitches: number;
  /** Its slope as it was typed; null where it is spread evenly. */
  readonly sleeveSlope: TypedSlope | null;
}
