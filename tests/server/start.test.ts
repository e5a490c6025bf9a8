import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { createServer, connect } from 'node:net';
import { tmpdir } from 'node:os';
import { afterAll, describe, expect, it } from 'vitest';
import { fakeBuild } from './fake-build';

const { folder, away } = fakeBuild();
afterAll(away);

/** Starts the server with a build; what it says, and how it ends. */
function started(build: string, env: Record<string, string>, node: readonly string[] = []) {
  const child = spawn(process.execPath, [...node, 'server/index.mjs', build], { env: { ...process.env, ...env } });
  const said = { out: '', error: '' };
  child.stdout.on('data', (part) => (said.out += String(part)));
  child.stderr.on('data', (part) => (said.error += String(part)));
  const ended = once(child, 'close').then(([code]) => code as number);
  const address = async (): Promise<URL> => {
    for (;;) {
      const at = /http:\S+/.exec(said.out)?.[0];
      if (at) return new URL(at);
      if (child.exitCode !== null) throw new Error(said.error);
      await new Promise((done) => setTimeout(done, 20));
    }
  };
  return { child, said, ended, address };
}
/** A Node that says it is another one. */
const old = ['--import', `data:text/javascript,Object.defineProperty(process,'versions',{value:{...process.versions,node:'18.20.1'}})`]; // prettier-ignore

describe('what stands in the way of starting is one sentence with the way out', () => {
  it.each<[string, string, Record<string, string>, readonly string[], RegExp]>([
    ['no build', tmpdir(), {}, [], /^There is no built application in .+\. Run "npm ci" and "npm run build" first, or "npm run demo", which does both\.\n$/], // prettier-ignore
    ['an old Node', folder, {}, old, /^Tomble needs Node 20\.19 or newer; this is 18\.20\.1\. Install a newer Node, then start again\.\n$/], // prettier-ignore
    ['no port', folder, { PORT: 'mill' }, [], /^PORT must be a number from 0 to 65535; received "mill"\.\n$/]
  ])('%s', async (_what, build, env, node, sentence) => {
    const { ended, said } = started(build, env, node);
    expect(await ended).toBe(1);
    expect(said.error).toMatch(sentence);
    expect(said.out).toBe('');
  });

  it('a busy port', async () => {
    const other = createServer().listen(0, '127.0.0.1');
    await once(other, 'listening');
    const { port } = other.address() as { port: number };
    const { ended, said } = started(folder, { PORT: String(port) });
    expect(await ended).toBe(1);
    expect(said.error).toBe(`Port ${port} is taken by another program. Stop that one, or choose another port: PORT=${port + 1} npm start\n`); // prettier-ignore
    other.close();
  });
});

describe('a server that is told to stop', () => {
  it('answers all that is being answered, lets nobody new in, and ends well', async () => {
    const { child, ended, address } = started(folder, { PORT: '0' });
    const at = await address();
    const answers = Array.from({ length: 8 }, (_, i) => fetch(new URL(`/${600 + i}`, at), { method: 'POST', body: 'abc' })); // prettier-ignore
    // Each is there before the signal is sent.
    await new Promise((done) => setTimeout(done, 250));
    child.kill('SIGTERM');
    const texts = await Promise.all(answers.map(async (answer) => (await answer).text()));
    expect(texts).toEqual(Array(8).fill('3'));
    expect(await ended).toBe(0);
    await expect(fetch(at)).rejects.toThrow();
  });
});

describe('who sends slowly', () => {
  it('is ended soon after the limit', async () => {
    const { child, ended, address } = started(folder, { PORT: '0', TOMBLE_SENDING_MS: '500' });
    const at = await address();
    const socket = connect(Number(at.port), at.hostname);
    let heard = '';
    socket.on('data', (part) => (heard += String(part)));
    socket.write('POST /0 HTTP/1.1\r\nHost: x\r\nContent-Length: 1000\r\n\r\n');
    const drip = setInterval(() => socket.write('a'), 50);
    socket.on('error', () => undefined);
    await once(socket, 'close');
    clearInterval(drip);
    expect(heard).toMatch(/^HTTP\/1\.1 408 /);
    child.kill('SIGTERM');
    expect(await ended).toBe(0);
  });
});
