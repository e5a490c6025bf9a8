import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig, type Plugin } from 'vite';

/** The layout of every page, and what it stands on. */
const FRAME =
  /node_modules[\\/](svelte|@sveltejs|dexie|mode-watcher|tabbable)[\\/]|@lucide[\\/]svelte[\\/]dist[\\/](Icon|utils|context|defaultAttributes)|vite[\\/]preload-helper|src[\\/]lib[\\/]ui[\\/](frame[\\/](keep-focus|tell|refusals|keeping)|state[\\/](opening|update|live|db)|words[\\/]opened|paths)/;

/** Yarns as they are shown in every list. */
const DOTS =
  /src[\\/]lib[\\/](ui[\\/]yarn[\\/]YarnDot|draw[\\/]texture|core[\\/](kit[\\/]yarn-name|quantity[\\/]mass)|store[\\/](order|bench))/;
/** What only a first visit needs. */
const FIRST =
  /src[\\/]lib[\\/](ui[\\/]bench[\\/]FirstRun|demo[\\/]starter|core[\\/]kit[\\/](weight-class|usual-pins)|store[\\/](seed|add-kit|examples|own|canonical))/;

/**
 * What every page needs comes in one file, and crumbs of code are put together with what they are mostly asked for with: each
 * file costs its own head, and small ones pack badly.
 */
const fewerFiles: Plugin = {
  name: 'fewer-files',
  configEnvironment: (name) =>
    name === 'client'
      ? {
          build: {
            rolldownOptions: {
              output: {
                codeSplitting: {
                  groups: [
                    { name: 'frame', test: FRAME },
                    { name: 'dots', test: DOTS },
                    { name: 'first', test: FIRST }
                  ]
                }
              }
            }
          }
        }
      : undefined
};

export default defineConfig({
  plugins: [tailwindcss(), sveltekit(), fewerFiles],
  // Small fonts must stay files: a data: URL would break font-src 'self'.
  build: { assetsInlineLimit: 0 }
});
