import { type Fix, finder, type Finding } from '../plan';
import { pieceAt } from '../knit';
import { garmentSizes } from '../read';
import { beside } from './options';
import type { Judge } from './readings';
import { machinesWith, options } from './remedies';

/** Facts of a garment that does not reach round the body, or is far too wide. Lengths in mm. */
export interface GarmentRoundFacts {
  'garment-narrow': {
    roundMm: number;
    askedMm: number;
    chestMm: number;
    /** Panels under each arm now, and what the ring gives with so many of them. */
    panels: number;
    gives: readonly { readonly panels: number; readonly mm: number }[];
    /** Stitches of a half, and as many as the ring gives. */
    half: number;
    most: number;
  };
  'garment-wide': { roundMm: number; askedMm: number; half: number; needs: number };
}
const find = finder<GarmentRoundFacts>();

/** What rounding to whole stitches may take off (own estimate, no source). */
const ROUNDED_MM = 20;

/** A garment may be so much wider than chest and ease before somebody says so (own estimate, no source). */
const WIDER_MM = 40;

/** A garment must reach round the chest with its ease; where the ring is too small, further panels do (craft 8). */
export const garmentRound: Judge = {
  code: 'garment-round',
  watches: 'a garment too small for the chest because the ring gives no more, or far too wide',
  find: (r): Finding[] => {
    const g = garmentSizes(r);
    const round = r.notes.garment?.round;
    if (!g || !round) return [];
    const { half, most, byHand, needs } = round;
    const typed = r.brief.options['sizeBy'] === 'counts';
    const stitches = (n: number): Fix => options({ code: 'halfStitches', stitches: n }, { halfStitches: n });
    if (g.roundMm > round.askedMm + WIDER_MM) {
      const fix = typed && round.panels === 0 && needs >= 6 && needs < half ? stitches(needs) : undefined;
      const field = beside(r, typed ? 'halfStitches' : 'chestMm');
      return [find('garment-wide', 'warn', field, { roundMm: g.roundMm, askedMm: round.askedMm, half, needs }, fix)];
    }
    if (g.roundMm >= round.askedMm - ROUNDED_MM) return [];
    const enough = round.gives.find(({ mm }) => mm >= round.askedMm - ROUNDED_MM);
    const morePanels =
      enough && enough.panels !== round.panels
        ? options({ code: 'morePanels', panels: enough.panels }, { sidePanels: enough.panels })
        : undefined;
    const turned = needs > most && needs <= byHand;
    const hand = turned
      ? options(
          { code: 'byHand', stitches: needs },
          { mode: 'tube-as-panel', ...(typed ? { halfStitches: needs } : {}) }
        )
      : undefined;
    return [
      find(
        'garment-narrow',
        g.roundMm < round.chestMm ? 'stop' : 'warn',
        beside(r, typed ? 'halfStitches' : 'chestMm'),
        {
          roundMm: g.roundMm,
          askedMm: round.askedMm,
          chestMm: round.chestMm,
          panels: round.panels,
          gives: round.gives,
          half,
          most
        },
        typed && half < needs && needs <= most && round.panels === 0 ? stitches(needs) : undefined,
        morePanels,
        hand,
        ...machinesWith(r, (m) => m.pins > pieceAt(r, 0).fabric.width)
      )
    ];
  }
};
