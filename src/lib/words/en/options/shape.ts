import type { OptionWords } from '../../options';
import { METHODS_AND_THREAD } from './methods';

/** Shapes of garments. */
export const shape: Readonly<Record<string, OptionWords>> = {
  neckBy: { title: 'The V begins', choices: { depth: 'By its depth', row: 'At a row' } },
  neckDepthMm: { title: 'Depth of the V', help: 'From the shoulder down.' },
  neckRow: { title: 'The V begins after row', help: 'Of the front, counted from the hem.' },
  neckMethod: { title: 'Decreases of the V', choices: METHODS_AND_THREAD },
  neckSlope: { title: 'Slope of the V', help: 'Rows of the front, counted from the hem.' },
  armMethod: { title: 'Decreases of the armholes', choices: METHODS_AND_THREAD },
  armSlope: { title: 'Slope of the armholes', help: 'Rows of the back, counted from the hem.' },
  armEdge: {
    title: 'Edge of the armholes',
    choices: {
      crochet: { label: 'Crocheted', help: 'A round of single crochet; the edge rolls inwards without it.' },
      none: 'Left as they are'
    }
  },
  sleeveSlope: { title: 'Slope of a sleeve', help: 'Increases at both edges, rows counted from the wrist.' },
  fronts: {
    title: 'The fronts',
    choices: {
      closed: { label: 'Close', help: 'One band lies on the other: the chest is the fabric and one band.' },
      open: { label: 'Hang open', help: 'Edge to edge, a band at either one.' }
    }
  },
  armholes: {
    title: 'Armholes',
    choices: {
      'cut-in': { label: 'Cut in', help: 'Some held at once, then one every other row.' },
      straight: { label: 'Straight', help: 'No shaping; the shoulder drops.' }
    }
  },
  shoulders: {
    title: 'Shoulders',
    choices: {
      straight: { label: 'Straight', help: 'Chained off in one line.' },
      sloped: { label: 'Sloped', help: 'Held in groups, every other row; they may be uneven.' }
    }
  },
  assembly: {
    title: 'Putting it together',
    choices: {
      flat: {
        label: 'Sleeves set in flat',
        help: 'Shoulders, sleeves into the open armholes, then side and sleeve in one line.'
      },
      round: { label: 'Sides first', help: 'Sides and sleeves closed, then each sleeve set in round.' }
    }
  },
  shoulderBy: {
    title: 'Shoulder seams',
    choices: {
      sewn: { label: 'Chained each and sewn', help: 'Firm: the shoulder carries the weight.' },
      together: {
        label: 'Both chained in one pass',
        help: 'Loops of both threads together, with a hook through three layers.'
      },
      slip: { label: 'Slip stitch', help: 'Chained each, then hooked together: quick.' }
    }
  },
  bandMm: { title: 'Width of the band', help: 'Crocheted along front and neck; as many rows as it takes.' },
  bandPerFour: { title: 'Stitches to four rows', help: 'Picked up along the front: fewer pull in, more wave.' },
  buttons: { title: 'Buttons', help: 'Evenly spaced along the band, holes opposite.' },
  buttonMm: { title: 'Width of a button' },
  holesOn: {
    title: 'Buttonholes in',
    help: 'The buttons sit on the other front.',
    choices: {
      right: { label: 'The right front', help: "As on women's garments; the buttons sit on the left front." },
      left: { label: 'The left front', help: "As on men's garments; the buttons sit on the right front." }
    }
  },
  pockets: {
    title: 'Pockets',
    choices: { none: 'None', both: 'On both fronts', left: 'On the left front', right: 'On the right front' }
  },
  pocketWideMm: { title: 'Width of a pocket' },
  pocketTallMm: { title: 'Depth of a pocket' },
  pocketUpMm: { title: 'Pocket above the hem' },
  sidePanels: { title: 'Panels under each arm', help: 'Only where the ring does not reach round.' },
  farSide: {
    title: 'The second underarm of a back in one',
    help: 'Stitches are held only where the yarn is.',
    choices: {
      'next-row': { label: 'One row later', help: 'No extra ends.' },
      cut: { label: 'Cut and begin there', help: 'Both underarms in the same row, two ends more.' }
    }
  },
  sleeves: {
    title: 'Sleeves',
    choices: {
      panel: { label: 'Panels', help: 'As wide as the armhole asks, widening to the top.' },
      tube: { label: 'Tubes', help: 'The whole ring: their girth is what the pins give.' }
    }
  },
  sleeveMm: { title: 'Length of a sleeve' },
  sleeveStitches: { title: 'Stitches at the top of a sleeve', help: 'Of one of its panels.' }
};
