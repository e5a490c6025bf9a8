// npm start: serves the built application. What stands in the way of that is said in one sentence, with the way out.
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';

/** Oldest Node that runs the built application (package.json, engines). */
const OLDEST = [20, 19];

/**
 * Ends with one sentence.
 *
 * @param {string} sentence
 */
function no(sentence) {
  console.error(sentence);
  process.exit(1);
}

const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
const build = resolve(process.argv[2] ?? new URL('../build', import.meta.url).pathname);
const port = process.env.PORT ?? '4173';
if (major < OLDEST[0] || (major === OLDEST[0] && minor < OLDEST[1]))
  no(`Tomble needs Node ${OLDEST.join('.')} or newer; this is ${process.versions.node}. Install a newer Node, then start again.`); // prettier-ignore
else if (!/^\d{1,5}$/.test(port) || Number(port) > 65_535)
  no(`PORT must be a number from 0 to 65535; received "${port}".`);
else if (!existsSync(resolve(build, 'handler.js')) || !existsSync(resolve(build, 'plan-worker.mjs')))
  no(`There is no built application in ${build}. Run "npm ci" and "npm run build" first, or "npm run demo", which does both.`); // prettier-ignore
else {
  try {
    const { start } = await import('./app.mjs');
    await start(build, process.env.HOST ?? '127.0.0.1', Number(port));
  } catch (error) {
    const code = error instanceof Error && 'code' in error ? error.code : '';
    if (code === 'EADDRINUSE')
      no(`Port ${port} is taken by another program. Stop that one, or choose another port: PORT=${Number(port) + 1} npm start`); // prettier-ignore
    if (code === 'EACCES')
      no(`Port ${port} may not be opened by this user. Choose one above 1023: PORT=4173 npm start`);
    if (code === 'ERR_MODULE_NOT_FOUND')
      no('The packages of the application are not installed. Run "npm ci", then start again.');
    throw error;
  }
}
