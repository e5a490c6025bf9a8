import { z } from 'zod';
import { choiceOption, countOption, lengthOption, yarnOption, yarnOrNoneOption } from '../../../plan';
import { panelMode, startOption } from '../panel';
import { wasteWayOption } from '../waste';
import { sizeByOption, wearerOption, WHO } from '../options';

const SHAPE = 'Shape';

/** More panels under an arm than this are a blanket. */
export const MOST_SIDE_PANELS = 6;

const measured = { key: 'sizeBy', is: ['measures'] } as const;
const rowsTyped = { key: 'sizeBy', is: ['rows', 'counts'] } as const;
const counted = { key: 'sizeBy', is: ['counts'] } as const;
const cutIn = { key: 'armholes', is: ['cut-in'] } as const;

/** Groups a sloped shoulder is held in where the knitter has no number of their own (craft 8: several stitches every other row). */
export const SHOULDER_GROUPS = 3;

/** What every garment of panels asks. */
export const garmentOptions = {
  wearer: wearerOption('adult', 'child', 'baby'),
  chestMm: lengthOption({ title: 'Chest', group: WHO, help: 'Round the fullest part, tape level.', measure: 'chest', min: 300, max: 2000, start: 940 }), // prettier-ignore
  easeMm: lengthOption({ title: 'Ease', group: WHO, help: 'How much wider than the body.', min: 0, max: 400, start: 60 }), // prettier-ignore
  crossBackMm: lengthOption({ title: 'Cross back', group: WHO, help: 'Shoulder point to shoulder point.', measure: 'cross-back', min: 120, max: 700, start: 400 }), // prettier-ignore
  upperArmMm: lengthOption({ title: 'Upper arm', group: WHO, help: 'Round the widest part.', measure: 'upper-arm', min: 80, max: 800, start: 280 }), // prettier-ignore
  neckMm: lengthOption({ title: 'Neck, straight across', group: WHO, min: 60, max: 350, start: 160 }),
  sizeBy: sizeByOption(WHO, { measures: 'Measures', rows: 'Row counts', counts: 'All counts' }, 'Size decided by'),
  lengthMm: lengthOption({ title: 'Length, shoulder to hem', group: WHO, min: 120, max: 1100, start: 560, when: measured }), // prettier-ignore
  armholeMm: lengthOption({ title: 'Armhole depth', group: WHO, measure: 'armhole', min: 60, max: 450, start: 190, when: measured }), // prettier-ignore
  halfStitches: countOption({ title: 'Cast on for a half', group: WHO, help: 'One back or front, seams included.', min: 6, max: 200, start: 36, when: counted }), // prettier-ignore
  sideStitches: countOption({ title: 'Cast on for a panel under the arm', group: WHO, help: '0 for none.', min: 0, max: 200, start: 0, when: counted }), // prettier-ignore
  backRows: countOption({ title: 'Back, hem to underarm', group: WHO, min: 4, max: 600, start: 74, when: rowsTyped }),
  frontRows: countOption({ title: 'Front, hem to underarm', group: WHO, min: 4, max: 600, start: 74, when: rowsTyped }), // prettier-ignore
  armRows: countOption({ title: 'Back, underarm to shoulder', group: WHO, min: 8, max: 200, start: 38, when: rowsTyped }), // prettier-ignore
  frontArmRows: countOption({ title: 'Front, underarm to shoulder', group: WHO, min: 8, max: 200, start: 38, when: rowsTyped }), // prettier-ignore
  heldStitches: countOption({ title: 'Held at the underarm', group: WHO, help: 'At once.', min: 0, max: 60, start: 4, when: { ...counted, and: cutIn } }), // prettier-ignore
  singles: countOption({ title: 'Then one by one', group: WHO, help: 'Every other row.', min: 0, max: 60, start: 3, when: { ...counted, and: cutIn } }), // prettier-ignore
  shoulderStitches: countOption({ title: 'Stitches of a shoulder', group: WHO, min: 1, max: 80, start: 17, when: rowsTyped }), // prettier-ignore
  shoulderGroups: countOption({ title: 'Groups of a sloped shoulder', group: WHO, min: 1, max: 12, start: SHOULDER_GROUPS, when: { ...counted, and: { key: 'shoulders', is: ['sloped'] } } }), // prettier-ignore
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
  assembly: choiceOption({
    title: 'Putting it together',
    group: SHAPE,
    school: true,
    choices: [
      { value: 'flat', label: 'Sleeves set in flat', help: 'Shoulders, sleeves into the open armholes, then side and sleeve in one line.' }, // prettier-ignore
      { value: 'round', label: 'Sides first', help: 'Sides and sleeves closed, then each sleeve set in round.' }
    ]
  }),
  shoulderBy: choiceOption({
    title: 'Shoulder seams',
    group: SHAPE,
    school: true,
    choices: [
      { value: 'sewn', label: 'Chained each and sewn', help: 'Firm: the shoulder carries the weight.' },
      { value: 'together', label: 'Both chained in one pass', help: "Loops of both threads together, with a hook through three layers." }, // prettier-ignore
      { value: 'slip', label: 'Slip stitch', help: 'Chained each, then hooked together: quick.' }
    ]
  }),
  buttons: countOption({ title: 'Buttons', group: SHAPE, help: 'Evenly spaced along the band, holes opposite.', min: 0, max: 12, start: 0 }), // prettier-ignore
  sidePanels: countOption({ title: 'Panels under each arm', group: SHAPE, help: 'Only where the ring does not reach round.', min: 1, max: MOST_SIDE_PANELS, start: 1 }), // prettier-ignore
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
  yarnAt: startOption,
  yarn: yarnOption({ title: 'Yarn', group: 'Yarn and colour' }),
  bandYarn: yarnOrNoneOption({ title: 'Front bands and hems', group: 'Yarn and colour', empty: 'The same' }),
  wasteWay: wasteWayOption
};

/** What was chosen for a garment. */
export type GarmentChoice = z.output<z.ZodObject<typeof garmentOptions>>;

/** Sleeves of a garment; none for a waistcoat. */
export interface SleeveChoice {
  readonly sleeves: 'tube' | 'panel';
  readonly sleeveMm: number;
  readonly sizeBy: GarmentChoice['sizeBy'];
  /** Where all counts are typed. */
  readonly sleeveRows: number;
  readonly sleeveStitches: number;
}
