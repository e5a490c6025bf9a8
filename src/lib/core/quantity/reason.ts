/**
 * Why a figure is what it is, as facts: the room of words makes the derivation a knitter can open. Lengths in mm, gauges per
 * cm, names as the knitter gave them.
 */
export interface Reasons {
  /** Common practice, perhaps moved by measurements of like yarns. */
  readonly practice: { readonly yarn: string; readonly machine: string; readonly like: number };
  /** One measurement of the knitter's own. */
  readonly own: ReasonEvidence & { readonly elsewhere: boolean };
  readonly owns: { readonly swatches: number; readonly pieces: number; readonly yarn: string; readonly elsewhere: boolean }; // prettier-ignore
  readonly typed: object;
  readonly chosen: object;
  readonly nothing: object;
  // Rows that a size asks for.
  readonly layers: { readonly headMm: number; readonly turnUpMm: number; readonly fewer: number };
  readonly oneLayer: { readonly headMm: number; readonly brimMm: number; readonly fewer: number };
  readonly lengthOf: { readonly mm: number; readonly of: 'panel' | 'tube' | 'strap' | 'scarf' };
  readonly sackHigh: { readonly mm: number; readonly channel: number };
  readonly along: { readonly mm: number; readonly girthMm: number; readonly chest: boolean };
  readonly elbows: { readonly mm: number };
  readonly bottleReach: { readonly mm: number };
  readonly threeFlat: { readonly mm: number };
  readonly evenly: { readonly count: number; readonly freeMm: number };
  readonly round: { readonly mm: number; readonly percent: number };
  readonly footAndCuff: { readonly footMm: number; readonly cuffMm: number; readonly girthMm: number };
  // Sizes.
  readonly rowsHigh: { readonly parts: readonly { readonly rows: number; readonly yarn: string | null; readonly perCm: number }[]; readonly doubled: number }; // prettier-ignore
  readonly stitchesWide: { readonly stitches: number; readonly perCm: number; readonly half: boolean };
  readonly hangingSwatches: { readonly mm: number };
  readonly hangingLaw: { readonly wideMm: number; readonly highMm: number };
  readonly halfTube: { readonly crownMm: number; readonly brimMm: number };
  readonly headOver: { readonly headMm: number; readonly tubeMm: number };
  readonly bandShows: { readonly rows: number; readonly eachMm: number };
  readonly hangDoubled: { readonly rows: number };
  readonly aboveBrim: object;
  readonly overTube: { readonly mm: number; readonly over: string; readonly tubeMm: number };
  readonly pulledWide: { readonly mm: number };
  readonly reachRound: { readonly mm: number; readonly tubeMm: number };
  readonly rows: { readonly rows: number };
  readonly bag: { readonly of: 'diagonal' | 'half-diagonal' | 'again' | 'rim' };
  readonly thirds: object;
  readonly mouthAndEnds: object;
  readonly outlines: object;
  readonly roundHem: { readonly panels: number };
  readonly partsDrawn: object;
  readonly filling: { readonly gramsPerCm3: number };
  readonly card: object;
  // Yarn and time.
  readonly yarnParts: { readonly parts: readonly { readonly what: string; readonly metres: number }[]; readonly loopMm: number; readonly strands: number }; // prettier-ignore
  readonly tex: { readonly tex: number };
  readonly ball: { readonly metres: number };
  readonly scale: { readonly grams: number; readonly labelMetres: number; readonly labelGrams: number };
  readonly rowsLeft: { readonly metres: number; readonly tails: number; readonly perRow: number; readonly pins: number; readonly strands: number }; // prettier-ignore
  readonly pace: { readonly perMinute: number; readonly own: boolean; readonly of: 'cranking' | 'all' };
  readonly finishingSteps: object;
}

/** One measurement, by what it is and its day; taken from one state of the fabric to another. */
export interface ReasonEvidence {
  readonly kind: 'swatch' | 'piece';
  readonly name: string;
  readonly on: string;
  readonly from: string | null;
  readonly to: string | null;
  /** Yarn it was made of, where that is another. */
  readonly of: string | null;
}

/** One step of a derivation. */
export type Reason = { readonly [C in keyof Reasons]: { readonly say: C } & Reasons[C] }[keyof Reasons];
