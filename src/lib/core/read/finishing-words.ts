import { type Kit, type Yarn, yarnName } from '../kit';
import type { Edge, Finish } from '../plan';
import { showLength, showRun } from '../quantity';

/** What a finishing action is called, how it is done and how long it takes a practised hand. */
export interface FinishWords {
  readonly title: string;
  readonly detail: string;
  readonly minutes: number;
}

const edgeWords = (edge: Edge): string => (edge === 'cast-on' ? 'cast-on edge' : 'last edge');

/**
 * Words one finishing action. Minutes are common practice for a practised knitter, no source.
 *
 * @param yarn looks a yarn of the plan up by its id
 */
export function finishWords(finish: Finish, kit: Kit, yarn: (id: string) => Yarn): FinishWords {
  const { units } = kit.habits;
  const len = (mm: number): string => showLength(mm, units);
  switch (finish.do) {
    case 'threadEdge':
      return {
        title: `Thread the ${edgeWords(finish.edge)}`,
        detail: `Cut ${len(finish.lengthMm)} of ${yarnName(yarn(finish.yarn))}${finish.doubled ? ' and use it doubled' : ''}. With a blunt needle pick up every live stitch once round, from inside to outside, a finger over the next one.`,
        minutes: 2.5
      };
    case 'removeWaste':
      return {
        title: `Take the waste yarn off the ${edgeWords(finish.edge)}`,
        detail: `${finish.rows} rows come away${finish.edge === 'cast-on' ? '; unpick from the cast-on, it runs only that way' : ''}. Check that no stitch slipped off the thread. Keep the strip: you know its row count.`,
        minutes: 1 + finish.rows * 0.15
      };
    case 'drawShut':
      return {
        title: `Draw the ${edgeWords(finish.edge)} shut`,
        detail:
          'Pull the thread little by little until no hole is left, pass it once more through the stitches, knot it on the wrong side.',
        minutes: 1
      };
    case 'pushInside':
      return {
        title: 'Push one half inside the other',
        detail: `The fold falls at work row ${finish.foldRow}, where both layers are equally long. Knots lie between the layers.`,
        minutes: 0.5
      };
    case 'joinCrowns':
      return {
        title: 'Tie the two crowns together',
        detail:
          'Reach in between the layers and knot the two closing tails to one another, so that the lining cannot slip.',
        minutes: 0.75
      };
    case 'zipEdges':
      return {
        title: 'Zip both edges together',
        detail: `One thread of ${len(finish.lengthMm)} in ${yarnName(yarn(finish.yarn))}: one stitch of the outer edge, one of the inner, all ${finish.stitches} pairs. Never catch the running thread itself: it snaps.`,
        minutes: 5
      };
    case 'drawBoth':
      return {
        title: 'Draw both edges shut in turn',
        detail: 'A little on the one thread, a little on the other. Pulling one too fast leaves inner loops hanging.',
        minutes: 1.5
      };
    case 'checkJoins':
      return {
        title:
          finish.joins === 1
            ? 'Stretch the tube, then knot the join for good'
            : `Stretch the tube, then knot the ${finish.joins} joins for good`,
        detail:
          'Pull the tube wide first so that no knot holds it narrow. The small hole at the join closes with the knot.',
        minutes: 0.3 * finish.joins + 0.2
      };
    case 'weaveIn':
      return {
        title: `Weave in ${finish.tails} tails`,
        detail: 'A few centimetres one way and back between the layers, then cut.',
        minutes: 0.4 * finish.tails
      };
    case 'turnUp':
      return {
        title: `Turn the brim up ${len(finish.heightMm)}`,
        detail: 'The lining next to the fold now shows outside. The line of colour changes goes to the back.',
        minutes: 0.2
      };
    case 'pompom':
      return {
        title: 'Make the pompom and tie or button it on',
        detail: `${finish.wraps} wraps round a card of 10 x ${finish.cardMm / 10} cm in ${yarnName(yarn(finish.yarn))}, tied in the middle, cut, trimmed: ${showRun((finish.wraps * 2 * finish.cardMm) / 1000, units)}. Removable, because it does not wash well.`,
        minutes: 6
      };
    case 'ties':
      return {
        title: `Chain ${finish.count} cords of ${len(finish.lengthMm)}`,
        detail: `In ${yarnName(yarn(finish.yarn))}, fastened at the sides of the brim.`,
        minutes: 3 * finish.count
      };
  }
}
