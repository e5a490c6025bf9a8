import { readFileSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import { expect, test } from './quiet';

/** The fenced block of docs/api.md that follows a heading: the example is what the documentation shows. */
function block(heading: string): string {
  const text = readFileSync('docs/api.md', 'utf8');
  const found = text.slice(text.indexOf(heading)).match(/```json\n([^]*?)```/);
  if (!found) throw new Error(`docs/api.md has no example under ${heading}`);
  return found[1]!;
}
const example = JSON.parse(block('### Request')) as { kit: object; brief: { options: object } };

test('the documented request gives what the documentation shows', async ({ request }) => {
  const answer = await request.post('/api/plan', { data: example });
  expect(answer.status()).toBe(200);
  const body = (await answer.json()) as object;
  expect(Object.keys(body).sort()).toEqual([
    'cuts',
    'figures',
    'findings',
    'made',
    'outline',
    'plan',
    'reveal',
    'steps',
    'verdict',
    'yarn'
  ]);
  expect(body).toMatchObject(JSON.parse(block('### Answer')) as Record<string, unknown>);
});

test('a documented fault is answered as documented', async ({ request }) => {
  const data = { ...example, brief: { ...example.brief, options: { ...example.brief.options, headMm: 5000 } } };
  const answer = await request.post('/api/plan', { data });
  expect(answer.status()).toBe(400);
  expect(await answer.json()).toEqual(JSON.parse(block('### Faults')));
});

for (const [what, data, status, reason] of [
  ['no JSON', Buffer.from('pins=48'), 400, /must be JSON; received "pins=48"/],
  ['nothing', Buffer.from(''), 400, /must be JSON; received nothing/],
  ['a list', Buffer.from('[]'), 400, /must be an object; received \[\]/],
  [
    'no machine',
    Buffer.from('{"kit":{"machines":[],"yarns":[]},"brief":{}}'),
    400,
    /kit\.machines must have at least 1 entry/
  ],
  ['too much', Buffer.alloc(1024 * 1024 + 1, 32), 413, /must be at most 1048576 bytes/]
] as const) {
  test(`${what} is refused with a reason and no trace`, async ({ request }) => {
    const answer = await request.post('/api/plan', { data, headers: { 'content-type': 'application/json' } });
    expect(answer.status()).toBe(status);
    const text = await answer.text();
    const { faults } = JSON.parse(text) as { faults: { path: string; reason: string }[] };
    expect(
      faults.some((fault) => reason.test(fault.reason)),
      text
    ).toBe(true);
    expect(text).not.toMatch(/\bat .+:\d+:\d+|node_modules|\/src\//);
  });
}

test('a body just under the limit is read', async ({ request }) => {
  const text = JSON.stringify(example);
  const data = Buffer.from(text + ' '.repeat(1024 * 1024 - text.length));
  expect((await request.post('/api/plan', { data, headers: { 'content-type': 'application/json' } })).status()).toBe(
    200
  );
});

test('health, and the schema of the project file', async ({ request }) => {
  expect(await (await request.get('/api/health')).json()).toMatchObject({ ok: true, demo: true });
  const schema = (await (await request.get('/api/schema/project')).json()) as object;
  const ajv = new Ajv2020({ strict: false });
  addFormats(ajv);
  const file = { format: 'tomble-project', version: 1, exportedAt: '2026-11-05T08:00:00Z', ...example };
  expect(ajv.validate(schema, file), ajv.errorsText()).toBe(true);
  expect(ajv.validate(schema, { ...file, version: 2 })).toBe(false);
});

test('an address that is not there is a page, and other methods are refused', async ({ request }) => {
  expect((await request.get('/api/plan')).status()).toBe(405);
  const missing = await request.get('/nowhere');
  expect(missing.status()).toBe(404);
  expect(await missing.text()).not.toMatch(/\bat .+:\d+:\d+|node_modules/);
});

test('what never changes is answered packed, and not sent twice', async ({ request }) => {
  for (const path of ['/api/kinds', '/api/schema/project', '/api/schema/made']) {
    const first = await request.get(path, { headers: { 'accept-encoding': 'br' } });
    expect(first.status(), path).toBe(200);
    expect(first.headers()['content-encoding'], path).toBe('br');
    const { etag } = first.headers();
    expect(etag, path).toBeTruthy();
    const again = await request.get(path, { headers: { 'if-none-match': etag! } });
    expect(again.status(), path).toBe(304);
    expect(await again.text()).toBe('');
    // Who cannot unpack it gets the same in plain text.
    const plain = await request.get(path, { headers: { 'accept-encoding': 'identity' } });
    expect(plain.headers()['content-encoding'], path).toBeUndefined();
    expect(await plain.json()).toEqual(await first.json());
  }
});

test('pages and plans are packed, and everything says how long it may be kept', async ({ request }) => {
  const headers = { 'accept-encoding': 'gzip' };
  const page = await request.get('/', { headers });
  expect(page.headers()['content-encoding']).toBe('gzip');
  const plan = await request.post('/api/plan', { data: example, headers });
  expect(plan.headers()['content-encoding']).toBe('gzip');
  const asset = /\/_app\/immutable\/[^"]+\.js/.exec(await page.text())![0];
  for (const path of [
    '/',
    asset,
    '/icon.svg',
    '/theme.js',
    '/manifest.webmanifest',
    '/service-worker.js',
    '/api/health'
  ]) {
    const answer = await request.get(path, { headers });
    expect(answer.status(), path).toBe(200);
    const kept = answer.headers()['cache-control'];
    expect(kept, path).toMatch(path === asset ? /immutable/ : /no-cache/);
    expect(answer.headers()['x-content-type-options'], path).toBe('nosniff');
  }
});

test('who asks the very same again has the very same answer, however it is packed; another request has its own', async ({
  request
}) => {
  const data = { ...example, brief: { ...example.brief, name: 'Asked again' } };
  const post = (body: object, packing: string) =>
    request.post('/api/plan', { data: body, headers: { 'accept-encoding': packing } });
  const first = await post(data, 'identity');
  expect(first.headers()['server-timing']).toContain('plan;dur=');
  for (const packing of ['identity', 'gzip', 'br', 'br']) {
    const again = await post(data, packing);
    expect(again.status()).toBe(200);
    // Planned once: no time was taken for it.
    expect(again.headers()['server-timing']).toBeUndefined();
    expect(again.headers()['content-encoding']).toBe(packing === 'identity' ? undefined : packing);
    expect(again.headers()['cache-control']).toBe('no-store');
    expect(await again.text()).toBe(await first.text());
  }
  const other = await post(
    { ...data, brief: { ...data.brief, options: { ...data.brief.options, headMm: 540 } } },
    'br'
  );
  expect(other.headers()['server-timing']).toContain('plan;dur=');
  expect(await other.text()).not.toBe(await first.text());
});

test('bodies that cost much keep nobody else waiting, and too many at once are asked to come again', async ({
  request
}) => {
  const machines = [{ id: 'm', name: 'Wheel', pins: 48 }];
  const yarns = ['red', 'blue'].map((id, i) => ({
    id,
    name: 'Reedwick',
    weightClass: 4,
    label: { metres: 200, grams: 100 },
    colour: { name: id, hex: i ? '#205080' : '#b03020' }
  }));
  const sections = yarns.map(({ id }) => ({ yarn: id, rows: 1 }));
  const options = {
    sizeBy: 'rows',
    rows: 1900,
    style: 'striped',
    sections,
    repeat: true,
    yarn: 'red',
    liningYarn: 'red'
  };
  const data = { kit: { machines, yarns }, brief: { kind: 'lined-hat', name: 'Long', machineId: 'm', options } };
  // Each another one, so that each is planned.
  const another = (i: number) => ({ ...data, brief: { ...data.brief, name: `Long ${i}` } });
  const answers = Promise.all(Array.from({ length: 90 }, (_, i) => request.post('/api/plan', { data: another(i), timeout: 90_000 }))); // prettier-ignore
  for (let i = 0; i < 20; i++) expect((await request.get('/api/health')).status()).toBe(200);
  const statuses = new Map<number, number>();
  for (const answer of await answers) {
    statuses.set(answer.status(), (statuses.get(answer.status()) ?? 0) + 1);
    if (answer.status() === 503) {
      expect(answer.headers()['retry-after']).toBe('2');
      expect(await answer.text()).toMatch(/at once|within/);
    }
  }
  // Whatever is not made at once is put off, never broken.
  expect([...statuses.keys()].every((status) => status === 200 || status === 503)).toBe(true);
  expect(statuses.get(200)).toBeGreaterThan(0);
  // Afterwards the service is as it was.
  expect(
    (
      await request.post('/api/plan', {
        data: { ...data, brief: { ...data.brief, options: { ...options, rows: 100 } } }
      })
    ).status()
  ).toBe(200);
});
