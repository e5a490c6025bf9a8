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

/** Longest that a thread may plan for one request, ms: of three times alone, the least. */
const LONGEST_MS = 250;

/**
 * Requests that ask for as much as they can: what once took longest.
 *
 * @param {(id: string) => object} yarn
 * @returns {[string, object][]}
 */
const large = (yarn) => {
  const yarns = ['red', 'blue'].map(yarn);
  const of = (
    /** @type {string} */ kind,
    /** @type {object} */ options,
    /** @type {object} */ kit = {},
    pins = 48
  ) => ({
    kit: { machines: [{ id: 'm', name: 'Wheel', pins }], yarns, ...kit },
    brief: { kind, name: 'x', machineId: 'm', options: { yarn: 'red', liningYarn: 'blue', ...options } }
  });
  const many = (/** @type {number} */ n) =>
    Array.from({ length: n }, (_, i) => yarn(i === 0 ? 'red' : i === 1 ? 'blue' : `y${i}`));
  const fault = (/** @type {number} */ i) => ({
    kind: 'dropped',
    piece: 0,
    copy: 1,
    row: 1 + (i % 100),
    pin: 1 + (i % 48),
    over: 1
  });
  const keys = Object.fromEntries(Array.from({ length: 70_000 }, (_, i) => [`k${i}`, i]));
  return [
    ['a chest of 1,970 mm by counts', of('waistcoat', { sizeBy: 'counts', chestMm: 1970, backRows: 600, frontRows: 600, armRows: 200, singles: 20, fronts: 'open' }, {}, 200)],
    ['6,000 yarns', of('lined-hat', {}, { yarns: many(6000) })],
    ['1,000 yarns', of('lined-hat', {}, { yarns: many(1000) })],
    ['300 faults', { ...of('lined-hat', {}), faults: Array.from({ length: 300 }, (_, i) => fault(i)) }],
    ['100 faults', { ...of('lined-hat', {}), faults: Array.from({ length: 100 }, (_, i) => fault(i)) }],
    ['70,000 choices', of('lined-hat', keys)],
    ['70,000 names', { ...of('lined-hat', {}), keys }],
    ['a blanket of 232 pieces', of('blanket', { widthMm: 3000, lengthMm: 897, blocks: 8, joinBy: 'weave' }, {}, 20)],
    ['a blanket of 160 pieces', of('blanket', { widthMm: 2050, lengthMm: 897, blocks: 8, joinBy: 'weave' }, {}, 20)],
    ['a blanket of 320,000 rows', of('blanket', { sizeBy: 'rows', strips: 16, stitches: 2, rows: 2508, blocks: 8, joinBy: 'machine' })],
    ['a blanket of 40,000 rows', of('blanket', { sizeBy: 'rows', strips: 16, stitches: 2, rows: 310, blocks: 8, mode: 'tube-as-panel', joinBy: 'machine' })]
  ]; // prettier-ignore
};

/**
 * @param {number} most how many requests
 * @returns {Promise<boolean>} whether none was answered by an error of the server, and none held a thread for too long
 */
export async function requests(most) {
  const { url, stop } = await serve({ port: 24742, demo: false, quiet: true });
  const next = random(20_261_126);
  const pick = (/** @type {any[]} */ list) => list[Math.floor(next() * list.length)];
  try {
    const { kinds } = await (await fetch(`${url}/api/kinds`)).json();
    const yarn = (/** @type {string} */ id) => ({
      id,
      name: 'Reedwick',
      weightClass: 4,
      label: { metres: 200, grams: 100 },
      colour: { name: id, hex: '#205080' }
    });
    const yarns = ['red', 'blue'].map(yarn);
    const bodyOf = () => {
      const kind = pick(kinds);
      /** @type {[string, any][]} */
      const fields = Object.entries(kind.options.properties);
      const options = Object.fromEntries(
        fields.flatMap(([key, field]) => {
          if (next() < 0.6) return [];
          if (field.enum) return [[key, pick(field.enum)]];
          // A third asks for as much as is taken.
          const at = next() < 0.3 ? 1 : next();
          return field.maximum ? [[key, Math.floor(field.minimum + at * (field.maximum - field.minimum))]] : [];
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
    /** Requests that held a thread for long, among others that were planned at the same time. */
    const slow = /** @type {string[]} */ ([]);
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
        if (took > LONGEST_MS) slow.push(asked);
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
    // Alone, three times, and never the same text: the service remembers what it has answered.
    const alone = async (/** @type {string} */ asked) => {
      const times = [];
      for (let i = 1; i <= 3; i++) {
        const answer = await fetch(`${url}/api/plan`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: asked + ' '.repeat(i) }); // prettier-ignore
        await answer.text();
        times.push(Number(/plan;dur=([\d.]+)/.exec(answer.headers.get('server-timing') ?? '')?.[1] ?? 0));
      }
      return Math.min(...times);
    };
    let longest = 0;
    for (const asked of slow) {
      const took = await alone(asked);
      if (took > LONGEST_MS) console.log(`${took} ms alone: ${asked}`);
      longest = Math.max(longest, took);
    }
    console.log(`${slow.length} took longer than ${LONGEST_MS} ms among the others; alone the longest of them ${longest} ms`); // prettier-ignore
    for (const [what, request] of large(yarn)) {
      const took = await alone(JSON.stringify(request));
      console.log(`${what}: ${took.toFixed(0)} ms`);
      longest = Math.max(longest, took);
    }
    const broke = Object.keys(statuses).some((status) => /500|broke/.test(status));
    if (statuses[503]) console.log(`${statuses[503]} were asked to come again`);
    return !broke && !statuses[503] && longest <= LONGEST_MS;
  } finally {
    stop();
  }
}
