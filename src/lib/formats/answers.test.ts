import Ajv2020 from 'ajv/dist/2020.js';
import { describe, expect, it } from 'vitest';
import { hat, made, sampleKit } from '../../../tests/support/sample';
import { PLACES } from '$lib/core/read';
import { readLimited } from './body-limit';
import { KINDS } from '$lib/core/kinds';
import { kindList } from './kind-list';
import { madeSchema } from './made-schema';
import { planAnswer } from './plan-answer';

describe('planAnswer', () => {
  const result = hat({ waste: 'ten' });
  const answer = JSON.parse(JSON.stringify(planAnswer(result))) as {
    reveal: { runs: { place: string; from: number; to: number }[] };
    [part: string]: unknown;
  };

  it('has the parts the documentation names, all plain JSON', () => {
    expect(Object.keys(answer).sort()).toEqual([
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
    // Every step keeps its facts, and has its words beside them.
    const steps = answer['steps'] as Record<string, unknown>[];
    expect(steps.filter((step) => step['after'] === undefined)).toMatchObject(
      JSON.parse(JSON.stringify(result.steps)) as object[]
    );
    for (const step of steps) expect(String(step['title']).length).toBeGreaterThan(3);
  });

  it('marks to hang in and own steps of a row stand among the steps, each once, beside their cues', () => {
    const brief = {
      ownSteps: ['Weigh the ball'],
      ownRows: { 'Weigh the ball': { piece: 0, of: 'Right back', row: 10 } }
    };
    const garment = made('waistcoat', {}, sampleKit(), brief);
    type Answered = { id: string; piece: number; what: { say: string; facts: object }; after?: { row: number; workRow: number }; title: string; detail: string }; // prettier-ignore
    const { steps } = JSON.parse(JSON.stringify(planAnswer(garment))) as { steps: Answered[] };
    const among = steps.filter((step) => step.after);
    const cued = garment.steps.flatMap((step) => step.cues.filter(({ kind }) => kind === 'marker' || kind === 'own'));
    expect(among.map(({ what, after }) => [what.say, after!.row])).toEqual(cued.map(({ kind, row }) => [kind, row]));
    expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
    const underarms = among.filter(({ what }) => 'underarm' in what.facts && what.facts.underarm);
    const body = garment.notes.garment!.underarms;
    expect(new Set(underarms.map(({ piece, after }) => `${piece} ${after!.workRow}`))).toEqual(
      new Set(body.map(({ piece, row }) => `${piece} ${row}`))
    );
    expect(among.find(({ what }) => what.say === 'own')).toMatchObject({ detail: 'Weigh the ball.', after: { workRow: 10 } }); // prettier-ignore
  });

  it('its runs cover every row once and unfold to the places', () => {
    const places = answer.reveal.runs.flatMap((run) => Array.from({ length: run.to - run.from + 1 }, () => run.place));
    expect(places).toEqual([...result.reveal.pieces[0]!.place].map((code) => PLACES[code]));
  });

  it('what hands make of any kind is as its schema says (ajv), and nothing is left', () => {
    const valid = new Ajv2020().compile(madeSchema());
    for (const kind of KINDS) {
      const { made: what } = JSON.parse(JSON.stringify(planAnswer(made(kind.code)))) as { made: { left: unknown[] } };
      expect(valid(what), `${kind.code} ${JSON.stringify(valid.errors)}`).toBe(true);
      expect(what.left).toEqual([]);
      expect(valid({ ...what, things: 'none' })).toBe(false);
    }
  });

  it('says every derivation, names every figure and every finding, in the units of the knitter', () => {
    for (const kind of KINDS) {
      for (const units of ['metric', 'imperial']) {
        const said = JSON.parse(JSON.stringify(planAnswer(made(kind.code, {}, sampleKit({ habits: { units } }))))) as {
          figures: { finished: { label: string }[] };
          findings: { sentence: string; facts: { code: string }; code: string; fix?: { label: string } }[];
        };
        const because: unknown[] = [];
        JSON.stringify(said, (key, value: unknown) => {
          if (key === 'because') because.push(value);
          return value;
        });
        expect(because.length).toBeGreaterThan(5);
        for (const text of because) expect(text).toMatch(/^[a-z0-9½¼¾(].*/i);
        if (units === 'imperial')
          expect(because.join(' ')).not.toMatch(/\d cm (of (tube|head|panel|scarf|strap)|round)/);
        for (const { label } of said.figures.finished) expect(label).toMatch(/^[A-Z]/);
        for (const { sentence, facts, code, fix } of said.findings) {
          expect(sentence).toMatch(/\.$/);
          expect(facts.code).toBe(code.replace(/^hand-/, ''));
          if (fix) expect(fix.label).toMatch(/^[A-Z]/);
        }
      }
    }
  });

  it('the list of kinds has a label for every option and choice', () => {
    const list = kindList() as { code: string; title: string; options: { properties: Record<string, { title: string; choices?: { label: string }[] }> } }[]; // prettier-ignore
    expect(list.map(({ code }) => code)).toEqual(KINDS.map(({ code }) => code));
    for (const { code, title, options } of list) {
      expect(title).toMatch(/^[A-Z]/);
      for (const [key, option] of Object.entries(options.properties)) {
        expect(option.title, `${code} ${key}`).toMatch(/^[A-Z0-9]/);
        for (const { label } of option.choices ?? []) expect(label).toMatch(/^[A-Z0-9]/);
      }
    }
  });

  it('seams stand as they did before hands were run: name, two edges, a way that was known', () => {
    const { plan } = JSON.parse(JSON.stringify(planAnswer(made('waistcoat')))) as {
      plan: { joins: { name: string; a: object; b: object; by: string }[]; acts: { do: string }[] };
    };
    expect(plan.joins).toHaveLength(plan.acts.filter((act) => act.do === 'join').length);
    expect(plan.joins.find((j) => j.name === 'side-left')).toEqual({
      name: 'side-left',
      a: expect.objectContaining({ edge: 'side', side: expect.any(String) as string }) as object,
      b: expect.objectContaining({ edge: 'side', side: expect.any(String) as string }) as object,
      by: 'mattress'
    });
    for (const { by } of plan.joins) expect(['hook', 'needle', 'ladder', 'mattress']).toContain(by);
  });

  it('a project of several pieces has the runs, the drawings and the cuts of all', () => {
    const bag = made('folded-bag');
    const all = JSON.parse(JSON.stringify(planAnswer(bag))) as {
      reveal: { pieces: { runs: { to: number }[] }[] };
      outline: { finished: { shapes: unknown[] }; finishing: unknown[] };
      cuts: { count: number }[];
    };
    expect(all.reveal.pieces.map((piece) => piece.runs.at(-1)!.to)).toEqual(
      bag.fabric.pieces.map((piece) => piece.rows)
    );
    expect(all.outline.finished.shapes.length).toBeGreaterThan(0);
    expect(all.outline.finishing).toHaveLength(bag.plan.acts.length);
    // The own tails sew both seams and one end of the handle: only its other end takes a thread that is cut.
    expect(all.cuts.reduce((sum, cut) => sum + cut.count, 0)).toBe(1);
  });
});

describe('readLimited', () => {
  const post = (body: string | ReadableStream<Uint8Array>): Request =>
    new Request('http://127.0.0.1/', { method: 'POST', body, duplex: 'half' } as RequestInit);
  /** A body that comes in pieces and never says how long it is. */
  const stream = (chunks: number, size: number): ReadableStream<Uint8Array> => {
    let left = chunks;
    return new ReadableStream({
      pull: (controller) => (left-- > 0 ? controller.enqueue(new Uint8Array(size).fill(65)) : controller.close())
    });
  };

  it('reads up to the limit and no further', async () => {
    expect(await readLimited(post('ä'.repeat(50)), 100)).toEqual({ text: 'ä'.repeat(50) });
    expect(await readLimited(post('ä'.repeat(51)), 100)).toEqual({ refused: 'large' });
  });
  it('stops a body that never ends', async () => {
    expect(await readLimited(post(stream(Infinity, 1_000_000)), 1000)).toEqual({ refused: 'large' });
    expect(await readLimited(post(stream(3, 100)), 1000)).toEqual({ text: 'A'.repeat(300) });
  });
  it('an empty request is an empty text', async () => {
    expect(await readLimited(new Request('http://127.0.0.1/', { method: 'POST' }))).toEqual({ text: '' });
  });
  it('hears the end of a body that is too large, so that its sender hears the answer', async () => {
    let heard = 0;
    const long = new ReadableStream<Uint8Array>({ pull: (c) => (++heard > 40 ? c.close() : c.enqueue(new Uint8Array(100))) }); // prettier-ignore
    expect(await readLimited(post(long), 1000)).toEqual({ refused: 'large' });
    expect(heard).toBe(41);
  });
  it('says when the sender has gone in the middle', async () => {
    const broken = new ReadableStream<Uint8Array>({ pull: (c) => c.error(new Error('aborted')) });
    expect(await readLimited(post(broken), 1000)).toEqual({ refused: 'broken-off' });
  });
});
