import type { ChangeCode } from '$lib/core/kit';

/** What an update changed in kept plans, and why: one line each. */
export const CHANGED: Readonly<Record<ChangeCode, { readonly what: string; readonly why: string }>> = {
  outside: {
    what: 'The lining end goes in first, or the hat is turned at the end.',
    why: 'The steps of before left the lining outside.'
  },
  turning: {
    what: 'The tube is turned inside out where work is done on its purl side, and back.',
    why: 'Tails are tied, and toes and crowns are worked, where the tails hang.'
  },
  loops: {
    what: 'The chain loops are longer.',
    why: 'Each has to reach half the gap and 3 cm more; before, they did not meet.'
  },
  bag: {
    what: 'The two seams have edges that differ by one row at most.',
    why: 'The rows left over went to the middle; now they go to both ends.'
  },
  strands: {
    what: 'Strands held together go through the tension hole of their thickness; the gauge and rows follow.',
    why: 'Before, the hole went by one strand alone.'
  },
  tails: {
    what: "Ends are closed, edged and sewn with the work's own tails, which are left longer.",
    why: 'Nothing is joined on, and half the ends are there to hide. Cut yarn can be chosen.'
  },
  wrap: {
    what: 'The ladders are chained in one go from cuff to cuff, and the cuffs are ribbed.',
    why: 'Four chains need half the ends of eight; a ribbed cuff gives. Plain cuffs can be chosen.'
  },
  swatch: {
    what: 'A swatch whose rows and stitches look swapped is not planned from.',
    why: 'Such a swatch makes a thing half as long again. If it is right, count it under what is known of the yarn.'
  },
  slopes: {
    what: 'Slopes are spread evenly over their rows, and widened panels hang on a thread for every run of pins.',
    why: 'Before, the longer gaps came first and the edge had a bend. A slope of your own can be typed.'
  },
  bands: {
    what: 'Bands count: closed fronts are narrower by one band, the neck of the fabric wider by two. Waistcoat armholes are edged.',
    why: 'Before, the finished garment was wider than asked for and its neck narrower.'
  },
  ranges: {
    what: 'Ranges are wider at first and learn from what you finish; rows and sizes move a little.',
    why: 'The same hands differ by 2 to 4 % from piece to piece. Before, 2 % was taken for everybody.'
  },
  waste: {
    what: 'All pieces of a project have one waste yarn, of yarn that the work does not need.',
    why: 'Before, each piece chose by its own edges, and could take a yarn that was needed for the work.'
  },
  minutes: {
    what: 'The minutes are new.',
    why: 'They go by the stitches of a row, and setting up is no longer counted.'
  }
};
