import { echo, type Fault, wordFault } from '$lib/core/quantity';
import { planFrom } from '$lib/core/tomble';
import { LARGEST_BODY } from '$lib/formats/body-limit';
import { planAnswer } from '$lib/formats/plan-answer';
import { extentFault, textFault } from './request-bounds';

/** An answer of the service before it is sent. */
export interface TextAnswer {
  readonly status: number;
  readonly body: string;
}

/** Faults listed in one answer; a body of noise would otherwise be answered by a longer one. */
const MOST_FAULTS = 100;

const refused = (status: number, ...faults: readonly { path: string; reason: string }[]): TextAnswer => ({
  status,
  body: JSON.stringify({ faults })
});

const worded = (fault: Fault & { path: string }): { path: string; reason: string } => ({
  path: fault.path,
  reason: wordFault(fault)
});

/** What is said of a body that is larger than the service reads. */
export const tooLarge = (): TextAnswer =>
  refused(413, { path: '', reason: `The body must be at most ${LARGEST_BODY} bytes; received more.` });

/**
 * The whole computation from text to text: what `POST /api/plan` answers to a body. It never throws.
 *
 * @example planText('{"kit": …, "brief": …}') // { status: 200, body: '{"plan":…' }
 */
export function planText(text: string): TextAnswer {
  const tangled = textFault(text);
  if (tangled) return refused(400, tangled);
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch {
    return refused(400, { path: '', reason: `The body must be JSON; received ${echo(text.slice(0, 24))}.` });
  }
  const large = extentFault(input);
  if (large) return refused(400, large);
  const planned = planFrom(input);
  return planned.ok
    ? { status: 200, body: JSON.stringify(planAnswer(planned.value)) }
    : refused(400, ...planned.faults.slice(0, MOST_FAULTS).map(worded));
}
