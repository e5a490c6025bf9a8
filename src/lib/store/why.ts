/** Why a browser did not keep something, as far as it tells. */
export type Refusal = 'full' | 'closed' | 'gone' | 'unknown';

const NAMES: Readonly<Record<string, Refusal>> = {
  QuotaExceededError: 'full',
  InvalidStateError: 'closed',
  DatabaseClosedError: 'closed',
  OpenFailedError: 'closed',
  MissingAPIError: 'closed',
  SecurityError: 'closed',
  UnknownError: 'closed',
  Gone: 'gone'
};

/**
 * Why something could not be kept. The data base wraps what the browser said in errors of its own.
 *
 * @example whyRefused(new DOMException('', 'QuotaExceededError')) // 'full'
 */
export function whyRefused(error: unknown): Refusal {
  let why: Refusal = 'unknown';
  for (let at = error, depth = 0; at instanceof Error && depth < 8; depth++) {
    if (NAMES[at.name] === 'full') return 'full';
    why = NAMES[at.name] ?? why;
    at = 'inner' in at ? at.inner : at.cause;
  }
  return why;
}
