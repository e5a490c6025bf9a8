// As in the application: nothing is rendered by the server.
export const ssr = false;
