/** How the finished thing is folded and worn, for the readings that need it. One file in `read/worn` each. */
export interface LinedHatWorn {
  readonly form: 'lined-hat';
  readonly headMm: number;
  readonly turnUpMm: number;
  /** Name of the section that lies astride the fold, where there is one. */
  readonly band?: string;
}
/** A lined tube closed straight across, so that two corners stand up. */
export interface EarHatWorn {
  readonly form: 'ear-hat';
  readonly headMm: number;
  readonly turnUpMm: number;
}
/** A single layer with a brim doubled by a rehang. */
export interface BrimHatWorn {
  readonly form: 'brim-hat';
  readonly headMm: number;
}
/** A panel seamed to a tube and drawn shut at the top. */
export interface GatheredHatWorn {
  readonly form: 'gathered-hat';
  readonly headMm: number;
  /** Work rows from the cast-on that are turned up. */
  readonly turnRows: number;
}
/** Tubes drawn over something round: a limb, a bottle, a body. */
export interface SleeveWorn {
  readonly form: 'sleeve';
  readonly over: string;
  readonly girthMm: number;
  /** The far end is closed over it. */
  readonly closed: 'no' | 'toe' | 'flat';
  /** Chained straps over it, for the picture. */
  readonly straps: number;
  /** The strap is one loop from the centre front round the neck. */
  readonly halter?: boolean;
}
/** A tube lying flat: a scarf, a sack, a plain tube. */
export interface FlatWorn {
  readonly form: 'flat';
  /** How its ends look, first the cast-on. */
  readonly ends: readonly ['open' | 'drawn' | 'straight', 'open' | 'drawn' | 'straight'];
  readonly pompoms: number;
}
/** A tube whose ends meet: it lies round a head, a neck or a mug lengthwise. */
export interface RingWorn {
  readonly form: 'ring';
  readonly over: string;
  readonly girthMm: number;
  /** Times it goes round. */
  readonly turns: number;
  readonly twist: boolean;
  /** What loops of chain bridge between the ends, in mm; 0 where the ends are sewn together. */
  readonly gapMm: number;
}
export interface SackWorn {
  readonly form: 'sack';
}
export interface BagWorn {
  readonly form: 'folded-bag';
}
export interface WrapWorn {
  readonly form: 'wrap';
  readonly sleeveRows: number;
  readonly neckRows: number;
  readonly underarmRows: number;
  readonly bodyRows: number;
}
/** Parts of a toy where they belong: distances from the middle of the main part, as shares of it. */
export interface ToyWorn {
  readonly form: 'toy';
  readonly parts: readonly ToyPart[];
}
export interface ToyPart {
  readonly piece: number;
  /** Share by which stuffing widens the tube; null for a part that is not stuffed. */
  readonly stuffing: number | null;
  /** Work rows at which a thread makes a waist. */
  readonly waists: readonly number[];
  /** Where each copy sits: centre of its near end in mm, and the way it points, in degrees from straight down. */
  readonly at: readonly { readonly x: number; readonly y: number; readonly turn: number }[];
  readonly ends: readonly ['open' | 'drawn' | 'straight', 'open' | 'drawn' | 'straight'];
}
export interface GarlandWorn {
  readonly form: 'garland';
  readonly lineMm: number;
  readonly firstMm: number;
  readonly spacingMm: number;
  readonly dropMm: number;
  readonly count: number;
  /** The piece that hangs from the line; null for pompoms. */
  readonly motif: number | null;
  readonly pompom: { readonly yarn: string; readonly sizeMm: number } | null;
}
export interface PompomWorn {
  readonly form: 'pompom';
  readonly yarn: string;
  readonly sizeMm: number;
  readonly count: number;
}
/** Panels laid out side by side as a schematic, each edge with its measure. */
export interface PanelsWorn {
  readonly form: 'panels';
  /** How the pieces stand beside each other: the index of the piece, copies and mirror images named by their own. */
  readonly rows: readonly (readonly number[])[];
  /** What the finished thing must go round, mm, and what it is; null for flat things. */
  readonly body: { readonly what: string; readonly girthMm: number } | null;
}
export type Worn =
  | PanelsWorn
  | LinedHatWorn
  | EarHatWorn
  | BrimHatWorn
  | GatheredHatWorn
  | SleeveWorn
  | FlatWorn
  | RingWorn
  | SackWorn
  | BagWorn
  | WrapWorn
  | ToyWorn
  | GarlandWorn
  | PompomWorn;

/** How a finished thing can be worn or laid. */
export const FORMS = [
  'lined-hat',
  'ear-hat',
  'brim-hat',
  'gathered-hat',
  'sleeve',
  'flat',
  'ring',
  'sack',
  'folded-bag',
  'wrap',
  'toy',
  'garland',
  'pompom',
  'panels'
] as const satisfies readonly Worn['form'][];
