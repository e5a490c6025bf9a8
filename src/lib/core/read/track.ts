import type { Cue } from './cues';
import type { Step } from './steps';

/** How far a knitter is: rows cranked in all, and things confirmed since the last row. */
export interface Position {
  readonly rows: number;
  readonly ticks: number;
}

/** What comes next at the crank: a thing to confirm, a row to crank, or nothing more. */
export type Next =
  | { readonly do: 'confirm'; readonly step: Step; readonly text: string }
  | {
      readonly do: 'row';
      readonly step: Step;
      readonly row: number;
      readonly inSection: number;
      readonly ofSection: number;
    }
  | { readonly do: 'done' };

/** Confirmations that wait after so many rows, in order. */
function confirmsAt(steps: readonly Step[], rows: number): { step: Step; text: string }[] {
  const waiting: { step: Step; text: string }[] = [];
  let at = 0;
  for (const step of steps) {
    if (step.phase === 'finish') continue;
    if (step.rows) {
      if (step.before && step.rows.from - 1 === rows) waiting.push({ step, text: step.before });
      at = step.rows.to;
    } else if (at === rows) waiting.push({ step, text: step.detail });
  }
  return waiting;
}

/**
 * What comes next at the crank. A position from before an edit of the plan still has an answer: the row count is
 * the truth, confirmations beyond those that wait are dropped.
 *
 * @example nextAt(steps, { rows: 0, ticks: 0 }) // { do: 'confirm', step: 'Switch … to TUBE' }
 */
export function nextAt(steps: readonly Step[], position: Position): Next {
  const waiting = confirmsAt(steps, position.rows);
  const confirm = waiting[position.ticks];
  if (confirm) return { do: 'confirm', ...confirm };
  const row = position.rows + 1;
  const step = steps.find((s) => s.rows && s.rows.from <= row && row <= s.rows.to);
  if (!step?.rows) return { do: 'done' };
  return { do: 'row', step, row, inSection: row - step.rows.from + 1, ofSection: step.rows.to - step.rows.from + 1 };
}

/** Rows of all steps at the crank. @example rowsOf(steps) // 136 */
export const rowsOf = (steps: readonly Step[]): number => Math.max(0, ...steps.map((step) => step.rows?.to ?? 0));

/** How many rows ahead a cue is announced: enough to slow down, few enough to remember. */
export const ANNOUNCE_ROWS = 5;

/** A cue with the rows that are left until it is due. */
export type Ahead = Cue & { readonly inRows: number };

/** A colour change or the end of the rows is announced like any other cue. */
function changesOf(steps: readonly Step[]): Cue[] {
  return steps.flatMap((step): Cue[] =>
    step.rows && step.before
      ? [{ row: step.rows.from - 1, kind: 'last-row', sentence: `Change yarn: ${step.title}.` }]
      : []
  );
}

/**
 * The cue that is due now or comes next.
 *
 * @param rows rows cranked so far
 * @returns cues of this very row first, then the next one ahead
 */
export function cuesAhead(steps: readonly Step[], rows: number): Ahead[] {
  const cues = [...steps.flatMap((step) => step.cues), ...changesOf(steps)];
  const ahead = cues
    .filter((cue) => cue.row >= rows)
    .map((cue) => ({ ...cue, inRows: cue.row - rows }))
    .sort((a, b) => a.inRows - b.inRows);
  const next = ahead.find((cue) => cue.inRows > 0);
  return [...ahead.filter((cue) => cue.inRows === 0), ...(next ? [next] : [])];
}
