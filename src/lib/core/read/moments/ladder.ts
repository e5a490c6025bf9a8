import type { StepFacts } from '../facts';
import type { Moment } from './moment';
import { look, shownRound, type Standing } from './standing';

/** Stitches let off their pins on purpose, and helped down to the cast-on. */
export function ladder(at: Standing, facts: StepFacts['ladder']): Moment[] {
  const { pins } = facts;
  const shown = shownRound(at, pins[0] ?? at.pin);
  // The yarn waits at the marker, perhaps far from here.
  const bare = { working: null, gate: null } as const;
  const moves = pins.map((pin, i) => ({ order: i + 1, from: { on: 'pin', pin }, to: { on: 'middle' } }) as const);
  const risen = pins.map((pin) => ({ pin, by: 'half' as const }));
  return [
    {
      code: 'offPin',
      facts: { pins },
      sight: { of: 'pins', look: look(at, shown, { ...bare, risen, moves, tool: 'pick' }) }
    },
    { code: 'runsDown', facts: { pins }, sight: { of: 'pins', look: look(at, shown, { ...bare, loops: at.loops.filter(({ pin }) => !pins.includes(pin)), tool: 'pick' }) } } // prettier-ignore
  ];
}
