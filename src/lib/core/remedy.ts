import { changed, type Finding, type Fix, type Weight } from './plan';
import { type Result, tryPlan } from './tomble';

/**
 * A remedy is tried before it is offered: the project is planned with it, and it is kept only when it does mend.
 */

const GRAVITY: Readonly<Record<Weight, number>> = { stop: 3, warn: 2, note: 1 };

/** The gravest finding of a code, 0 for none. */
const gravest = (findings: readonly Finding[], code: string): number =>
  Math.max(0, ...findings.filter((f) => f.code === code).map((f) => GRAVITY[f.weight]));

/** Findings of a code that weigh at least so much. */
const count = (findings: readonly Finding[], code: string, gravity: number): number =>
  findings.filter((f) => f.code === code && GRAVITY[f.weight] >= gravity).length;

/**
 * Whether a plan is better for a remedy: the finding is gone or weaker, and nothing that weighs as much has come in.
 *
 * @param before what was found, and the finding that is to be mended
 * @param after what is found with the remedy
 */
function mends(before: readonly Finding[], finding: Finding, after: readonly Finding[]): boolean {
  const own = GRAVITY[finding.weight];
  if (count(after, finding.code, own) >= count(before, finding.code, own)) return false;
  return after.every(
    (f) => f.code === finding.code || GRAVITY[f.weight] < own || gravest(before, f.code) >= GRAVITY[f.weight]
  );
}

/**
 * Tries the remedies of one finding in their order.
 *
 * @returns the first that mends it, or undefined
 * @example remedyOf(result, finding)?.remedy // { code: 'rows', rows: 137 }
 */
export function remedyOf({ kit, brief, findings }: Result, finding: Finding): Fix | undefined {
  return finding.remedies?.find(({ change }) => {
    const mended = tryPlan(kit, changed(brief, change));
    return mended.ok && mends(findings, finding, mended.value.findings);
  });
}

/**
 * A result whose findings carry the remedy that was tried and mends them. It plans once for every remedy that is tried, so
 * it is asked for where remedies are shown, not at every plan.
 */
export function tried(result: Result): Result {
  if (!result.findings.some((f) => f.remedies)) return result;
  return {
    ...result,
    findings: result.findings.map((finding): Finding => {
      const fix = remedyOf(result, finding);
      return fix ? { ...finding, fix } : finding;
    })
  };
}
