import type { Finding } from '$lib/core/plan';
import type { Result } from '$lib/core/tomble';
import { speak } from './speak';

/** A result whose findings all have their sentence, in the knitter's words: what screens and files show. */
export function worded(result: Result): Result {
  if (!result.findings.some((f) => f.about)) return result;
  const say = speak(result);
  return {
    ...result,
    findings: result.findings.map((f): Finding => (f.about ? { ...f, sentence: say.finding(f) } : f))
  };
}
