import type { Age } from './age';
import { HEAD_SIZES, type HeadSize, HEADS_SOURCE, PRETERM_HEADS } from './head-sizes';

/** What can be measured on a body or an object. */
export interface Measure {
  readonly code: string;
  readonly label: string;
  /** Where the tape goes. */
  readonly how: string;
  readonly minMm: number;
  readonly maxMm: number;
}

export const MEASURES: readonly Measure[] = [
  {
    code: 'head',
    label: 'Head girth',
    how: 'Round the brow and the back of the head, tape snug.',
    minMm: 200,
    maxMm: 800
  },
  { code: 'foot-length', label: 'Foot length', how: 'Heel to the longest toe, standing.', minMm: 60, maxMm: 350 },
  { code: 'foot-girth', label: 'Foot girth', how: 'Round the ball of the foot.', minMm: 80, maxMm: 350 },
  { code: 'hand-girth', label: 'Hand girth', how: 'Round the knuckles, thumb left out.', minMm: 80, maxMm: 350 },
  {
    code: 'hand-length',
    label: 'Hand length',
    how: 'Wrist crease to the tip of the middle finger.',
    minMm: 50,
    maxMm: 280
  },
  { code: 'arm-span', label: 'Arm span', how: 'Fingertip to fingertip, arms held out.', minMm: 400, maxMm: 2400 },
  { code: 'height', label: 'Body height', how: 'Standing, without shoes.', minMm: 400, maxMm: 2300 },
  { code: 'calf-girth', label: 'Calf girth', how: 'Round the widest part of the lower leg.', minMm: 100, maxMm: 600 },
  { code: 'chest', label: 'Chest', how: 'Round the fullest part, tape level.', minMm: 300, maxMm: 2000 },
  { code: 'cross-back', label: 'Cross back', how: 'Shoulder point to shoulder point, over the back.', minMm: 120, maxMm: 700 }, // prettier-ignore
  { code: 'armhole', label: 'Armhole depth', how: 'Top of the shoulder straight down to the underarm.', minMm: 60, maxMm: 450 }, // prettier-ignore
  { code: 'upper-arm', label: 'Upper arm', how: 'Round the widest part, arm hanging.', minMm: 80, maxMm: 800 },
  { code: 'back', label: 'Back length', how: 'Bone at the neck to the waist.', minMm: 100, maxMm: 700 },
  { code: 'mug-girth', label: 'Mug, way round', how: 'Outside, at the middle.', minMm: 150, maxMm: 500 },
  { code: 'mug-height', label: 'Mug, height', how: 'Foot to rim.', minMm: 40, maxMm: 300 },
  { code: 'bottle-girth', label: 'Bottle, way round', how: 'At its widest.', minMm: 120, maxMm: 700 },
  { code: 'bottle-height', label: 'Bottle, height', how: 'Foot to shoulder.', minMm: 60, maxMm: 500 }
];

/** A row of a size table: a size and what it measures, in mm by code. */
export interface BodySize {
  readonly size: string;
  /** The one to begin with for somebody of that age. */
  readonly usual?: true;
  /** None for things. */
  readonly age?: Age;
  readonly measures: Readonly<Record<string, number>>;
}

/** A table of sizes from one source. A body that can be measured should be. */
export interface SizeTable {
  readonly title: string;
  /** Whose sizes they are, where a size alone does not say it. */
  readonly whose?: string;
  readonly source: string;
  readonly sizes: readonly BodySize[];
}

const COUNCIL = 'from memory of the Craft Yarn Council sizing standards';
const PRACTICE = 'common practice, no source';
const inch = (n: number): number => Math.round(n * 25.4);
const cm = (n: number): number => n * 10;

/** Chest, back waist length, upper arm, cross back and armhole depth of one size, in inches as the source has them. */
const trunk = (
  age: Age,
  size: string,
  chest: number,
  back: number,
  arm: number,
  cross: number,
  hole: number
): BodySize => ({
  age,
  size,
  measures: { chest: inch(chest), back: inch(back), 'upper-arm': inch(arm), 'cross-back': inch(cross), armhole: inch(hole) } // prettier-ignore
});

