import type { Words } from '../words';

/** What a button does. */
export const remedies: Words['remedies'] = {
  machine: (f, t) => `Knit it on ${t.ring(f.machine)}`,
  strands: (f, t) => (f.strands === 1 ? 'Knit one strand' : `Knit ${t.num(f.strands)} strands together`),
  loopsByGap: () => 'Let the gap decide the length of the loops',
  decide: (f, t) => `Let the ${f.by} decide: ${t.rows(f.rows)}`,
  rows: (f, t) => `Knit ${f.all ? 'all ' : ''}${t.rows(f.rows)}`,
  neckRows: (f, t) => `Make the neck ${t.rows(f.rows)}`,
  frontAsBack: (f, t) =>
    f.what === 'side' ? `Knit the front ${t.rows(f.rows)} to the underarm too` : 'Knit the front as long as the back',
  backAsFront: () => 'Knit the back as long as the front',
  deeper: (f, t) => `Make the armhole ${t.len(f.mm)} deeper`,
  shoulderWider: (f, t) => `Make each shoulder ${t.stitches(f.stitches)} wider`,
  neckNarrower: (f, t) => `Make the neck ${t.len(f.mm)} wide`,
  sleevePanels: () => 'Knit the sleeves as panels',
  morePanels: (f, t) => `Knit ${t.many(f.panels, 'panel', 'panels')} under each arm`,
  oneYarn: () => 'Knit both in the same yarn',
  liningAsOutside: (f, t) => `Give the lining ${t.rows(f.rows)} too`,
  margin: (f, t) => `Give the lining ${t.rows(f.rows)} more`,
  cuff: (f, t) => `Pick up ${t.stitches(f.stitches)}`,
  turnUp: (f, t) => `Turn up ${t.len(f.mm)}`,
  yarn: (f, t) => `Take ${t.yarn(f.yarn)}${f.grams === null ? '' : `: ${t.mass(f.grams)} at hand`}`,
  wasteYarn: (f, t) => `Use ${t.yarn(f.yarn)}`,
  thread: (f, t) => `Draw with ${t.yarn(f.yarn)}`,
  doubled: () => 'Draw with the thread doubled',
  noSeparator: (_f, t) => `Leave the separator ${t.terms.row} out`,
  wasteRows: (f, t) => `Knit ${t.rows(f.rows)} of waste`,
  repeatStripes: () => 'Repeat the stripes to the end',
  hang: (f, t) => `Hang ${t.num(f.count)}`,
  leaveOff: (f) => ({ pompoms: 'Leave the pompoms off', trim: 'Leave the top plain', cords: 'Leave the cords off', straps: 'Leave the straps off', buttons: 'Leave the buttons off' })[f.what], // prettier-ignore
  bandWider: (f, t) => `Make the band ${t.len(f.mm)} wide`,
  fewerButtons: (f, t) => `Take ${t.many(f.count, 'button', 'buttons')}`,
  buttonWider: (f, t) => `Take a button of ${t.small(f.mm)}`,
  patchRow: (f, t) => `Sew it at ${t.row(f.row)}`,
  fitColours: (f, t) => `Fit the colours to ${t.rows(f.rows)}`,
  clearFold: (f, t) => `Move the change by ${t.rows(Math.abs(f.rows))}`,
  embroider: () => 'Embroider the eyes',
  deepV: () => 'Make the V deep enough',
  top: (f, t) => `Make the top ${t.stitches(f.stitches)} wide`,
  longer: (f, t) => `Make it ${t.rows(f.rows)} long`
};
