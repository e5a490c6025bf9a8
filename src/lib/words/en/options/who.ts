import type { OptionWords } from '../../options';

/** Whom it is for and how big it is. */
export const who: Readonly<Record<string, OptionWords>> = {
  wearer: { title: 'For', choices: { adult: 'Adult', child: 'Child', baby: 'Baby', thing: 'Soap, lamps, things' } },
  headMm: { title: 'Head girth', help: 'Round the brow and the back of the head, tape snug.' },
  turnUpMm: { title: 'Turned-up brim', help: '0 for a hat without a turn-up.' },
  heightMm: { title: 'Finished height', help: 'Lying flat, the brim as worn.' },
  rows: { title: 'Rows' },
  bandRows: {
    title: 'Rows of the band',
    help: 'The band lies astride the fold: half of it shows on the brim, half is hidden under it.'
  },
  outsideRows: { title: 'Rows of the outside' },
  liningRows: { title: 'Rows of the lining' },
  shoulderMm: { title: 'From the shoulder down to the upper edge', help: 'A strap takes twice as much.' },
  tubeMm: {
    title: 'Length of the tube',
    help: 'The whole tube, stretched and at rest: 52 to 57 cm for a fitted hat of a grown-up.'
  },
  brimMm: { title: 'Height of the brim', help: 'As worn, doubled.' },
  brimRows: { title: 'Rows of the brim', help: 'An even count; half of them is its height.' },
  bodyRows: { title: 'Rows above it' },
  lengthMm: { title: 'Length' },
  turns: {
    title: 'Round the neck',
    choices: {
      once: { label: 'Once', help: 'Snug: it stretches over the head.' },
      twice: { label: 'Twice', help: 'Long and loose.' }
    }
  },
  front: {
    title: 'Front',
    choices: {
      twist: { label: 'Twisted', help: 'Both ends folded to a U, locked into each other.' },
      plain: { label: 'Plain', help: 'End sewn to end; the seam goes to the back.' }
    }
  },
  limb: { title: 'For the', choices: { wrist: 'Wrist and hand', leg: 'Leg' } },
  handMm: { title: 'Hand girth', help: 'Round the knuckles, thumb left out.' },
  calfMm: { title: 'Calf girth', help: 'Round the widest part of the lower leg.' },
  pair: { title: 'Two of them' },
  footMm: { title: 'Foot length', help: 'Heel to the longest toe, standing.' },
  footGirthMm: { title: 'Foot girth', help: 'Round the ball of the foot.' },
  cuffMm: { title: 'Cuff above the heel' },
  chestMm: { title: 'Chest', help: 'Round the fullest part, tape level.' },
  spanMm: { title: 'Below one elbow to below the other', help: 'Over the back, arms held out.' },
  neckMm: { title: 'Neck, straight across' },
  bodyMm: { title: 'Head and body' },
  sleeveRows: { title: 'Rows of shoulder and sleeve' },
  neckRows: { title: 'Rows of the neck' },
  sold: { title: 'It will be sold or given to strangers' },
  legMm: { title: 'Legs' },
  wings: { title: 'Two wings', help: 'Short tubes, drawn at the tip, sewn to the back.' },
  tail: { title: 'A tail' },
  longer: { title: 'Rows more than a ball', help: 'A little taller than round.' },
  earMm: { title: 'Ears' },
  armMm: { title: 'Arms' },
  hat: { title: 'A little hat' },
  easeMm: { title: 'Ease', help: 'How much wider than the body.' },
  crossBackMm: { title: 'Cross back', help: 'Shoulder point to shoulder point.' },
  upperArmMm: { title: 'Upper arm', help: 'Round the widest part.' },
  armholeMm: { title: 'Armhole depth' },
  halfStitches: { title: 'Cast on for a half', help: 'One back or front, seams included.' },
  sideStitches: { title: 'Cast on for a panel under the arm', help: '0 for none.' },
  backRows: { title: 'Back, hem to underarm' },
  frontRows: { title: 'Front, hem to underarm' },
  armRows: { title: 'Back, underarm to shoulder' },
  frontArmRows: { title: 'Front, underarm to shoulder' },
  heldStitches: { title: 'Held at the underarm', help: 'At once.' },
  singles: { title: 'Then one by one', help: 'Every other row.' },
  shoulderStitches: { title: 'Stitches of a shoulder' },
  shoulderGroups: { title: 'Groups of a sloped shoulder' }
};
