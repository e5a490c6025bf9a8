import { pieceAt } from '../knit';
import { finder } from '../plan';
import { garmentSizes } from '../read';
import { beside } from './options';
import type { Judge } from './readings';
import { machinesWith, options } from './remedies';

/** Facts of a garment that does not reach round the body. Lengths in mm. */
export interface GarmentRoundFacts {
  'garment-narrow': {
    roundMm: number;
    askedMm: number;
    chestMm: number;
    /** Panels under each arm now, and what the ring gives with so many of them. */
    panels: number;
    gives: readonly { readonly panels: number; readonly mm: number }[];
  };
}
const find = finder<GarmentRoundFacts>();

/** What rounding to whole stitches may take off (own estimate, no source). */
const ROUNDED_MM = 20;

/** A garment must reach round the chest with its ease; where the ring is too small, further panels do (craft 8). */
export const garmentRound: Judge = {
  code: 'garment-round',
  watches: 'a garment too small for the chest because the ring gives no more',
  find: (r) => {
    const g = garmentSizes(r);
    const round = r.notes.garment?.round;
    if (!g || !round || g.roundMm >= round.askedMm - ROUNDED_MM) return [];
    const enough = round.gives.find(({ mm }) => mm >= round.askedMm - ROUNDED_MM);
    return [
      find(
        'garment-narrow',
        g.roundMm < round.chestMm ? 'stop' : 'warn',
        beside(r, 'chestMm'),
        {
          roundMm: g.roundMm,
          askedMm: round.askedMm,
          chestMm: round.chestMm,
          panels: round.panels,
          gives: round.gives
        },
        enough && enough.panels !== round.panels
          ? options({ code: 'morePanels', panels: enough.panels }, { sidePanels: enough.panels })
          : undefined,
        ...machinesWith(r, (m) => m.pins > pieceAt(r, 0).fabric.width)
      )
    ];
  }
};
