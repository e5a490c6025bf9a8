import { z } from 'zod';
import { choiceOption, countOption, lengthOption, yarnOption, yarnOrNoneOption } from '../../../plan';
import { panelMode, startOption } from '../panel';
import { wasteWayOption } from '../waste';
import { countedOption, sizeByOption, wearerOption, WHO } from '../options';

const SHAPE = 'Shape';

/** More panels under an arm than this are a blanket. */
export const MOST_SIDE_PANELS = 6;

const measured = { key: 'sizeBy', is: ['measures'] } as const;

/** What every garment of panels asks. */
export const garmentOptions = {
  wearer: wearerOption('adult', 'child', 'baby'),
  chestMm: lengthOption({ title: 'Chest', group: WHO, help: 'Round the fullest part, tape level.', measure: 'chest', min: 300, max: 2000, start: 940 }), // prettier-ignore
  easeMm: lengthOption({ title: 'Ease', group: WHO, help: 'How much wider than the body.', min: 0, max: 400, start: 60 }), // prettier-ignore
  crossBackMm: lengthOption({ title: 'Cross back', group: WHO, help: 'Shoulder point to shoulder point.', measure: 'cross-back', min: 120, max: 700, start: 400 }), // prettier-ignore
  upperArmMm: lengthOption({ title: 'Upper arm', group: WHO, help: 'Round the widest part.', measure: 'upper-arm', min: 80, max: 800, start: 280 }), // prettier-ignore
  neckMm: lengthOption({ title: 'Neck, straight across', group: WHO, min: 60, max: 350, start: 160 }),
  sizeBy: sizeByOption(WHO, { measures: 'Measures', rows: 'Row counts' }),
  lengthMm: lengthOption({ title: 'Length, shoulder to hem', group: WHO, min: 120, max: 1100, start: 560, when: measured }), // prettier-ignore
  armholeMm: lengthOption({ title: 'Armhole depth', group: WHO, measure: 'armhole', min: 60, max: 450, start: 190, when: measured }), // prettier-ignore
  backRows: countedOption({ title: 'Back, hem to underarm', group: WHO, min: 4, max: 600, start: 74 }),
  frontRows: countedOption({ title: 'Front, hem to underarm', group: WHO, min: 4, max: 600, start: 74 }),
  armRows: countedOption({
    title: 'Back, underarm to shoulder',
    group: WHO,
    min: 8,
    max: 200,
    start: 38
  }),
  frontArmRows: countedOption({ title: 'Front, underarm to shoulder', group: WHO, min: 8, max: 200, start: 38 }),
  shoulderStitches: countedOption({
    title: 'Stitches of a shoulder',
    group: WHO,
    min: 1,
    max: 80,
    start: 17
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
}
