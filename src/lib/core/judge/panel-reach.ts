import { pieceAt } from '../knit';
import { machineOf } from '../kit';
import { finder, type Mode, type Finding } from '../plan';
import type { Judge } from './readings';
import { machinesWith, options } from './remedies';

/** Facts of a panel the ring cannot give. */
export interface PanelReachFacts {
  'panel-narrow': { asked: number; given: number; machine: string; mode: Mode; lost: number; pins: number };
}
const find = finder<PanelReachFacts>();

/** A panel wider than the ring gives (craft 1: the pins less the lost ones). */
export const panelReach: Judge = {
  code: 'panel-reach',
  watches: 'a panel wider than the ring can knit',
  find: (r) =>
    (r.notes.narrowed ?? []).map(({ piece, asked, given, option }): Finding => {
      const { machineId, mode } = pieceAt(r, piece).planned;
      const { pins, reach } = machineOf(r.kit, machineId);
      const hand = mode === 'panel' && asked <= pins && 'mode' in r.brief.options;
      const { parts } = r.brief.options;
      // The same girth from more panels; each loses a stitch to the seam at either edge.
      const round = typeof parts === 'number' && given > 2 ? Math.ceil((parts * (asked - 2)) / (given - 2)) : 0;
      return find(
        'panel-narrow',
        'warn',
        { ...(option && option in r.brief.options ? { option } : {}), piece },
        { asked, given, machine: machineId, mode, lost: reach.start + reach.end, pins },
        hand ? options({ code: 'byHand', stitches: asked }, { mode: 'tube-as-panel' }) : undefined,
        round > 0 && r.brief.options['sizeBy'] === 'rows'
          ? options({ code: 'parts', parts: round }, { parts: round, stitches: given })
          : undefined,
        ...machinesWith(r, (m) => m.pins - (mode === 'panel' ? m.reach.start + m.reach.end : 2) >= asked)
      );
    })
};
