import type { Executed } from '$lib/core/knit';
import type { Moment } from '$lib/core/read';
import { machineOf } from '$lib/core/kit';
import type { Speech } from '$lib/words';
import type { Scene } from '../scene';
import { closeUp } from '.';
import { counterSight, ringSight, waySight } from './set-up';

/** The picture of one moment at the machine. @param label the sentence that goes with it */
export function momentScene(
  run: Executed,
  piece: number,
  { sight }: Moment,
  say: Speech,
  label: string,
  width: number,
  height: number
): Scene {
  const hexes = run.yarns.map((yarn) => yarn.colour.hex);
  switch (sight.of) {
    case 'pins':
      return closeUp(sight.look, hexes, say, label, width, height);
    case 'ring':
      return ringSight(sight, machineOf(run.kit, run.plan.pieces[piece]!.machineId), say, label, width, height);
    case 'way':
      return waySight(sight, hexes, say, label, width, height);
    case 'counter':
      return counterSight(label, width, height);
  }
}
