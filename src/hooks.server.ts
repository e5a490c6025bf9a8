import type { Handle, HandleServerError } from '@sveltejs/kit';

/** Headers that every answer carries, the prerendered and the static ones included where the server sends them. */
export const handle: Handle = async ({ event, resolve }) => {
  const response = await resolve(event);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'no-referrer');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  return response;
};

/** What went wrong stays in the server's log; the answer says only that it did. */
export const handleError: HandleServerError = ({ error, status }) => {
  // eslint-disable-next-line no-console -- the server's log is where an operator looks
  if (status >= 500) console.error(error);
  return { message: status === 404 ? 'Not found' : 'Something went wrong on the server' };
};
