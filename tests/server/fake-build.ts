import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A thread that takes a while to be warm, and that some requests make die in one of four ways. */
const WORKER = `
const until = Date.now() + 400;
while (Date.now() < until);
export default function planned({ text, begun }) {
  begun.postMessage('begun');
  if (text === 'sleep') for (;;);
  if (text === 'exit') process.exit(3);
  if (text === 'throw') throw new Error('a fault of ours');
  if (text === 'memory') { const all = []; for (;;) all.push(new Array(100_000).fill(all.length + 0.5)); }
  return { status: 200, body: text, ms: 1 };
}
`;

/** An application that answers with what it was sent, in the time that the address names. */
const HANDLER = `
export const handler = (request, response) => {
  let size = 0;
  request.on('data', (part) => (size += part.length));
  request.on('end', () => setTimeout(() => response.end(String(size)), Number(request.url.slice(1)) || 0));
};
`;

/** A folder that looks like a built application to the server; it is thrown away by the function beside it. */
export function fakeBuild(): { readonly folder: string; readonly away: () => void } {
  const folder = mkdtempSync(join(tmpdir(), 'tomble-build-'));
  writeFileSync(join(folder, 'plan-worker.mjs'), WORKER);
  writeFileSync(join(folder, 'handler.js'), HANDLER);
  writeFileSync(join(folder, 'package.json'), '{ "type": "module" }');
  return { folder, away: () => rmSync(folder, { recursive: true, force: true }) };
}
