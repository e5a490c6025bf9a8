import type { Words } from '../words';

/** What the edge at which the yarn is seen says of the count. */
export const yarnEdge: Words['yarnEdge'] = ({ expected, said, off }, row, t) => {
  const count = row > 0 ? t.row(row) : `the first ${t.terms.row}`;
  const when = row > 0 ? 'After' : 'Before';
  if (off === 0) return `So it should be: ${when.toLowerCase()} ${count} the yarn stands at ${t.pin(expected)}.`;
  return `${when} ${count} it stands at ${t.pin(expected)}, not at ${t.pin(said)}: the count is off by ${t.rows(off)}, or by another odd number. Count the last ${t.terms.row}s on the fabric before you shape.`;
};
