// Damaged requests, eight at once: none is answered by 500, and health answers all the while.
import { serve } from '../serve.mjs';

/** Numbers that look random and are the same every time (Park and Miller, Communications of the ACM 31, 1988). @param {number} seed */
const random = (seed) => () => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647;

const STRANGE = [
  'null',
  'true',
  '""',
  '"\\u0000"',
  '"constructor"',
  '"__proto__"',
  '-1',
  '1e308',
  '1e999',
  '[]',
  '{}',
  '[[[[]]]]',
  '"'.padEnd(3000, 'a') + '"',
  '{"a":'.repeat(200) + '1' + '}'.repeat(200)
];

/**
 * @param {number} most how many requests
 * @returns {Promise<boolean>} whether none was answered by an error of the server
 */
export async function requests(most) {
  const { url, stop } = await serve({ port: 24742, demo: false, quiet: true });
  const next = random(20_261_126);
  const pick = (/** @type {any[]} */ list) => list[Math.floor(next() * list.length)];
  try {
    const { kinds } = await (await fetch(`${url}/api/kinds`)).json();
    const yarns = ['red', 'blue'].map((id) => ({
      id,
      name: 'Reedwick',
      weightClass: 4,
      label: { metres: 200, grams: 100 },
      colour: { name: id, hex: '#205080' }
    }));
    const bodyOf = () => {
      const kind = pick(kinds);
      /** @type {[string, any][]} */
      const fields = Object.entries(kind.options.properties);
      const options = Object.fromEntries(
        fields.flatMap(([key, field]) => {
          if (next() < 0.6) return [];
          if (field.enum) return [[key, pick(field.enum)]];
          return field.maximum ? [[key, Math.round(field.minimum + next() * (field.maximum - field.minimum))]] : [];
        })
      );
      return JSON.stringify({
        kit: { machines: [{ id: 'm', name: 'Wheel', pins: pick([4, 20, 48, 200]) }], yarns },
        brief: { kind: kind.code, name: 'x', machineId: 'm', options: { yarn: 'red', liningYarn: 'blue', ...options } }
      });
    };
    const damaged = () => {
      let text = bodyOf();
      for (let blows = Math.floor(next() * 4); blows > 0; blows--) {
        const at = Math.floor(next() * text.length);
        const what = next();
        if (what < 0.3) text = text.slice(0, at) + text.slice(at + 1 + Math.floor(next() * 20));
        else if (what < 0.7)
          text = text.replace(/:("[^"]*"|-?\d+|\[[^\][]*\])/g, (m) => (next() < 0.06 ? `:${pick(STRANGE)}` : m));
        else text = text.slice(0, at) + pick(['"', '{', ']', ',', '\u0000', '9', '\\']) + text.slice(at);
      }
      return text;
    };
    /** @type {Record<string, number>} */
    const statuses = {};
    const times = /** @type {number[]} */ ([]);
    const health = /** @type {number[]} */ ([]);
    let sent = 0;
    let done = false;
    const watch = (async () => {
      while (!done) {
        const began = performance.now();
        const { status } = await fetch(`${url}/api/health`);
        health.push(performance.now() - began);
        if (status !== 200) statuses[`health ${status}`] = (statuses[`health ${status}`] ?? 0) + 1;
        await new Promise((go) => setTimeout(go, 20));
      }
    })();
    const send = async () => {
      while (sent < most) {
        sent++;
        const asked = damaged();
        const answer = await fetch(`${url}/api/plan`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: asked
        });
        const said = await answer.text();
        const took = Number(/plan;dur=([\d.]+)/.exec(answer.headers.get('server-timing') ?? '')?.[1] ?? 0);
        times.push(took);
        if (took > 250) console.log(`${took} ms:`, asked);
        // A plan that broke off is a fault of ours, whatever number it is answered with.
        const broke = said.includes('could not be made');
        if ((broke && !statuses.broke) || answer.status === 503) console.log(said.slice(0, 120), asked);
        const what = broke ? 'broke' : answer.status;
        statuses[what] = (statuses[what] ?? 0) + 1;
        if (sent % 4000 === 0 && sent < most) console.log(`${sent} requests, ${JSON.stringify(statuses)}`);
      }
    };
    await Promise.all(Array.from({ length: 8 }, send));
    done = true;
    await watch;
    const spread = (/** @type {number[]} */ list) => {
      list.sort((a, b) => a - b);
      const at = (/** @type {number} */ share) => list[Math.floor((list.length - 1) * share)]?.toFixed(1);
      return `median ${at(0.5)} ms, p99 ${at(0.99)} ms, most ${at(1)} ms`;
    };
    console.log(`${sent} requests: ${JSON.stringify(statuses)}; planning: ${spread(times)}`);
    console.log(`health meanwhile, ${health.length} times: ${spread(health)}`);
    return !Object.keys(statuses).some((status) => status.includes('500') || status === 'broke');
  } finally {
    stop();
  }
}
