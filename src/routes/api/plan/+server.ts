import { readLimited } from '$lib/formats/body-limit';
import { type Packed, packed, packedResponse } from '$lib/server/packed';
import { planText, type TextAnswer, tooLarge } from '$lib/server/plan-text';
import type { RequestHandler } from './$types';

/** An answer from the pool of threads: when to come again, or how long the planning took. */
interface PoolAnswer extends TextAnswer {
  readonly retryAfter?: number;
  readonly ms?: number;
  /** The same was asked before: the very same answer, packed once for all who ask. */
  readonly again?: true;
}

/** Answers that were asked for more than once, packed; they go when the pool lets them go. */
const packs = new WeakMap<PoolAnswer, Promise<Packed>>();

function packedOnce(answer: PoolAnswer): Promise<Packed> {
  const known = packs.get(answer) ?? packed(answer.body, 5);
  packs.set(answer, known);
  return known;
}

/** What the server's pool of threads offers a request; absent where the pages are served by a tool of development. */
interface Pool {
  readonly plan?: (text: string) => Promise<PoolAnswer>;
}

/** The whole computation without a browser: a kit and a brief in, the executed plan out. */
export const POST: RequestHandler = async ({ request, platform }) => {
  const body = await readLimited(request);
  if ('refused' in body && body.refused === 'broken-off') return new Response(null, { status: 400 });
  const { plan } = (platform as { req?: Pool } | undefined)?.req ?? {};
  const answer: PoolAnswer = 'refused' in body ? tooLarge() : plan ? await plan(body.text) : planText(body.text);
  const headers: Record<string, string> = { 'content-type': 'application/json', 'cache-control': 'no-store' };
  // Whoever sends too much begins anew, on a connection of its own.
  if ('refused' in body) headers['connection'] = 'close';
  if (answer.again) return packedResponse(request, await packedOnce(answer), { ...headers, vary: 'accept-encoding' });
  if (answer.retryAfter) headers['retry-after'] = String(answer.retryAfter);
  // How long the planning itself took, without the waiting (W3C Server Timing).
  if (answer.ms !== undefined) headers['server-timing'] = `plan;dur=${answer.ms.toFixed(1)}`;
  return new Response(answer.body, { status: answer.status, headers });
};
