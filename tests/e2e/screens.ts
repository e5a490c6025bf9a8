import type { Page } from '@playwright/test';

/** Every screen with its address and what is done before it is looked at. */
export const SCREENS: readonly [string, string, ((page: Page) => Promise<void>)?][] = [
  ['Bench', '/'],
  ['Log', '/log'],
  ['An entry of the log', '/log/demo-first'],
  ['Series', '/series'],
  ['Shopping list', '/shopping'],
  ['Devices', '/devices'],
  ['Choosing', '/new'],
  ['Plan of several parts', '/project/demo-bag'],
  ['Plan of a toy', '/project/demo-moth'],
  ['Crank of a cord', '/project/demo-garland/crank'],
  ['Finish with drawings', '/project/demo-bag/finish'],
  ['Plan of a garment', '/project/demo-waistcoat'],
  ['Crank of a panel', '/project/demo-waistcoat/crank'],
  ['Plan with findings', '/project/demo-fog'],
  ['Plan with stripes', '/project/demo-school'],
  [
    'Plan with an open figure',
    '/project/demo-fog',
    (page) => page.getByRole('button', { name: /^Flat width/ }).click()
  ],
  ['Plan with the file menu', '/project/demo-fog', (page) => page.getByRole('button', { name: 'Files' }).click()],
  [
    'Plan with the yarn dialog',
    '/project/demo-fog',
    (page) =>
      page
        .getByRole('button', { name: /^Change / })
        .first()
        .click()
  ],
  ['Colour', '/project/demo-fog/colour'],
  ['Crank', '/project/demo-lantern/crank'],
  ['Crank before the first row', '/project/demo-fog/crank'],
  [
    'Crank, setting the count',
    '/project/demo-lantern/crank',
    (page) => page.getByRole('button', { name: 'Set count' }).click()
  ],
  [
    'Crank, telling a fault',
    '/project/demo-lantern/crank',
    (page) => page.getByRole('button', { name: 'Something went wrong' }).click()
  ],
  ['Finish', '/project/demo-first/finish'],
  ['Machines', '/machines'],
  ['Settings', '/settings'],
  ['Your data', '/backup'],
  ['Words', '/words'],
  ['About', '/about'],
  ['Help', '/yarns', (page) => page.getByRole('button', { name: 'Help' }).click()],
  ['A word opened in place', '/project/demo-lantern', (page) => page.locator('a[data-word]').first().click()],
  ['Yarns', '/yarns'],
  ['Yarn dialog', '/yarns', (page) => page.getByRole('button', { name: 'Add a yarn' }).click()],
  ['Swatches', '/swatches'],
  ['Substitute a yarn', '/stand-ins'],
  ['Measures', '/measures'],
  ['Convert a gauge', '/convert'],
  ['A project that is gone', '/project/nobody']
];
