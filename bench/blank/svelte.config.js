import adapter from '@sveltejs/adapter-node';

/** A page with nothing on it, built and served as the application is: what the framework itself weighs. */
export default { kit: { adapter: adapter({ precompress: true }) } };
