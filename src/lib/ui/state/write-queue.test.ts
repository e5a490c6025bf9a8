import { expect, it } from 'vitest';
import { WriteQueue } from './write-queue';

const turn = (): Promise<void> => new Promise((done) => setTimeout(done, 0));

it('writes one after the other, in their order', async () => {
  const queue = new WriteQueue();
  const done: string[] = [];
  for (const name of ['a', 'b', 'c'])
    queue.add(async () => {
      done.push(`${name} begins`);
      await turn();
      done.push(`${name} ends`);
    });
  while (queue.length > 0) await turn();
  expect(done).toEqual(['a begins', 'a ends', 'b begins', 'b ends', 'c begins', 'c ends']);
});

it('one that is refused stays first and holds up the others, and goes when it is tried again', async () => {
  const said: unknown[] = [];
  const queue = new WriteQueue(({ refused }) => said.push(refused));
  const full = new Error('full');
  let room = false;
  const done: string[] = [];
  queue.add(async () => {
    if (!room) throw full;
    done.push('a');
  });
  await turn();
  expect([queue.refused, queue.length]).toEqual([full, 1]);
  // The next one tries the first again.
  queue.add(async () => void done.push('b'));
  await turn();
  expect([done, queue.length]).toEqual([[], 2]);
  room = true;
  queue.run();
  await turn();
  expect([done, queue.length, queue.refused]).toEqual([['a', 'b'], 0, null]);
  expect(said).toEqual([full, null]);
});

it('says when one takes long, and when it is done', async () => {
  const said: boolean[] = [];
  const queue = new WriteQueue(({ slow }) => said.push(slow));
  let end = (): void => undefined;
  queue.add(() => new Promise<void>((done) => (end = done)));
  while (said.length === 0) await turn();
  expect(queue.slow).toBe(true);
  end();
  await turn();
  expect(said).toEqual([true, false]);
});
