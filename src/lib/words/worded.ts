import type { Finding, Fix } from '$lib/core/plan';
import type { Result } from '$lib/core/tomble';
import { speak } from './speak';

/** A remedy with what its button says. */
export interface SaidFix extends Fix {
  readonly label: string;
}

/** A judgement with its sentence. */
export interface SaidFinding extends Omit<Finding, 'fix'> {
  readonly sentence: string;
  readonly fix?: SaidFix;
}

/** A result whose findings are in words. */
export type SaidResult = Omit<Result, 'findings'> & { readonly findings: readonly SaidFinding[] };

/** A result whose findings all have their sentence, in the knitter's words: what screens and files show. */
export function worded(result: Result): SaidResult {
  const say = speak(result);
  const findings = result.findings.map(({ fix, ...finding }): SaidFinding => ({
    ...finding,
    sentence: say.finding(finding),
    ...(fix ? { fix: { ...fix, label: say.remedy(fix) } } : {})
  }));
  return { ...result, findings };
}
