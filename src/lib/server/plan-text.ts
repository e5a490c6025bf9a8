import { echo, type Fault, wordFault } from '$lib/core/quantity';
import { planFrom } from '$lib/core/tomble';
import { LARGEST_BODY } from '$lib/formats/body-limit';
import { planAnswer } from '$lib/formats/plan-answer';

/** An answer of the service before it is sent. */
export interface TextAnswer {
  readonly status: number;
  readonly body: string;
}

/** Faults listed in one answer; a body of noise would otherwise be answered by a longer one. */
const MOST_FAULTS = 100;
/** Deepest that lists and objects may lie in each other; the deepest sound request has eight. */
const DEEPEST = 64;
/** Most measurements the service works a gauge out from: years of swatches and finished pieces (own estimate, no source). */
const MOST_MEASURED = 2000;

const refused = (status: number, ...faults: readonly { path: string; reason: string }[]): TextAnswer => ({
  status,
  body: JSON.stringify({ faults })
});

/** How deep lists and objects of a JSON text lie in each other, strings left out; counted until it is too deep. */
function depthOf(text: string): number {
  let [depth, deepest] = [0, 0];
  let quoted = false;
  for (let i = 0; i < text.length && deepest <= DEEPEST; i++) {
    const c = text[i];
    if (c === '\\') i++;
    else if (c === '"') quoted = !quoted;
    else if (!quoted && (c === '{' || c === '[')) deepest = Math.max(deepest, ++depth);
    else if (!quoted && (c === '}' || c === ']')) depth--;
  }
  return deepest;
}

/** Measurements of a kit as it came in, whatever else it may hold. */
function measured(input: unknown): number {
  const kit: unknown = typeof input === 'object' && input !== null && 'kit' in input ? input.kit : null;
  if (typeof kit !== 'object' || kit === null) return 0;
  const lists = [
    'swatches' in kit && Array.isArray(kit.swatches) ? (kit.swatches as unknown[]) : [],
    'finished' in kit && Array.isArray(kit.finished) ? (kit.finished as unknown[]) : []
  ];
  const more = (entry: unknown): number =>
    typeof entry === 'object' && entry !== null && 'more' in entry && Array.isArray(entry.more) ? entry.more.length : 0;
  return lists.flat().reduce<number>((sum, entry) => sum + 1 + more(entry), 0);
}

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
  if (depthOf(text) > DEEPEST)
    return refused(400, {
      path: '',
      reason: `The body must nest lists and objects at most ${DEEPEST} deep; received more.`
    });
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch {
    return refused(400, { path: '', reason: `The body must be JSON; received ${echo(text.slice(0, 24))}.` });
  }
  const many = measured(input);
  if (many > MOST_MEASURED)
    return refused(400, {
      path: 'kit',
      reason: `kit must hold at most ${MOST_MEASURED} measurements, swatches and finished pieces together; received ${many}.`
    });
  const planned = planFrom(input);
  return planned.ok
    ? { status: 200, body: JSON.stringify(planAnswer(planned.value)) }
    : refused(400, ...planned.faults.slice(0, MOST_FAULTS).map(worded));
}
