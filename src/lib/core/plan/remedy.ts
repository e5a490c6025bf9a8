/**
 * What a remedy does, with the facts its button is worded by. Lengths in mm, ids of the kit.
 */
export interface Remedies {
  /** Another machine of the kit. */
  readonly machine: { readonly machine: string };
  readonly strands: { readonly strands: number };
  /** The head or the measures decide the rows again. */
  readonly loopsByGap: Record<never, never>;
  readonly chains: { readonly chains: number };
  readonly strap: { readonly mm: number };
  readonly decide: { readonly by: 'head' | 'measures'; readonly rows: number };
  readonly rows: { readonly rows: number; readonly all?: boolean };
  readonly neckRows: { readonly rows: number };
  readonly frontAsBack: { readonly what: 'length' | 'side'; readonly rows: number };
  readonly backAsFront: { readonly rows: number };
  readonly deeper: { readonly mm: number };
  readonly shoulderWider: { readonly stitches: number };
  readonly neckNarrower: { readonly mm: number };
  readonly sleevePanels: object;
  readonly morePanels: { readonly panels: number };
  readonly oneYarn: object;
  readonly liningAsOutside: { readonly rows: number };
  readonly margin: { readonly rows: number };
  readonly cuff: { readonly stitches: number };
  readonly turnUp: { readonly mm: number };
  /** A yarn of the kit, with what is at hand of it where that is the point. */
  readonly yarn: { readonly yarn: string; readonly grams: number | null };
  readonly wasteYarn: { readonly yarn: string };
  readonly thread: { readonly yarn: string };
  readonly doubled: object;
  readonly noSeparator: object;
  readonly wasteHabit: object;
  readonly wasteRows: { readonly rows: number };
  readonly repeatStripes: object;
  readonly hang: { readonly count: number };
  readonly leaveOff: { readonly what: 'pompoms' | 'trim' | 'cords' | 'straps' | 'buttons' };
  readonly bandWider: { readonly mm: number };
  readonly fewerButtons: { readonly count: number };
  readonly buttonWider: { readonly mm: number };
  readonly patchRow: { readonly row: number };
  /** A step of the knitter's own comes at the end. */
  readonly ownAtEnd: object;
  readonly fitColours: { readonly rows: number };
  readonly clearFold: { readonly rows: number };
  readonly embroider: object;
  readonly deepV: object;
  readonly top: { readonly stitches: number };
  /** A line of shaping is spread evenly again. */
  readonly spread: object;
  /** The ring is turned by hand, so that no pin is lost. */
  readonly byHand: { readonly stitches: number };
  readonly parts: { readonly parts: number };
  readonly halfStitches: { readonly stitches: number };
  readonly lower: { readonly mm: number };
  readonly shallower: { readonly mm: number };
  readonly longer: { readonly rows: number };
}

export type RemedyCode = keyof Remedies;

/** What a button says, as facts. */
export type Remedy = { readonly [C in RemedyCode]: { readonly code: C } & Remedies[C] }[RemedyCode];

/** A change of the brief's options that mends something, where the kind knows one. */
export interface Mend {
  readonly remedy: Remedy;
  readonly options: Readonly<Record<string, unknown>>;
}
