import { expect, test } from 'vitest';
import { inBunches, turn } from './turn';

test('a list is gone through in order, and others have their turn between bunches', async () => {
  const seen: string[] = [];
  const list = Array.from({ length: 30 }, (_, i) => i);
  const all = inBunches(list, (i) => (seen.push(`w${i}`), i * 2), () => false); // prettier-ignore
  void turn().then(() => seen.push('somebody else'));
  expect(await all).toEqual(list.map((i) => i * 2));
  expect(seen.filter((s) => s.startsWith('w'))).toEqual(list.map((i) => `w${i}`));
  const at = seen.indexOf('somebody else');
  expect(at).toBeGreaterThan(0);
  expect(at).toBeLessThan(seen.length - 1);
  expect(await inBunches([], String, () => false)).toEqual([]);
});

test('nothing more is done once nobody waits for it', async () => {
  let done = 0;
  const all = inBunches(Array.from({ length: 100 }), () => (done += 1), () => done >= 11); // prettier-ignore
  expect(await all).toBeNull();
  expect(done).toBe(11);
});
