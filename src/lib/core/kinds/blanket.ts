import * as z from 'zod/mini';
import { type Act, castOn, chainOff, lengthOption, shapedRows, sectionsOption, choiceOption, countOption, type Piece, type RunRef } from '../plan'; // prettier-ignore
import type { Kind } from './kind';
import { panelMode, panelPiece, pinsFor, SEAM_STITCH, usable, startingAt, startOption } from './shared/panel';
import { flatThing, joinOption, joinsTied, weave } from './shared/hands';
import { countedOption, flatSizeOption, measuredOnly, WHAT } from './shared/options';
import { anyYarn, firstYarns } from './shared/pick';
import { layStripes } from './shared/stripes';
import { even, ringOn, rowsFor } from './shared/tube';

export const BlanketOptions = z.object({
  wearer: choiceOption({ group: WHAT, choices: ['thing', 'adult', 'child', 'baby'] }),
  sizeBy: flatSizeOption,
  widthMm: lengthOption({ group: WHAT, min: 200, max: 3000, start: 1000, when: measuredOnly }),
  lengthMm: lengthOption({ group: WHAT, min: 200, max: 3000, start: 1300, when: measuredOnly }),
  strips: countedOption({ group: WHAT, min: 1, max: 16, start: 4 }),
  stitches: countedOption({ counts: 'stitches', group: WHAT, min: 2, max: 200, start: 36 }), // prettier-ignore
  rows: countedOption({ counts: 'rows', group: WHAT, min: 2, max: 5000, start: 260 }), // prettier-ignore
  blocks: countOption({ group: WHAT, min: 1, max: 8, start: 1 }),
  mode: panelMode,
  yarnAt: startOption,
  sections: sectionsOption({ group: 'yarn' }),
  joinBy: joinOption
});

/** A throw of strips side by side, as few as the ring allows and all alike. */
export const blanket: Kind<typeof BlanketOptions> = {
  code: 'blanket',
  family: 'panels',
  pins: { from: 16, to: 200, usual: 48 },
  options: BlanketOptions,
  start: (kit) => {
    const { main, second } = firstYarns(kit);
    return BlanketOptions.parse({
      sections: [
        { yarn: main, rows: 20 },
        { yarn: second, rows: 20 }
      ]
    });
  },
  draft: (kit, brief, o) => {
    const stripes = o.sections.length > 0 ? o.sections : [{ yarn: anyYarn(kit), rows: 20 }];
    const yarn = stripes[0]!.yarn;
    const ring = startingAt(ringOn(kit, brief, yarn), o);
    const most = usable(ring, o.mode);
    const all = Math.max(2, Math.round((o.widthMm / 10) * ring.gauge.wales.value));
    // Every seam takes a stitch from both its edges.
    const own = o.sizeBy === 'rows';
    const strips = own ? o.strips : Math.max(1, Math.ceil(all / Math.max(1, most - 2 * SEAM_STITCH)));
    const stitches = Math.min(most, own ? o.stitches : Math.ceil(all / strips) + (strips > 1 ? 2 * SEAM_STITCH : 0));
    const rows = own ? o.rows : even(rowsFor(ring, o.lengthMm / o.blocks), 2);
    const laid = layStripes(stripes, rows, true);
    const edgeMm = (10 * stitches) / ring.gauge.wales.value;
    const work = laid.flatMap((s, i) => shapedRows(`Stripe ${i + 1}`, s.yarn, s.rows, []));
    const last = laid.at(-1)!.yarn;
    const piece = (label: string): Piece =>
      panelPiece(ring, label, o.mode, pinsFor(ring.machine, o.mode, stitches), [castOn(yarn, 'e-wrap'), ...work, chainOff(last, edgeMm)]); // prettier-ignore
    // Block by block up a strip, strip by strip along the high edge.
    const at = (strip: number, block: number): number => strip * o.blocks + block;
    const pieces = Array.from({ length: strips * o.blocks }, (_, i) => {
      const [strip, block] = [Math.floor(i / o.blocks) + 1, (i % o.blocks) + 1];
      return piece(o.blocks === 1 ? `Strip ${strip}` : `Block ${strip}.${block}`);
    });
    const sewn: Act[] = [];
    const sew = (name: string, a: RunRef, b: RunRef): void =>
      void sewn.push({ do: 'join', name, a: [a], b: [b], by: 'mattress', yarn });
    // First the blocks of every strip, then the strips side to side: long seams at the end, all in one direction.
    for (let strip = 0; strip < strips; strip++) {
      for (let block = 0; block + 1 < o.blocks; block++) {
        const [a, b] = [at(strip, block), at(strip, block + 1)];
        sew(`blocks-${a + 1}-${b + 1}`, { piece: a, run: 'hung-off' }, { piece: b, run: 'cast-on' });
      }
    }
    for (let strip = 0; strip + 1 < strips; strip++) {
      for (let block = 0; block < o.blocks; block++) {
        const [a, b] = [at(strip, block), at(strip + 1, block)];
        sew(
          `strips-${a + 1}-${b + 1}`,
          { piece: a, run: 'side', side: 'high' },
          { piece: b, run: 'side', side: 'low' }
        );
      }
    }
    const every = pieces.map((_, p) => p);
    const acts: Act[] = [
      ...every.flatMap((p) => joinsTied(p, laid.length - 1, o.joinBy)),
      { do: 'block', pieces: every },
      ...sewn,
      weave('woven')
    ];
    const grid = Array.from({ length: o.blocks }, (_, row) =>
      // On the knit side the high edge is the left one, so the next strip lies to the left.
      Array.from({ length: strips }, (_, i) => at(strips - 1 - i, o.blocks - 1 - row))
    );
    return {
      plan: {
        title: brief.name,
        pieces,
        acts,
        promises: [flatThing('blanket', 0)],
        worn: { form: 'panels', rows: grid, body: null },
        wearer: o.wearer,
        state: ring.gauge.state
      },
      notes: {
        unasked: { strips, stitches, rows },
        narrowed: own && o.stitches > most ? [{ piece: 0, asked: o.stitches, given: most, option: 'stitches' }] : [],
        wanted: null
      }
    };
  }
};
