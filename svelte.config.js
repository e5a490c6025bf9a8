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
    // Only our own server is ever spoken to. Scripts carry a nonce; sizes and colours that are worked out are set through
    // the object model, which needs no leave, so no style in a text is obeyed.
    csp: {
      mode: 'nonce',
      directives: {
        'default-src': ['self'],
        'script-src': ['self'],
        'style-src': ['self'],
        // The one style in a text is the framework's own: it hides the line that reads a new page's title aloud.
        'style-src-attr': ['unsafe-hashes', 'sha256-S8qMpvofolR8Mpjy4kQvEm7m1q8clzU4dfDH0AmvZjo='],
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
