// Builds what the threads of the server plan with: the same code as the route of the service, in one file beside the build.
import { join } from 'node:path';
import { root } from './install.mjs';

/** Writes build/plan-worker.mjs. */
export async function buildWorker() {
  const { build } = await import('vite');
  await build({
    configFile: false,
    root,
    logLevel: 'error',
    resolve: { alias: { $lib: join(root, 'src', 'lib') } },
    ssr: { noExternal: true },
    build: {
      ssr: join(root, 'src', 'lib', 'server', 'plan-worker.ts'),
      outDir: join(root, 'build'),
      emptyOutDir: false,
      copyPublicDir: false,
      rollupOptions: { output: { entryFileNames: 'plan-worker.mjs' } }
    }
  });
}

if (import.meta.filename === process.argv[1]) await buildWorker();
