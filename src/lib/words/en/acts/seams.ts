import type { ActOf } from '$lib/core/plan';
import type { FactsOf } from '$lib/core/hand';
import type { Talk } from '../../talk';
import type { Said, Words } from '../../words';
import { PLACES, seam, severalOf, wholeSeam } from '../names';

type Seams = Pick<Words['acts'], 'join' | 'bind' | 'chainRungs' | 'sewOn'>;

/** The work's own tail, and how much of it. */
const ownTail = (mm: number, t: Talk): string => `the work's own tail, ${t.cut(mm)} of it`;

/** What it is sewn with: yarn that is cut, or the work's own tail. */
const with_ = (
  a: { readonly yarn: string | null },
  f: { readonly cutMm: number; readonly ownMm: number | null },
  t: Talk
): string =>
  f.ownMm !== null ? `, with ${ownTail(f.ownMm, t)}` : a.yarn ? `, with ${t.cut(f.cutMm)} of ${t.yarn(a.yarn)}` : '';

/** A flat end closed, by one of the schools. */
function closing(a: ActOf<'join'>, f: FactsOf['join'], t: Talk): Said {
  const [first] = a.a;
  const n = f.a.count + f.b.count + f.left;
  const half = Math.min(f.a.count, f.b.count);
  const odd = f.odd ? ' One is left over: take it together with its neighbour.' : '';
  const out = `the first stitch and the one opposite, ${t.pins} ${t.list((a.leave ?? []).map(String))}`;
  const leave = f.left
    ? f.ran
      ? ` Leave out the place of the ladders, where ${out} ran down: the loops beside it sit half a column aside.`
      : ` Leave out ${out}: they run down next.`
    : '';
  const find = `Lay the tube flat with its tail at one fold: find the stitch where the tail is and count ${t.num(Math.floor(n / 2))} to the other fold, ${t.many(half, 'pair', 'pairs')}.${odd}${leave}`;
  const title = `Close the ${seam(a.name, t)} of the ${t.piece(first!.piece)} straight across`;
  switch (a.by) {
    case 'loops':
      return {
        title,
        detail: `${find} Begin at the fold away from the tail: hook into the outermost loop of ${t.pin(f.path[0]!)}, pull the loop of ${t.pin(f.path[1]!)} through it, and so on, one layer and the other in turn. It ends at the tail, which goes through the last loop; knot.`,
        why: 'Loop through loop needs no yarn of its own; slip stitches of cut yarn are quicker and firmer.'
      };
    case 'hook':
      return {
        title,
        detail: `${find} Slip-stitch through both layers, loop by loop${with_(a, f, t)}.`,
        why: 'With a hook: quick, a firm ridge that also carries weight. Loop through loop: flat, no yarn cut.'
      };
    case 'needle':
    case 'graft':
    case 'mattress':
    case 'together':
    case 'zip':
      return {
        title,
        detail: `${find} Sew through both layers, stitch by stitch${with_(a, f, t)}.`,
        why: 'With a needle: flat and soft. With a hook: quicker and firmer.'
      };
  }
}

/** How the two edges of a seam are described. */
function edges(f: FactsOf['join'], t: Talk): string {
  const side = (s: FactsOf['join']['a']): string =>
    `${s.unit === 'rows' ? t.rows(s.count) : t.stitches(s.count)}${s.stitches > 0 ? ` and ${t.stitches(s.stitches)}` : ''} of the ${t.list(s.pieces.map(t.piece))}`;
  return `${side(f.a)} to ${side(f.b)}, ${t.len(f.mm)}`;
}

