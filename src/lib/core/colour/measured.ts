import { evidenceFor, machineOf, yarnOf } from '../kit';
import { type Executed, pieceAt } from '../knit';
import type { ColourSection } from '../plan';

/**
 * Whether anything was measured of a section's yarn as tight as the section is; without it its height is reckoned like that of
 * the rest. A section without a tension of its own asks for nothing.
 *
 * @example isMeasured(run, 0, { yarn: 'oat', rows: 20, locked: false, fingers: 'firm' }) // false
 */
export function isMeasured(run: Executed, p: number, { yarn, hole, fingers }: ColourSection): boolean {
  if (hole === undefined && fingers === undefined) return true;
  const { kit, brief, plan } = run;
  const { planned } = pieceAt(run, p);
  const found = evidenceFor(
    kit,
    machineOf(kit, planned.machineId),
    yarnOf(kit, yarn, brief.strands),
    hole ?? planned.hole,
    plan.state,
    fingers ?? brief.fingers
  );
  return found.some((e) => e.nearness === 'same' && !e.setAside);
}
