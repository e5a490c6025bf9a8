import Papa from 'papaparse';
import { PURPOSES } from '$lib/core/knit';
import { pieceAt, PLACE_WORDS, PLACES } from '$lib/core/read';
import type { Readings } from '$lib/core/tomble';
import { FORMULA } from './formula';

/** Columns of the row table, in order. */
export const ROW_COLUMNS = [
  'piece',
  'row in all',
  'row in section',
  'section',
  'purpose',
  'yarn',
  'colour',
  'stitches',
  'counter shows',
  'place when worn'
] as const;

/**
 * Every row of every piece as CSV, with both counts. Cells that a spreadsheet would run as a formula are made
 * harmless.
 */
export function rowTable(result: Readings): string {
  const data = result.fabric.pieces.flatMap((piece, p) => {
    const { label, operations } = pieceAt(result, p).planned;
    return Array.from({ length: piece.rows }, (_, row) => {
      const op = operations[piece.operation[row]!]!;
      const yarn = result.yarns[piece.yarn[row]!]!;
      const counter = piece.counter[row]!;
      return [
        label,
        row + 1,
        piece.inSection[row],
        op.op === 'knit' ? op.section : '',
        PURPOSES[piece.purpose[row]!],
        yarn.name,
        yarn.colour.name,
        piece.stitches[row],
        counter < 0 ? '' : counter,
        PLACE_WORDS[PLACES[result.reveal.pieces[p]!.place[row]!]!]
      ];
    });
  });
  return Papa.unparse({ fields: [...ROW_COLUMNS], data }, { escapeFormulae: FORMULA, newline: '\n' });
}
