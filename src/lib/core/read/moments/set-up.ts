import type { Executed } from '../../knit';
import type { StepFacts } from '../facts';
import type { Moment } from './moment';

/** The machine is set up: feet first, then the switch, with the marker at the guide. */
export function setMode(facts: StepFacts['mode']): Moment[] {
  const { mode, from, to, machineId } = facts;
  return [
    { code: 'feet', facts: { machineId }, sight: { of: 'ring', mode, from, to, set: false } },
    { code: 'switch', facts: { mode, from, to, machineId }, sight: { of: 'ring', mode, from, to, set: true } }
  ];
}

/** Yarn through the tension guide; the gate stays open until the cast-on is laid. */
export function threadGuide(run: Executed, facts: StepFacts['guide']): Moment[] {
  const { hole, holes, yarn, strands } = facts;
  const at = yarn === null ? -1 : run.fabric.yarns.indexOf(yarn);
  const way = { of: 'way', hole, holes, yarn: at < 0 ? null : at, strands } as const;
  return [
    { code: 'hole', facts: { hole, holes, yarn, strands, stretch: facts.stretch }, sight: { ...way, slack: false } },
    { code: 'slack', facts: { castOn: true }, sight: { ...way, slack: true } }
  ];
}

/** The counter goes to zero. */
export const zeroCounter = (): Moment[] => [{ code: 'zero', facts: {}, sight: { of: 'counter' } }];
