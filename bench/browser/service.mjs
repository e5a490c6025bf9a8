// How often the service answers, eight asking at once: health against a plan and the list of kinds.
import { Agent, request } from 'node:http';
import { of } from './statistics.mjs';

const AT_ONCE = 8;

/**
 * Asks again and again for a while.
 *
 * @param {URL} url
 * @param {(() => string) | null} body
 * @param {number} ms
 * @returns {Promise<number>} answers a second
 */
async function rate(url, body, ms) {
  const agent = new Agent({ keepAlive: true, maxSockets: AT_ONCE });
  const ask = () =>
    new Promise((resolve, reject) => {
      const headers = { 'accept-encoding': 'br, gzip', ...(body ? { 'content-type': 'application/json' } : {}) };
      const asked = request(url, { agent, method: body ? 'POST' : 'GET', headers }, (answer) => {
        if (answer.statusCode !== 200) reject(new Error(`${url.pathname} answered ${answer.statusCode}`));
        answer.on('data', () => {});
        answer.on('end', resolve);
      });
      asked.on('error', reject);
      asked.end(body?.());
    });
  const until = performance.now() + ms;
  const from = performance.now();
  let answers = 0;
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      while (performance.now() < until) {
        await ask();
        answers++;
      }
    })
  );
  agent.destroy();
  return (answers / (performance.now() - from)) * 1000;
}

/** @param {string} url @param {string} hat a request for the plan of a lined hat */
export async function service(url, hat) {
  const [health, plan, kinds] = ['health', 'plan', 'kinds'].map((name) => new URL(`/api/${name}`, url));
  const rates = { health: [], plan: [], fresh: [], kinds: [] };
  // The same one, and one that was never asked before: as costly, and nothing may be remembered of it.
  const { brief, ...rest } = JSON.parse(hat);
  let asked = 0;
  const another = () => JSON.stringify({ ...rest, brief: { ...brief, name: `Hat ${Date.now()} ${++asked}` } });
  for (let turn = 0; turn < 12; turn++) {
    // The first two turns warm the server and are not counted.
    const now = {
      health: await rate(health, null, 500),
      plan: await rate(plan, () => hat, 500),
      fresh: await rate(plan, another, 500),
      kinds: await rate(kinds, null, 500)
    };
    if (turn > 1) for (const [name, value] of Object.entries(now)) rates[name].push(1 / value);
  }
  const [a, b, c, d] = [of(rates.health), of(rates.plan), of(rates.kinds), of(rates.fresh)];
  return [
    {
      what: 'POST /api/plan of a lined hat, in answers of health, 8 at once',
      least: b.least / a.least,
      median: b.median / a.median,
      limit: 5
    },
    {
      what: 'the same where each asks for another one, likewise',
      least: d.least / a.least,
      median: d.median / a.median,
      limit: null
    },
    { what: 'GET /api/kinds, likewise', least: c.least / a.least, median: c.median / a.median, limit: 1.5 }
  ];
}
