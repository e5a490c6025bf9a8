import { headFit, SNUG_STRETCH, WILL_NOT_GO } from '../body';
import { gaugeFor } from '../kit';
import type { Fix } from '../plan';
import type { Judge, Readings } from './readings';

/** Another machine of the kit on which the same head is snug, the smallest that is. */
function roomierMachine(r: Readings, headMm: number): Fix | undefined {
  const piece = r.fabric.pieces[0]!;
  const yarn = r.yarns[piece.yarn[0] ?? 0]!;
  const fits = r.kit.machines
    .filter((m) => m.id !== r.brief.machineId)
    .filter((m) => {
      const gauge = gaugeFor(r.kit, m, yarn, r.plan.pieces[0]!.hole);
      const knitted = { pins: m.pins, courses: gauge.courses.value, wales: gauge.wales.value };
      return headFit(headMm, knitted).stretch <= SNUG_STRETCH;
    })
    .sort((a, b) => a.pins - b.pins);
  const machine = fits[0];
  return machine && { label: `Knit it on ${machine.name} (${machine.pins} pins)`, change: { machineId: machine.id } };
}

/** A stitch can only be pulled so wide. */
export const stretch: Judge = {
  code: 'stretch',
  watches: 'more stretch at the brow than the fabric gives',
  find: (r) => {
    const worn = r.plan.worn;
    const stretched = r.sizes.worn?.stretch;
    if (!worn || !stretched || stretched.value <= 100 * SNUG_STRETCH) return [];
    const fix = roomierMachine(r, worn.headMm);
    const percent = `${Math.round(stretched.value)} %`;
    const beyond = stretched.value > 100 * WILL_NOT_GO;
    return [
      {
        code: beyond ? 'stretch-too-high' : 'stretch-high',
        weight: beyond ? 'stop' : 'warn',
        place: { option: 'headMm', piece: 0 },
        sentence: beyond
          ? `It will not go on: the brow would stretch the fabric by ${percent}, and ${100 * WILL_NOT_GO} % is the end.`
          : `Tight: ${percent} of stretch at the brow; up to ${100 * SNUG_STRETCH} % is snug.`,
        ...(fix ? { fix } : {})
      }
    ];
  }
};
