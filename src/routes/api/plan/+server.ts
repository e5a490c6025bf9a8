import { readLimited } from '$lib/formats/body-limit';
import { planText, type TextAnswer, tooLarge } from '$lib/server/plan-text';
import type { RequestHandler } from './$types';

/** What the server's pool of threads offers a request; absent where the pages are served by a tool of development. */
interface Pool {
  readonly plan?: (text: string) => Promise<TextAnswer & { readonly retryAfter?: number }>;
}

/** The whole computation without a browser: a kit and a brief in, the executed plan out. */
export const POST: RequestHandler = async ({ request, platform }) => {
  const text = await readLimited(request);
  const { plan } = (platform as { req?: Pool } | undefined)?.req ?? {};
  const answer = text === null ? tooLarge() : plan ? await plan(text) : planText(text);
  const headers: Record<string, string> = { 'content-type': 'application/json', 'cache-control': 'no-store' };
  if ('retryAfter' in answer && answer.retryAfter) headers['retry-after'] = String(answer.retryAfter);
  return new Response(answer.body, { status: answer.status, headers });
};
