import { pieceAt, tensionOfFeed } from '../knit';
import {
  DEFAULT_PIN_SPACING_MM,
  type Evidence,
  evidenceFor,
  type FabricState,
  inState,
  type Machine,
  machineOf,
  practiceFor,
  type Slip,
  slipOf,
  type Yarn
} from '../kit';
import { remembered } from '../quantity';
import { finder, type Finding } from '../plan';
import { workRows } from '../read';
import type { Judge } from './readings';

/** Facts of a swatch that cannot be, by its day. */
export interface SwatchRatioFacts {
  /** `aside`: it is not planned from until the knitter says that it is right. */
  'swatch-implausible': { yarn: string; on: string; slip: Slip; aside: boolean };
}
const find = finder<SwatchRatioFacts>();

/** The swatches of a yarn on a machine that cannot be, by their days. */
const doubted = remembered(
  (
    evidence: readonly Evidence[],
    machine: Machine,
    yarn: Yarn,
    state: FabricState
  ): readonly { on: string; slip: Slip; aside: boolean }[] => {
    const expected = inState(practiceFor(yarn), 'rested', state);
    return evidence.flatMap((e) => {
      if (e.nearness === 'other-yarn' || e.kind !== 'swatch' || (e.setAside && !e.doubted)) return [];
      if (e.courses === null || e.wales === null) return [];
      const slip = slipOf({ courses: e.courses, wales: e.wales }, expected, machine.pinSpacingMm ?? DEFAULT_PIN_SPACING_MM); // prettier-ignore
      return slip ? [{ on: e.on, slip, aside: e.doubted }] : [];
    });
  }
);

/** A swatch whose rows and stitches cannot belong together, with the slip that explains it. */
export const swatchRatio: Judge = {
  code: 'swatch-ratio',
  watches: 'a swatch whose rows and stitches do not belong together',
  find: (r) =>
    r.yarns.flatMap((yarn, i): Finding[] => {
      const p = r.fabric.pieces.findIndex((piece) => workRows(piece).has(i));
      if (p < 0) return [];
      const { planned, fabric, gauges } = pieceAt(r, p);
      const feed = fabric.runs.find((run) => run.purpose === 0 && run.yarn === i)!.feed;
      const { hole, fingers } = tensionOfFeed(fabric, feed, r.yarns.length);
      const machine = machineOf(r.kit, planned.machineId);
      const { state } = gauges[feed]!;
      const evidence = evidenceFor(r.kit, machine, yarn, hole, state, fingers ?? r.brief.fingers);
      const place = 'yarn' in r.brief.options ? { option: 'yarn' } : {};
      return doubted(evidence, machine, yarn, state).map((seen) =>
        find('swatch-implausible', 'warn', place, { yarn: yarn.id, ...seen })
      );
    })
};
