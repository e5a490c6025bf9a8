import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: vitePreprocess(),
  compilerOptions: { runes: ({ filename }) => (filename.includes('node_modules') ? undefined : true) },
  kit: {
    adapter: adapter({ precompress: true }),
    // The one shell that is kept for days without a network is served at every address, so its links start at the root.
    paths: { relative: false },
    // Only our own server is ever spoken to. Inline styles stay allowed because drawings set sizes and
    // colours as style attributes; scripts carry a nonce.
    csp: {
      mode: 'nonce',
      directives: {
        'default-src': ['self'],
        'script-src': ['self'],
        'style-src': ['self', 'unsafe-inline'],
        'img-src': ['self', 'data:', 'blob:'],
        'font-src': ['self'],
        'connect-src': ['self'],
        'worker-src': ['self'],
        'manifest-src': ['self'],
        'object-src': ['none'],
        'base-uri': ['self'],
        'form-action': ['self'],
        'frame-ancestors': ['none']
      }
    }
  }
};
