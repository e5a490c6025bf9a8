import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig, type Plugin } from 'vite';
import { clientFiles } from './scripts/client-files';

/** Only the client is put together: on the server files cost nothing. */
const fewerFiles: Plugin = {
  name: 'fewer-files',
  configEnvironment: (name) =>
    name === 'client'
      ? { build: { rolldownOptions: { output: { codeSplitting: { groups: clientFiles } } } } }
      : undefined
};

export default defineConfig({
  plugins: [tailwindcss(), sveltekit(), fewerFiles],
  // Small fonts must stay files: a data: URL would break font-src 'self'.
  build: { assetsInlineLimit: 0 }
});
