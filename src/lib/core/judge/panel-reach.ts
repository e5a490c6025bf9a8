import { machineOf } from '../kit';
import type { Finding } from '../plan';
import type { Judge } from './readings';

/** A panel wider than the ring gives (craft 1: the pins less the lost ones). */
export const panelReach: Judge = {
  code: 'panel-reach',
  watches: 'a panel wider than the ring can knit',
  find: (r) =>
    (r.notes.narrowed ?? []).map(({ piece, asked, given, option }): Finding => {
      const { machineId, mode } = r.plan.pieces[piece]!;
      const machine = machineOf(r.kit, machineId);
      const lost = machine.reach.start + machine.reach.end;
      const [other] = r.kit.machines
        .filter((m) => m.pins - (mode === 'panel' ? m.reach.start + m.reach.end : 2) >= asked)
        .sort((a, b) => a.pins - b.pins);
      return {
        code: 'panel-narrow',
        weight: 'warn',
        place: { ...(option && option in r.brief.options ? { option } : {}), piece },
        sentence: `${asked} stitches are asked for, ${machine.name} gives ${given}: ${mode === 'panel' ? `PANEL mode loses ${lost} of ${machine.pins}` : 'two pins at the marker stay free'}.`,
        ...(other && other.id !== r.brief.machineId
          ? { fix: { label: `Knit it on ${other.name} (${other.pins} pins)`, change: { machineId: other.id } } }
          : {})
      };
    })
};
