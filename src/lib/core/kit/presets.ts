import { Machine } from './machine';

/** Small rings have no room for three holes and a counter on many machines (common practice, no source). */
const SMALL = { tensionHoles: 2 } as const;

/**
 * A machine of so many pins with sensible values; every one of them can be changed. 40 pins come without a counter,
 * as some such machines do (craft 1).
 *
 * @param pins one of the usual counts, or any other
 * @example presetFor(40, 'm', 'Forty').counter // 'none'
 */
export function presetFor(pins: number, id: string, name: string): Machine {
  return Machine.parse({
    id,
    name,
    pins,
    ...(pins < 36 ? SMALL : {}),
    ...(pins === 40 ? { counter: 'none' } : {})
  });
}