const HOW: Readonly<Record<ActOf<'join'>['by'], { how: string; why?: string }>> = {
  loops: { how: 'loop through loop' },
  hook: { how: 'hook a slip stitch through both edges, loop by loop', why: 'Hooked: quick and firm. Sewn: flatter.' },
  needle: { how: 'sew stitch by stitch, edge to edge', why: 'Sewn: flat. Hooked: quicker and firmer.' },
  graft: { how: 'graft loop to loop, so that the seam looks like the knitting', why: 'Grafted: cannot be seen or felt. Hooked: quicker.' }, // prettier-ignore
  mattress: { how: 'mattress stitch from the right side', why: 'Mattress stitch lies flat and can be undone. A hooked seam is quicker and firmer.' }, // prettier-ignore
  zip: { how: 'one stitch of the outer edge, one of the inner, all round' },
  together: { how: 'take a loop off either thread, hook both off together: three layers in one pass' }
};

/** The side a seam is worked from, as it is said. */
const RIGHT_SIDE = 'from the right side';
const PURL_SIDE = 'from the purl side, which shows once it is turned up';

/** Holes that are left in a band. */
const holes = (a: ActOf<'bind'>, { holes, rounds }: FactsOf['bind'], t: Talk): string =>
  holes
    ? `On the ${t.piece(a.holes!.over.piece)}, ${rounds > 1 ? `in ${t.terms.row} ${t.num(holes.inRound)} of the band, leave` : 'leave'} ${t.many(holes.stitches.length, 'hole', 'holes')}: chain ${t.num(holes.chains)} over ${t.stitches(holes.chains)}, beginning after ${holes.stitches.length > 1 ? 'stitches' : 'stitch'} ${t.list(holes.stitches.map((n) => t.num(n)))} from its hem. `
    : '';

/** What a part is sewn on with, at one end or at both. */
function sewnWith(a: ActOf<'sewOn'>, f: FactsOf['sewOn'], t: Talk): string {
  const cut = `${t.cut(f.cutMm)} of ${t.yarn(a.yarn)}`;
  if (f.ownMm === null) return f.ends > 1 ? `${cut} for each of ${f.ends} ends` : cut;
  const own = `Its own tail${f.ends > 1 ? ' at the end where both hang' : ''}, ${t.cut(f.ownMm)} of it`;
  return f.ends > 1 ? `${own}; ${cut} for the other` : own;
}

