import type { Kit } from './kit';
import { FIRST_FLATTEST, FLATTEST } from './loop';
import { sameArticle, type Yarn } from './yarn';

/**
 * What the editions of the craft differ in (craft 12). A piece that was begun under an older one keeps its rows, its
 * float
 * groups, its tension hole and its gauge; everything else follows what is known now.
 */
export interface Rules {
  /** How flat a course is drawn at most, as a share of its rest height. */
  readonly flattest: number;
  /** Panels are told from the low edge, whatever the habit. */
  readonly fromLow: boolean;
  /** A crown drawn shut takes some of the height lying flat. */
  readonly crownTakes: boolean;
  /** Stretchy yarn takes fewer rows. */
  readonly stretchyFewer: boolean;
  /** The last float group may lie nearer to the high edge than six pins. */
  readonly floatsNearEdge: boolean;
  /** Counts that were typed are made even. */
  readonly evenCounts: boolean;
  /** Any colour of an article speaks for it. */
  readonly coloursShare: boolean;
  /** Strands held together go through the hole of their thickness; before, of one strand's. */
  readonly holeOfStrands: boolean;
  /** The work's own tails are left long and close, edge and sew; before, yarn was cut for it. */
  readonly ownTails: boolean;
  /** A swatch whose rows and stitches look swapped is not planned from until the knitter says that it is right. */
  readonly doubtsSwatches: boolean;
  /** The decreases of a slope are spread evenly over its rows; before, the longer gaps came first. */
  readonly evenSlopes: boolean;
  /** The bands of a garment count: closed fronts are wider by one, the neck narrower by two. */
  readonly bandsCount: boolean;
  /** A panel turned by hand may use every pin of the ring; before, two pins at the marker were left out. */
  readonly handWhole: boolean;
  /** Every group of loops of a widened panel hangs on a thread of its own. */
  readonly threadPerGroup: boolean;
  /** Every piece of a garment begins from the strip, where that is the knitter's habit. */
  readonly stripForAll: boolean;
  /** How far pieces differ is learned from the log; before, it was 2 % for everybody. */
  readonly learnsSpread: boolean;
  /** One waste yarn for all pieces, of yarn that the work does not need; before, each piece chose by its own edges. */
  readonly oneWaste: boolean;
}

/** What comes out otherwise in a plan since an edition, as a code. */
export type ChangeCode =
  | 'outside'
  | 'turning'
  | 'minutes'
  | 'strands'
  | 'loops'
  | 'bag'
  | 'tails'
  | 'wrap'
  | 'swatch'
  | 'slopes'
  | 'bands'
  | 'ranges'
  | 'waste';

/** What the fifth edition brought, as it was before. */
const BEFORE_FIFTH = {
  evenSlopes: false,
  bandsCount: false,
  handWhole: false,
  threadPerGroup: false,
  stripForAll: false,
  learnsSpread: false
} as const;

const FIRST: Rules = {
  flattest: FIRST_FLATTEST,
  fromLow: true,
  crownTakes: false,
  stretchyFewer: false,
  floatsNearEdge: true,
  evenCounts: true,
  coloursShare: false,
  holeOfStrands: false,
  ownTails: false,
  doubtsSwatches: false,
  ...BEFORE_FIFTH,
  oneWaste: false
};
const NOW: Rules = {
  flattest: FLATTEST,
  fromLow: false,
  crownTakes: true,
  stretchyFewer: true,
  floatsNearEdge: false,
  evenCounts: false,
  coloursShare: true,
  holeOfStrands: true,
  ownTails: true,
  doubtsSwatches: true,
  evenSlopes: true,
  bandsCount: true,
  handWhole: true,
  threadPerGroup: true,
  stripForAll: true,
  learnsSpread: true,
  oneWaste: true
};
const FIFTH: Rules = { ...NOW, oneWaste: false };
const FOURTH: Rules = { ...FIFTH, ...BEFORE_FIFTH };
const THIRD: Rules = { ...FOURTH, ownTails: false, doubtsSwatches: false };
const SECOND: Rules = { ...THIRD, holeOfStrands: false };

/** The rules a plan of this kit follows. @example rulesOf({ edition: 2 }).flattest // 0.6 */
export const rulesOf = (kit: Pick<Kit, 'edition'>): Rules =>
  [FIRST, SECOND, THIRD, FOURTH, FIFTH, NOW][kit.edition - 1]!;

/**
 * Whether what was measured of a yarn speaks for another: itself, or another colour of its article. Asked once for
 * many.
 *
 * @param find looks a yarn up by its id
 */
export function speaksFor(
  edition: Kit['edition'],
  yarn: Yarn,
  find: (id: string) => Yarn | undefined
): (id: string) => boolean {
  const { coloursShare } = rulesOf({ edition });
  return (id) => {
    if (id === yarn.id || !coloursShare) return id === yarn.id;
    const known = find(id);
    return known !== undefined && sameArticle(known, yarn);
  };
}
