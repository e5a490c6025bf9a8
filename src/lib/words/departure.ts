import type { Habits, Kit } from '$lib/core/kit';
import { yarnName } from '$lib/core/kit';
import type { Departure } from '$lib/core/read';
import { voiceOf } from './voice';

/** What is said where a plan would depart from what hangs on the machine: what it is, and where. */
export function departureWords(
  { what, counted, done, planned, yarns, machineId }: Departure,
  kit: Kit,
  habits: Pick<Habits, 'units' | 'terms'> = kit.habits
): { title: string; where: string } {
  const v = voiceOf(habits);
  const { row } = v.terms;
  const titles: Readonly<Record<Departure['what'], string>> = {
    machine: 'This piece hangs on another machine.',
    pins: `This piece hangs on other ${v.pins}.`,
    shape: `These ${row}s are knitted in another shape.`,
    piece: 'This piece is knitted already.',
    yarn: `These ${row}s are knitted in another yarn.`,
    tension: `These ${row}s are knitted at another tension.`,
    shorter: 'More is knitted than the plan would have.'
  };
  const name = (id: string): string => {
    const yarn = kit.yarns.find((y) => y.id === id);
    return yarn ? yarnName(yarn) : 'a yarn that is gone';
  };
  const at =
    counted.of === 'work'
      ? `${row} ${v.num(counted.row)}`
      : counted.of === 'waste'
        ? 'the waste'
        : `the separator ${row}`;
  const knitted = done === 0 ? 'Its waste is knitted' : `${v.rows(done)} of the work are knitted`;
  const where = yarns
    ? `${at.charAt(0).toUpperCase()}${at.slice(1)} is ${name(yarns.knitted)}; the plan would say ${name(yarns.planned)}.`
    : what === 'machine'
      ? `${knitted} on ${kit.machines.find((m) => m.id === machineId)?.name ?? 'a machine that is gone'}.`
      : what === 'shorter'
        ? `${knitted}; the plan would end after ${v.num(planned)}.`
        : `${knitted}; the plan would differ from ${at} on.`;
  return { title: titles[what], where };
}
