import * as z from 'zod/mini';
import { type Act, castOn, chainOff, choiceOption, lengthOption, type Piece, shapedRows, yarnOption } from '../plan';
import type { Kind } from './kind';
import { panelMode, panelPiece, pinsFor, SEAM_STITCH, usable, startingAt, startOption } from './shared/panel';
import { promised, weave } from './shared/hands';
import { countedOption, flatSizeOption, measuredOnly, WHAT } from './shared/options';
import { firstYarns } from './shared/pick';
import { even, ringOn, rowsFor, wantedRows } from './shared/tube';

export const PanelTubeOptions = z.object({
  wearer: choiceOption({ group: WHAT, choices: ['adult', 'child', 'thing'] }),
  sizeBy: flatSizeOption,
  girthMm: lengthOption({ group: WHAT, min: 60, max: 2000, start: 240, when: measuredOnly }), // prettier-ignore
  lengthMm: lengthOption({ group: WHAT, min: 40, max: 2000, start: 300, when: measuredOnly }),
  parts: countedOption({ group: WHAT, min: 1, max: 40, start: 1 }),
  stitches: countedOption({ counts: 'stitches', group: WHAT, min: 3, max: 200, start: 34 }), // prettier-ignore
  rows: countedOption({ counts: 'rows', group: WHAT, min: 4, max: 5000, start: 60 }),
  mode: panelMode,
  yarnAt: startOption,
  yarn: yarnOption({ group: 'yarn' })
});

/** A tube of any girth, for when the ring's own tube is too wide or too narrow: panels sewn side to side. */
export const panelTube: Kind<typeof PanelTubeOptions> = {
  code: 'panel-tube',
  family: 'panels',
  pins: { from: 16, to: 200, usual: 48 },
  options: PanelTubeOptions,
  start: (kit) => PanelTubeOptions.parse({ yarn: firstYarns(kit).main }),
  draft: (kit, brief, o) => {
    const ring = startingAt(ringOn(kit, brief, o.yarn), o);
    const most = Math.max(3, usable(ring, o.mode));
    const all = Math.max(2, Math.round((o.girthMm / 10) * ring.gauge.wales.value));
    const own = o.sizeBy === 'rows';
    const parts = own ? o.parts : Math.max(1, Math.ceil(all / (most - 2 * SEAM_STITCH)));
    const stitches = Math.min(most, own ? o.stitches : Math.ceil(all / parts) + 2 * SEAM_STITCH);
    const rows = own ? o.rows : even(rowsFor(ring, o.lengthMm));
    const widthMm = (10 * stitches) / ring.gauge.wales.value;
    const pieces = Array.from({ length: parts }, (_, i): Piece =>
      panelPiece(ring, parts === 1 ? 'Panel' : `Panel ${i + 1}`, o.mode, pinsFor(ring.machine, o.mode, stitches), [
        castOn(o.yarn, 'e-wrap'),
        ...shapedRows('Panel', o.yarn, rows, []),
        chainOff(o.yarn, widthMm)
      ])
    );
    const seams = pieces.map((_, i): Act => ({
      do: 'join',
      name: `panel-${i + 1}`,
      a: [{ piece: i, run: 'side', side: 'high' }],
      b: [{ piece: (i + 1) % parts, run: 'side', side: 'low' }],
      by: 'mattress',
      yarn: o.yarn
    }));
    return {
      plan: {
        title: brief.name,
        pieces,
        acts: [{ do: 'block', pieces: pieces.map((_, p) => p) }, ...seams, weave('woven')],
        promises: [promised('tube', 0, { first: { piece: 0, run: 'cast-on' }, last: { piece: 0, run: 'hung-off' } })],
        worn: {
          form: 'panels',
          rows: [pieces.map((_, p) => p)],
          body: {
            what: 'tube',
            girthMm: own ? (10 * parts * (stitches - 2 * SEAM_STITCH)) / ring.gauge.wales.value : o.girthMm
          }
        },
        wearer: o.wearer,
        state: ring.gauge.state
      },
      notes: {
        unasked: { parts, stitches, rows },
        narrowed: own && o.stitches > most ? [{ piece: 0, asked: o.stitches, given: most, option: 'stitches' }] : [],
        wanted: own
          ? null
          : wantedRows((courses) => (o.lengthMm / 10) * courses, ring, { say: 'lengthOf', mm: o.lengthMm, of: 'tube' })
      }
    };
  }
};
