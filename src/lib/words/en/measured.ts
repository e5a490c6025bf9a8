import type { Words } from '../words';

const GARMENT = {
  neck: 'Neck, all round',
  shoulder: 'Shoulder',
  armhole: 'Armhole, all round',
  sleeve: 'Top of the sleeve'
} as const;

/** What is measured on a finished piece. */
export const measurable: Words['measurable'] = (what, of) => {
  switch (what.of) {
    case 'length':
      return `Length of the ${of.piece(what.piece)}`;
    case 'width':
      return `Width of the ${of.piece(what.piece)}, lying flat`;
    case 'finished':
      return of.figure(what.named);
    case 'garment':
      return GARMENT[what.place];
    case 'weight':
      return 'Weight';
  }
};

/** What a finished piece taught, in a sentence for each yarn, and what the next one asks for. */
export const lesson: Words['lesson'] = ({ courses, wales, forgotten }, yarn, t) => {
  const rows = `${t.num(courses.after.value, 2)} ${t.terms.row}s to a cm`;
  const was = t.num(courses.before.value, 2);
  if (forgotten) return `${yarn}: what this piece said is set aside; ${was} ${t.terms.row}s to a cm are believed.`;
  const moved = Math.abs(wales.after.value / wales.before.value - 1) > 0.005;
  const across = moved ? `, and ${t.num(wales.after.value, 2)} stitches, not ${t.num(wales.before.value, 2)}` : '';
  return was === t.num(courses.after.value, 2) && !moved
    ? `${yarn} knits as it was believed: ${rows}.`
    : `${yarn} knits ${rows} here, not ${was}${across}.`;
};

export const nextTime: Words['nextTime'] = ({ piece, before, after }, t) =>
  before === after
    ? `The next ${piece.toLowerCase()} asks for ${t.rows(after)}, as this one did.`
    : `The next ${piece.toLowerCase()} asks for ${t.rows(after)} instead of ${t.num(before)}.`;
