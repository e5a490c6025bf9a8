/** Addresses inside the application, in one place. */
export const paths = {
  bench: '/',
  log: '/log',
  plan: (id: string): string => `/project/${id}`,
  crank: (id: string): string => `/project/${id}/crank`,
  finish: (id: string): string => `/project/${id}/finish`
} as const;
