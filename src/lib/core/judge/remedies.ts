import type { Fix } from '../plan';
import type { Machine } from '../kit';
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
