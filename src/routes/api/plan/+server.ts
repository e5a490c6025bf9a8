import { json } from '@sveltejs/kit';
import { echo, wordFault } from '$lib/core/quantity';
import { planFrom } from '$lib/core/tomble';
import { LARGEST_BODY, readLimited } from '$lib/formats/body-limit';
import { planAnswer } from '$lib/formats/plan-answer';
import type { RequestHandler } from './$types';

/** Faults listed in one answer; a body of noise would otherwise be answered by a longer one. */
const MOST_FAULTS = 100;

const fault = (path: string, reason: string): { path: string; reason: string } => ({ path, reason });

/** The whole computation without a browser: a kit and a brief in, the executed plan out. */
export const POST: RequestHandler = async ({ request }) => {
  const text = await readLimited(request);
  if (text === null) {
    const reason = `The body must be at most ${LARGEST_BODY} bytes; received more.`;
    return json({ faults: [fault('', reason)] }, { status: 413 });
  }
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch {
    return json(
      { faults: [fault('', `The body must be JSON; received ${echo(text.slice(0, 24))}.`)] },
      { status: 400 }
    );
  }
  const planned = planFrom(input);
  if (planned.ok) return json(planAnswer(planned.value));
  const faults = planned.faults.slice(0, MOST_FAULTS).map((f) => fault(f.path, wordFault(f)));
  return json({ faults }, { status: 400 });
};
