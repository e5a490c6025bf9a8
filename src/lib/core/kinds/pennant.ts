import * as z from 'zod/mini';
import { countOption, lengthOption, yarnOption } from '../plan';
import type { Kind } from './kind';
import { panelMode, panelPiece, startingAt, startOption } from './shared/panel';
import { pennantClamped, pennantShape } from './shared/pennant';
import { flatThing, weave } from './shared/hands';
import { countedOption, flatSizeOption, measuredOnly, WHAT } from './shared/options';
import { firstYarns } from './shared/pick';
import { ringOn } from './shared/tube';

export const PennantOptions = z.object({
  sizeBy: flatSizeOption,
  widthMm: lengthOption({ group: WHAT, min: 30, max: 600, start: 130, when: measuredOnly }),
  heightMm: lengthOption({ group: WHAT, min: 30, max: 800, start: 150, when: measuredOnly }),
  stitches: countedOption({ counts: 'stitches', group: WHAT, min: 4, max: 200, start: 18 }), // prettier-ignore
  rows: countedOption({ counts: 'rows', group: WHAT, min: 4, max: 800, start: 30 }),
  copies: countOption({ group: WHAT, min: 1, max: 120, start: 1 }),
  mode: panelMode,
  yarnAt: startOption,
  yarn: yarnOption({ group: 'yarn' })
});

/** A small flag that narrows to a point. */
export const pennant: Kind<typeof PennantOptions> = {
  code: 'pennant',
  family: 'panels',
  pins: { from: 16, to: 200, usual: 22 },
  options: PennantOptions,
  start: (kit) => PennantOptions.parse({ yarn: firstYarns(kit).main }),
  draft: (kit, brief, o) => {
    const ring = startingAt(ringOn(kit, brief, o.yarn), o);
    const own = o.sizeBy === 'rows';
    const shape = pennantShape(
      ring,
      own ? { stitches: o.stitches, rows: o.rows } : { widthMm: o.widthMm, heightMm: o.heightMm },
      o.mode
    );
    return {
      plan: {
        title: brief.name,
        pieces: [panelPiece(ring, 'Pennant', o.mode, shape.pins, shape.operations, o.copies)],
        acts: [{ do: 'block', pieces: [0] }, weave('woven', 0)],
        promises: [flatThing('pennant', 0)],
        worn: { form: 'panels', rows: [[0]], body: null },
        wearer: 'thing',
        state: ring.gauge.state
      },
      notes: {
        shaping: [{ piece: 0, what: { of: 'edges', side: 'both', held: 0 }, gaps: shape.slope.gaps, at: shape.slope.at, leftRows: shape.slope.leftRows }], // prettier-ignore
        narrowed: shape.asked > shape.given ? [{ piece: 0, asked: shape.asked, given: shape.given, option: own ? 'stitches' : 'widthMm' }] : [], // prettier-ignore
        clamped: pennantClamped(
          shape,
          own ? { piece: 0, stitches: 'stitches', rows: 'rows' } : { piece: 0, stitches: null, rows: 'heightMm' }
        ),
        unasked: { stitches: shape.stitches, rows: shape.rows },
        wanted: null
      }
    };
  }
};
