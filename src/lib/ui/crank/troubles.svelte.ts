import { repeatedIn, type Repeated } from '$lib/core/read';
import type { CrankFault } from '$lib/core/knit';
import type { Readings } from '$lib/core/tomble';
import { faultsBesides } from '$lib/store/faults';
import { afterPaint } from '../frame/turn';
import { db } from '../state/db';

/**
 * What goes wrong again and again on the machine of a project: of this piece, and of all others that were cranked on it.
 *
 * @param own what went wrong in this piece, asked again whenever it changes
 * @example const trouble = watchTroubles(() => project, () => faults, () => result);
 */
export function watchTroubles(
  project: () => { readonly id: string; readonly brief: { readonly machineId: string } },
  own: () => readonly CrankFault[],
  result: () => Readings | null
): { readonly list: readonly Repeated[] } {
  let besides = $state.raw<readonly CrankFault[]>([]);
  // Which pin drops is a thing of the machine: others are looked at once, when the page stands.
  $effect(() => {
    const { id, brief } = project();
    void afterPaint()
      .then(() => faultsBesides(db(), brief.machineId, id))
      .then((found) => (besides = found));
  });
  return {
    get list() {
      const now = result();
      return now && own().length > 0 ? repeatedIn(own(), now.fabric, besides) : [];
    }
  };
}