/** Seams, edges, and what is sewn on. */
export const seams: Seams = {
  join: (a, f, t) => {
    if (a.by === 'zip') {
      return {
        title: 'Zip both edges together',
        detail: `Both ends level, purl sides together, the seam line of the one on that of the other, else it twists. ${f.ownMm === null ? `One thread of ${t.cut(f.cutMm)} in ${t.yarn(a.yarn!)}` : `With the own tail of the edge that lies outside now, ${t.cut(f.ownMm)} of it with what it is drawn on`}: ${HOW.zip.how}, ${t.many(f.a.count, 'pair', 'pairs')}. Never catch the running thread itself: it snaps.`,
        why: 'Zipped first: flat, without a lump. Drawing each end by itself is quicker.'
      };
    }
    if (a.across) {
      const half = Math.floor(f.a.count / 2);
      return {
        title: 'Close both ends together, straight across',
        detail: `Lay both ends flat and level, the line where the ${t.terms.row}s begin in the middle of the back: count ${t.stitches(f.path[0]! - 1)} from it to a corner. Begin there: ${t.many(half, 'group', 'groups')} of four loops, one from each layer. ${a.by === 'hook' ? 'Slip stitch through all four at once and on to the next; chain 1 at the end' : 'Sew through all four layers, stitch by stitch'}${with_(a, f, t)}. Cut, pull the end through. The tails in the middle of the back are knotted apart from it.`,
        why: a.by === 'hook' ? 'With a hook: quick and firm. With a needle: flatter.' : 'With a needle: flat and soft. With a hook: quicker and firmer.' // prettier-ignore
      };
    }
    if (a.name === 'toe') {
      return {
        title: `Sew the toe of the ${t.piece(f.a.piece)} flat`,
        detail: `Lay the gathered opening flat and sew across it, ${t.len(f.mm / 2)}${with_(a, f, t)}.`
      };
    }
    if (f.halves) return closing(a, f, t);
    if (a.name === 'front-twisted') {
      return {
        title: 'Sew the locked ends through four layers',
        detail: `The layers of both ends lie in turn, one end, the other, one, the other: sew over and over through all four, ${t.len(f.mm / 2)}${with_(a, f, t)}.`
      };
    }
    const { how: plain, why } = HOW[a.by];
    const how =
      f.bars === null ? plain : plain.replace('stitch', `stitch, ${f.bars === 1 ? 'one bar' : 'two bars'} at a time,`);
    const odd = f.a.unit === 'rows' && f.b.unit === 'rows' && Math.abs(f.a.count - f.b.count) === 1;
    const ease = odd ? ` One edge has a ${t.terms.row} more: ease it in on the way.` : '';
    const notch = a.name.startsWith('bag-')
      ? ' Sew from the notch of the opening down to the bottom corner; if a small gap stays at the rim, close it afterwards with a short thread from inside.'
      : '';
    return {
      title: `Join: ${seam(a.name, t)}`,
      detail: `${t.sentence([wholeSeam(a.name), edges(f, t)].filter(Boolean).join(': '))}: ${a.from === 'purl' ? how.replace(RIGHT_SIDE, PURL_SIDE) : how}${with_(a, f, t)}.${ease}${notch}`,
      ...(why ? { why } : {})
    };
  },
  bind: (a, f, t) => {
    const name = seam(a.name, t);
    const pieces = [...new Set(a.runs.map((run) => run.piece))];
    const of = pieces.length === 1 ? ` of the ${t.piece(pieces[0]!)}` : '';
    const yarn = f.ownMm === null ? `${t.cut(f.cutMm)} of ${t.yarn(a.yarn)}` : t.sentence(ownTail(f.ownMm, t));
    if (a.by === 'chain') {
      return {
        title: `Chain off ${t.stitches(f.loops)}: ${name}`,
        detail: `From the thread onto the hook one by one, each pulled through the one before: firm, not tight. ${yarn}; the end through the last one, the thread comes out.`
      };
    }
    const single = t.terms.crochet === 'US' ? 'single crochet (UK: double)' : 'double crochet (US: single)';
    if (a.stitches !== undefined && a.ribs) {
      const half =
        t.terms.crochet === 'US' ? 'half double crochet (UK: half treble)' : 'half treble (US: half double crochet)';
      const { front, back } = a.ribs;
      const repeat = front + back;
      const fits =
        f.stitches % repeat === 0
          ? `${t.num(f.stitches / repeat)} times`
          : `over ${t.stitches(f.stitches)}, which it does not divide`;
      return {
        title: `Crochet the ${name}: a foundation of ${t.stitches(f.stitches)} and ${t.many(f.rounds, 'ribbed round', 'ribbed rounds')}`,
        detail: `Round both flattened ends as one ring, between the ribs, beginning at the join under the arm. First round: ${t.stitches(f.stitches)} of ${half}. Then ${t.many(f.rounds, 'round', 'rounds')} worked round the posts: ${front} from the front, the hook going in front of the fabric, behind the post and out again; ${back} from the back, the other way about; ${fits}. Each round begins with 2 chains and is joined by a slip stitch. It does not sew the sleeve shut: the ends lie in front of the arm and behind it. ${yarn}.`,
        why: 'Round the posts: ribs that stand out and give. Plain single crochet is the quick choice.'
      };
    }
    if (a.stitches !== undefined) {
      const repeats = (a.repeat ?? 1) > 1 ? (f.stitches % a.repeat! === 0 ? `, ${t.many(f.stitches / a.repeat!, 'repeat', 'repeats')} of ${a.repeat}` : `, a repeat of ${a.repeat} that does not come out`) : ''; // prettier-ignore
      return {
        title: `Crochet the ${name}: ${t.many(f.rounds, 'round', 'rounds')} of ${t.stitches(f.stitches)}`,
        detail: `Round both flattened ends as one ring, between the ribs${repeats}, in ${single}. It does not sew the sleeve shut: the ends lie in front of the arm and behind it. ${yarn}.`
      };
    }
    // Said of the first one; the other is like it.
    const armhole =
      a.name === 'armhole-left'
        ? ` In ${single}, from the outside: the edge rolls inwards, to the purl side, and the round holds it flat.`
        : '';
    const along =
      f.rows > 0
        ? `Along ${t.len(f.mm)}, ${t.num(f.perFour)} stitches for every four ${t.terms.row}s, so that it neither pulls nor waves`
        : a.perLoop === 2
          ? `One ${single} in every loop and one between: it gives when the foot or hand goes through`
          : `One ${single} through every loop of the work`;
    const wide = f.widthMm !== null && f.rounds > 1 ? ` and ${t.many(f.rounds, t.terms.row, `${t.terms.row}s`)}, ${t.len(f.widthMm)} wide` : ''; // prettier-ignore
    return {
      title: `Crochet the ${name}${of}: ${t.stitches(f.stitches)}${wide}`,
      detail: `${along}.${armhole} ${holes(a, f, t)}${yarn}; ${f.ring ? 'close with a slip stitch and pull the end through' : 'fasten off: the end through the last loop'}.`
    };
  },
  chainRungs: (a, f, t) => {
    const rungs = (n: number): string => t.many(n, 'rung', 'rungs');
    const yarn = `${t.cut(f.cutMm)} of ${t.yarn(a.yarn)}`;
    const [only] = f.stretches;
    if (f.stretches.length === 1 && only) {
      return {
        title: `Chain the open rungs of the other tube: ${seam(only.name, t)}`,
        detail: `Begin once more from the last joined stitch: ${rungs(only.rungs)}, ${t.len(only.mm)}, each through the one before, to the other side of the opening. Pull ${yarn} through the last loop. No rung stays open.`
      };
    }
    const stretch = ({ name, rungs: n, both, mm }: (typeof f.stretches)[number]): string =>
      both
        ? `${seam(name, t)}: ${rungs(n)} of either tube, ${t.len(mm)}, two of the one through two of the other`
        : `${seam(name, t)}: ${rungs(n)} of this tube alone, ${t.len(mm)}`;
    return {
      title: `Chain the ladders from cuff to cuff: ${t.many(f.rungs, 'rung', 'rungs')} in one go`,
      detail: `${f.stretches.map((of) => t.sentence(stretch(of))).join('. ')}. Do not stop at the opening. A finger behind the ladder; the last rung must be caught, or it runs. At the far cuff pull ${yarn} through the last loop.`
    };
  },
  sewOn: (a, f, t) => {
    const place = PLACES[a.place] ?? a.place;
    const each = f.count > 1 ? ' for each' : '';
    const which = f.count === 1 ? `the ${t.piece(a.piece)}` : `the ${t.num(f.count)} ${severalOf(t.piece(a.piece))}`;
    if (a.at && f.at) {
      const edge = { high: 'left', low: 'right' }[a.at.side];
      return {
        title: `Sew the ${t.piece(a.piece)} on`,
        detail: `While the ${t.piece(a.to)} lies flat: its first ${t.terms.row} ${a.at.row === 0 ? 'on the first one of the work' : `above ${t.row(a.at.row)} of the work, ${t.len(f.at.upMm)} up`}, ${t.stitches(a.at.stitches)} or ${t.len(f.at.inMm)} in from its ${edge} edge as it is looked at. Pin it, then three sides in one line, ${t.len(f.mm)}: mattress stitch along its sides, column on column, stitch by stitch along the bottom, twice at both upper corners. ${t.cut(f.cutMm)} of ${t.yarn(a.yarn)}.`
      };
    }
    const how = a.split
      ? `its short ends are its folds, ${t.len(f.mm)} wide; tug their end stitches tight by the tails first. Half of each to the left and half to the right of a tip, first and last stitch through both, mattress stitch between`
      : `mattress stitch along its end, twice where it is pulled`;
    return {
      title: `Sew ${which} on`,
      detail: `${t.sentence(place)}, on the ${t.piece(a.to)}: ${how}. ${sewnWith(a, f, t)}${each}.`
    };
  }
};
