import type { Talk } from '../../talk';
import type { Words } from '../../words';

type Shaping = Pick<Words['acts'], 'waist' | 'fill' | 'fix' | 'block' | 'latch' | 'latchUp' | 'rest'>;

/** Over which pin something lies. */
const over = (pin: number | undefined, t: Talk): string => (pin === undefined ? '' : `, over ${t.pin(pin)}`);

/** Pieces named one by one up to this many; more are counted. */
const NAMED = 4;

/** What gives a piece its shape: rest, blocking, filling, threads drawn round it, a face. */
export const shaping: Shaping = {
  waist: (a, f, t) =>
    f.row === null
      ? {
          title: 'Gather the two corners into ears',
          detail: `Run ${t.cut(f.cutMm)} of ${t.yarn(a.yarn)} twice round each corner along a slanting line, ${t.len(60)} down; draw it, knot.`
        }
      : {
          title: `Draw a waist at ${t.row(f.row)} of the ${t.piece(a.piece)}`,
          detail: `Run ${t.cut(f.cutMm)} of ${t.yarn(a.yarn)} through every second stitch of ${t.row(f.row)}, draw it, once more round, and knot.`
        },
  fill: (a, f, t) => ({
    title: `Fill the ${t.piece(a.piece)}: about ${t.num(f.grams, f.grams < 10 ? 1 : 0)} g`,
    detail: `Small pulls of filling through the open end, the far end first, until it is ${t.len(f.girthMm)} round and no filling shows between the stitches. The weight is an estimate.`
  }),
  fix: (a, f, t) => {
    const yarn = `${t.cut(f.cutMm)} of ${t.yarn(a.yarn)}`;
    switch (a.what) {
      case 'face':
        return { title: 'Embroider the face', detail: `Eyes and mouth with ${yarn}.`, why: 'Embroidered eyes cannot come off.' }; // prettier-ignore
      case 'safety-eyes':
        return {
          title: 'Set the safety eyes, sew the face',
          detail: `Press the eyes through from outside while you can reach inside, washers tight. Mouth with ${yarn}.`,
          why: 'Safety eyes look lively, and are no eyes for children under 3. Embroidered ones cannot come off.'
        };
      case 'button':
        return {
          title: `Sew on ${t.many(f.count, 'button', 'buttons')}`,
          detail: f.rows
            ? `Each opposite its hole, on the band beside ${f.rows.length > 1 ? `${t.terms.row}s` : t.terms.row} ${t.list(f.rows.map((n) => t.num(n)))} of the ${t.piece(a.piece)}${f.gapMm > 0 ? `, ${t.len(f.gapMm)} from one to the next` : ''}. ${yarn} for each, wound round under the button so that it stands off.`
            : `Evenly spaced, a hole opposite each. ${yarn} for each.`
        };
      case 'patch':
        if (a.glued) {
          return {
            title: `Glue a patch on${a.row === undefined ? '' : ` the ${t.piece(a.piece)} at ${t.row(a.row)}`}`,
            detail: `${f.atMm === null ? '' : `Its middle ${t.len(f.atMm)} above the first ${t.terms.row} of the work${over(a.pin, t)}. `}Paper inside, so that the layers do not stick together. Fabric glue, thin, under a weight overnight. Fresh air, and what the tube says; nothing glued for babies.`,
            why: 'Glued: quick, and stiff. Sewn: it gives with the knitting, and comes off again.'
          };
        }
        return {
          title: a.row === undefined ? `Sew on ${t.many(f.count, 'patch', 'patches')}` : `Sew a patch on the ${t.piece(a.piece)} at ${t.row(a.row)}`, // prettier-ignore
          detail: `${f.atMm === null ? '' : `Its middle ${t.len(f.atMm)} above the first ${t.terms.row} of the work${over(a.pin, t)}. `}A hand behind it, so that one layer alone is caught. Pinned flat, sewn round with ${yarn}, not pulled: the knitting must give beside it.`
        };
      case 'tag':
        return {
          title: a.row === undefined ? 'Sew on the tag' : `Sew a tag on the ${t.piece(a.piece)} at ${t.row(a.row)}`,
          detail: `${f.atMm === null ? '' : `${t.sentence(t.len(f.atMm))} above the first ${t.terms.row} of the work${over(a.pin, t)}. `}By its short edge, a few stitches through one layer, with ${yarn}. Where it touches skin, soft edges in.`
        };
    }
  },
  block: (_a, f, t) => {
    const several = f.pieces.length > NAMED || f.count > f.pieces.length;
    const which = several ? t.many(f.count, 'piece', 'pieces') : `the ${t.list(f.pieces.map(t.piece))}`;
    return {
      title: `Block ${which}`,
      detail: `Wet or steam as the yarn allows, spread and fasten it, the first to ${t.len(f.widthMm)} by ${t.len(f.heightMm)}, and let it dry overnight. The edges curl otherwise, and a curled edge is sewn crooked. Nothing hot on synthetic fibre: it melts.`
    };
  },
  latch: (_a, f, t) => ({
    title: `Latch up ${t.many(f.groups, 'group', 'groups')} of floats into ${t.many(f.columns, 'column', 'columns')} each`,
    detail: `Before any washing, the last stitches on their ${t.num(f.threads)} threads, nothing stretched. Put the strands in order first. From the cast-on up: twist the bottom strand into a loop and latch strand after strand, ${t.rows(f.rows)}, close to the column before; its top loop goes onto the thread of the run beside it, so that all loops hang in order. ${t.sentence(t.many(f.columns, 'time', 'times'))} in every group. A wash evens it out.`
  }),
  latchUp: (a, f, t) => ({
    title: `Latch up ${t.rows(f.rows)} at ${t.pin(f.pin)}${f.copy === null ? '' : ` of ${t.piece(a.piece)} ${t.num(f.copy)}`}`,
    detail: `From the purl side, before anything hides it: a hook into the loop below ${t.row(f.row)}, rung after rung pulled through it, ${t.num(f.rows)} of them, none skipped, none split. The last loop is fastened with a thread on the purl side, or caught into the ${t.terms.row} above. Take the mark out. Seen only as an end is closed, it is clipped, pulled up there through its rungs and taken into the closing.`
  }),
  rest: (a, f, t) => {
    const which = a.pieces.length > NAMED ? t.many(a.pieces.length, 'piece', 'pieces') : `the ${t.list(a.pieces.map(t.piece))}`; // prettier-ignore
    const wide = f.widthMm === null ? '' : ` by ${t.len(f.widthMm)} lying flat`;
    return {
      title: `Stretch ${which}, let it rest, and measure`,
      detail: `On the ${t.pins} it was stretched wide: tug it lengthwise twice and across once and let it lie, soft yarn overnight. Then measure, before anything hides it: planned are ${t.len(f.lengthMm)}${wide}.`
    };
  }
};
