import type { HandleServerError } from '@sveltejs/kit';

/** What went wrong stays in the server's log; the answer says only that it did. */
export const handleError: HandleServerError = ({ error, status }) => {
  // eslint-disable-next-line no-console -- the server's log is where an operator looks
  if (status >= 500) console.error(error);
  return { message: status === 404 ? 'Not found' : 'Something went wrong on the server' };
};
