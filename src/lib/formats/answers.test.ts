import { describe, expect, it } from 'vitest';
import { hat } from '../../../tests/support/sample';
import { PLACES } from '$lib/core/read';
import { readLimited } from './body-limit';
import { planAnswer } from './plan-answer';

describe('planAnswer', () => {
  const result = hat({ waste: 'ten' });
  const answer = JSON.parse(JSON.stringify(planAnswer(result))) as {
    reveal: { runs: { place: string; from: number; to: number }[] };
    [part: string]: unknown;
  };

  it('has the parts the documentation names, all plain JSON', () => {
    expect(Object.keys(answer).sort()).toEqual(['figures', 'findings', 'outline', 'plan', 'reveal', 'steps', 'yarn']);
    expect(answer['steps']).toEqual(JSON.parse(JSON.stringify(result.steps)));
  });

  it('its runs cover every row once and unfold to the places', () => {
    const places = answer.reveal.runs.flatMap((run) => Array.from({ length: run.to - run.from + 1 }, () => run.place));
    expect(places).toEqual([...result.reveal.place].map((code) => PLACES[code]));
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
    expect(await readLimited(post('ä'.repeat(50)), 100)).toBe('ä'.repeat(50));
    expect(await readLimited(post('ä'.repeat(51)), 100)).toBeNull();
  });
  it('stops a body that never ends', async () => {
    expect(await readLimited(post(stream(Infinity, 64)), 1000)).toBeNull();
    expect(await readLimited(post(stream(3, 100)), 1000)).toBe('A'.repeat(300));
  });
  it('an empty request is an empty text', async () => {
    expect(await readLimited(new Request('http://127.0.0.1/', { method: 'POST' }))).toBe('');
  });
});
