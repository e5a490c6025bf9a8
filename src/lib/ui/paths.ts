/** Addresses inside the application, in one place. */
export const paths = {
  bench: '/',
  choose: '/new',
  log: '/log',
  entry: (id: string): string => `/log/${id}`,
  series: '/series',
  shopping: '/shopping',
  batch: (id: string): string => `/series/${id}`,
  backup: '/backup',
  machines: '/machines',
  yarns: '/yarns',
  swatches: '/swatches',
  standIns: '/stand-ins',
  standInsFor: (project: string, yarn: string): string =>
    `/stand-ins?${new URLSearchParams({ in: project, for: yarn })}`,
  measures: '/measures',
  convert: '/convert',
  devices: '/devices',
  words: '/words',
  settings: '/settings',
  about: '/about',
  plan: (id: string): string => `/project/${id}`,
  colour: (id: string): string => `/project/${id}/colour`,
  crank: (id: string): string => `/project/${id}/crank`,
  finish: (id: string): string => `/project/${id}/finish`
} as const;