const head = ({ label, age, girthMm, usual }: HeadSize): BodySize => ({
  size: label,
  age,
  measures: { head: girthMm },
  ...(usual ? { usual } : {})
});

/** A foot: length in cm, girth near its length less a little (the girth is common practice). */
const foot = (age: Age, size: string, length: number, girth: number): BodySize => ({
  age,
  size,
  measures: { 'foot-length': cm(length), 'foot-girth': cm(girth) }
});

export const SIZE_TABLES: readonly SizeTable[] = [
  { title: 'Heads', source: HEADS_SOURCE, sizes: HEAD_SIZES.map(head) },
  {
    title: 'Heads of preterm babies, by weight',
    whose: 'Preterm',
    source: HEADS_SOURCE,
    sizes: PRETERM_HEADS.map(head)
  },
  {
    title: 'Women: chest, back, upper arm, cross back, armhole',
    whose: 'Women',
    source: COUNCIL,
    sizes: [
      trunk('adult', 'XS', 29, 16.5, 9.75, 14.25, 6.25),
      trunk('adult', 'S', 33, 17, 10.25, 14.75, 6.75),
      trunk('adult', 'M', 37, 17.25, 11, 15.75, 7.25),
      trunk('adult', 'L', 41, 17.5, 12, 16.75, 7.75),
      trunk('adult', '1X', 45, 17.75, 13.5, 17.5, 8.25),
      trunk('adult', '2X', 49, 18, 15.5, 18, 8.75),
      trunk('adult', '3X', 53, 18, 17, 18, 9.25),
      trunk('adult', '4X', 55, 18.5, 18.5, 18.5, 9.75),
      trunk('adult', '5X', 61, 18.5, 19.5, 18.5, 10.25)
    ]
  },
  {
    title: 'Men: chest, back, upper arm, cross back, armhole',
    whose: 'Men',
    source: `${COUNCIL}; back length: ${PRACTICE}`,
    sizes: [
      trunk('adult', 'S', 35, 17, 12, 15.75, 8.75),
      trunk('adult', 'M', 39, 17.5, 13, 16.75, 9.25),
      trunk('adult', 'L', 43, 18, 15, 17.75, 9.75),
      trunk('adult', 'XL', 47, 18.5, 16, 18.25, 10.25),
      trunk('adult', '2X', 51, 19, 17, 18.75, 10.75),
      trunk('adult', '3X', 55, 19.5, 18, 19.25, 11.25)
    ]
  },
  {
    title: 'Children: chest, back, upper arm, cross back, armhole',
    whose: 'Children',
    source: COUNCIL,
    sizes: [
      trunk('baby', '3 months', 16, 6, 5.5, 7.25, 3.25),
      trunk('baby', '6 months', 17, 6.5, 6, 7.75, 3.5),
      trunk('baby', '12 months', 18, 7.5, 6.5, 8.25, 3.75),
      trunk('child', '2 years', 21, 8.5, 7, 8.75, 4.25),
      trunk('child', '4 years', 23, 9.5, 7.5, 9.5, 4.75),
      trunk('child', '6 years', 25, 10.5, 8, 10.25, 5),
      trunk('child', '8 years', 26.5, 12.5, 8.5, 10.75, 5.5),
      trunk('child', '10 years', 28, 14, 8.75, 11.25, 6),
      trunk('child', '12 years', 30, 15, 9, 12, 6.5)
    ]
  },
  {
    title: 'Feet',
    source: PRACTICE,
    sizes: [
      foot('baby', 'Baby', 11, 11.5),
      foot('child', 'Toddler', 14, 14),
      foot('child', 'Child', 18, 17),
      foot('adult', 'Small adult', 23, 21),
      foot('adult', 'Adult', 25, 23),
      foot('adult', 'Large adult', 28, 25.5)
    ]
  },
  {
    title: 'Hands',
    source: PRACTICE,
    sizes: [
      { age: 'child', size: 'Toddler', measures: { 'hand-girth': cm(12), 'hand-length': cm(11) } },
      { age: 'child', size: 'Child', measures: { 'hand-girth': cm(15), 'hand-length': cm(14) } },
      { age: 'adult', size: 'Small adult', measures: { 'hand-girth': cm(18), 'hand-length': cm(17) } },
      { age: 'adult', size: 'Adult', measures: { 'hand-girth': cm(20), 'hand-length': cm(18.5) } },
      { age: 'adult', size: 'Large adult', measures: { 'hand-girth': cm(23), 'hand-length': cm(20) } }
    ]
  },
  {
    title: 'Arm span, about the height of the body',
    source: PRACTICE,
    sizes: [
      { age: 'child', size: 'Child of 6', measures: { 'arm-span': cm(115) } },
      { age: 'child', size: 'Child of 10', measures: { 'arm-span': cm(138) } },
      { age: 'adult', size: 'Small adult', measures: { 'arm-span': cm(158) } },
      { age: 'adult', size: 'Adult', measures: { 'arm-span': cm(170) } },
      { age: 'adult', size: 'Tall adult', measures: { 'arm-span': cm(188) } }
    ]
  },
  {
    title: 'Body height and calf',
    source: PRACTICE,
    sizes: [
      { age: 'child', size: 'Child of 6', measures: { height: cm(116), 'calf-girth': cm(24) } },
      { age: 'child', size: 'Child of 10', measures: { height: cm(139), 'calf-girth': cm(29) } },
      { age: 'adult', size: 'Small adult', measures: { height: cm(160), 'calf-girth': cm(34) } },
      { age: 'adult', size: 'Adult', measures: { height: cm(172), 'calf-girth': cm(37) } },
      { age: 'adult', size: 'Tall adult', measures: { height: cm(190), 'calf-girth': cm(40) } }
    ]
  },
  {
    title: 'Mugs',
    source: PRACTICE,
    sizes: [
      { size: 'Small mug', measures: { 'mug-girth': cm(25), 'mug-height': cm(8.5) } },
      { size: 'Mug', measures: { 'mug-girth': cm(27), 'mug-height': cm(9.5) } }
    ]
  },
  {
    title: 'Bottles',
    source: PRACTICE,
    sizes: [
      { size: 'Hot-water bottle, half', measures: { 'bottle-girth': cm(34), 'bottle-height': cm(18) } },
      { size: 'Bottle of 0.75 l', measures: { 'bottle-girth': cm(24), 'bottle-height': cm(20) } }
    ]
  }
];

/** The measure of that code. @example measureOf('head')?.label // 'Head girth' */
export const measureOf = (code: string): Measure | undefined => MEASURES.find((m) => m.code === code);

/** What a size of a table is called. @example sizeLabel(women, m) // 'Women M' */
export const sizeLabel = ({ whose }: SizeTable, { size }: BodySize): string => (whose ? `${whose} ${size}` : size);

/** Somebody, or a size of a table, whose measures can be taken over. */
export interface Body {
  readonly key: string;
  readonly label: string;
  readonly age?: Age | undefined;
  readonly measures: Readonly<Record<string, number>>;
}

/**
 * Every size of the tables that knows at least one of some measures.
 *
 * @example sizesFor(['foot-length'])[0] // { key: 'Feet Baby', label: 'Baby', age: 'baby', measures: { ... } }
 */
export const sizesFor = (codes: readonly string[]): Body[] =>
  SIZE_TABLES.flatMap((table) =>
    table.sizes
      .filter(({ measures }) => codes.some((code) => measures[code] !== undefined))
      .map((own) => ({
        key: `${table.title} ${own.size}`,
        label: sizeLabel(table, own),
        age: own.age,
        measures: own.measures
      }))
  );
