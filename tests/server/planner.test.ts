import { afterAll, describe, expect, it, vi } from 'vitest';
import { planner } from '../../server/planner.mjs';
import { fakeBuild } from './fake-build';

const { folder, away } = fakeBuild();
afterAll(away);

/** Callers beside one whose request makes the thread die. */
const INNOCENT = 20;

describe('threads that plan', () => {
  it.each(['sleep', 'exit', 'throw', 'memory'])(
    `one that dies (%s) refuses none of the ${INNOCENT} other callers, before, meanwhile and after`,
    async (how) => {
      const told = vi.spyOn(console, 'error').mockImplementation(() => undefined);
      const { plan, end } = planner(folder, how === 'sleep' ? 700 : 30_000);
      const asked = (i: number) => plan(`${how} ${i}`);
      const answers = [
        ...Array.from({ length: INNOCENT / 2 }, (_, i) => asked(i)),
        plan(how),
        ...Array.from({ length: INNOCENT / 2 }, (_, i) => asked(INNOCENT + i))
      ];
      const all = await Promise.all(answers);
      const [guilty] = all.splice(INNOCENT / 2, 1);
      expect(guilty).toMatchObject({ status: 503, retryAfter: 2 });
      expect(guilty!.body).toContain(how === 'sleep' ? 'must be made within 700 ms' : 'could not be made');
      expect(all.map(({ status }) => status)).toEqual(Array(INNOCENT).fill(200));
      // The one who asks next is answered too, and hears his own answer.
      expect(await asked(99)).toMatchObject({ status: 200, body: `${how} 99` });
      // What is told of a thread that died is one line.
      for (const [line] of told.mock.calls) expect(String(line)).not.toContain('\n');
      told.mockRestore();
      await end();
    },
    60_000
  );

  it('the time that a thread takes to become warm is not that of the request', async () => {
    // It takes 400 ms to be warm, and may take 200 ms for a plan.
    const { plan, end } = planner(folder, 200);
    expect(await plan('first')).toMatchObject({ status: 200 });
    await end();
  }, 60_000);

  it('the same is planned once for all who ask for it at the same time', async () => {
    const { plan, end } = planner(folder);
    const [a, b] = await Promise.all([plan('same'), plan('same')]);
    expect(a).toBe(b);
    expect(await plan('same')).toMatchObject({ again: true });
    await end();
  }, 60_000);
});
