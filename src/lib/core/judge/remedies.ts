import { type Fix, gaugeIn } from '../plan';
import { browStretch, limbFit } from '../body';
import type { Machine } from '../kit';
import { mainYarn, pieceAt } from '../knit';
import type { Readings } from './readings';

/**
 * Remedies that move a project to another machine of the kit, the smallest ring first.
 *
 * @param fits which machines would do
 */
export const machinesWith = (r: Readings, fits: (machine: Machine) => boolean): Fix[] =>
  r.kit.machines
    .filter((m) => m.id !== r.brief.machineId && fits(m))
    .sort((a, b) => a.pins - b.pins)
    .map((m) => ({ remedy: { code: 'machine', machine: m.id }, change: { machineId: m.id } }));

/** A remedy that changes options and nothing else. */
export const options = (remedy: Fix['remedy'], changes: Readonly<Record<string, unknown>>): Fix => ({
  remedy,
  change: { options: changes }
});

/**
 * How far a girth would stretch the same yarn on another ring: a share, 0 at rest.
 *
 * @param head a head is measured at the brow, anything else round its middle
 */
export function stretchOn(r: Readings, girthMm: number, head: boolean): (machine: Machine) => number {
  const yarn = r.yarns[mainYarn(pieceAt(r, 0).fabric)]!;
  return (machine) => {
    const hole = Math.min(pieceAt(r, 0).planned.hole, machine.tensionHoles);
    const gauge = gaugeIn(r.kit, r.brief, machine, yarn, hole);
    const knitted = { pins: machine.pins, courses: gauge.courses.value, wales: gauge.wales.value };
    return head ? browStretch(girthMm, knitted) : limbFit(girthMm, knitted).stretch;
  };
}

/** A yarn with another number of strands held together. */
export const strandsOf = (r: Readings, yarnId: string, strands: number): Fix => ({
  remedy: { code: 'strands', strands },
  change: { strands: { ...r.brief.strands, [yarnId]: strands } }
});
