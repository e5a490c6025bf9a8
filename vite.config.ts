import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit()],
  // Small fonts must stay files: a data: URL would break font-src 'self'.
  build: { assetsInlineLimit: 0 }
});
