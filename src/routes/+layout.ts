// Everything a knitter enters stays in the browser, so there is nothing the server could render.
export const ssr = false;
