/** Keys that do something, with where they do it: part of an address, or everywhere. */
export interface KeyHelp {
  readonly where: string;
  readonly on: RegExp;
  readonly keys: readonly { readonly press: readonly string[]; readonly does: string }[];
}

/** Every key of the application, by the screens it works on. */
export const KEYS: readonly KeyHelp[] = [
  {
    where: 'At the crank',
    on: /\/crank$/,
    keys: [
      { press: ['Space', 'Enter'], does: 'A row, or the step is done' },
      { press: ['Backspace', 'U', 'Ctrl Z'], does: 'Take the last one back' },
      { press: ['Left', 'Right'], does: 'Through the pictures of a step' },
      { press: ['G'], does: 'Set the count' },
      { press: ['F'], does: 'Something went wrong' }
    ]
  },
  {
    where: 'On the plan and in colour',
    on: /^\/project\/[^/]+(?:\/colour|\/finish)?$/,
    keys: [
      { press: ['Ctrl Z'], does: 'Undo the last change' },
      { press: ['Ctrl Shift Z'], does: 'Redo it' },
      { press: ['Up', 'Down'], does: 'In a count: one more or one less' }
    ]
  },
  {
    where: 'A border on the tube',
    on: /\/colour$/,
    keys: [
      { press: ['Up', 'Down'], does: 'One row up or down' },
      { press: ['Page up', 'Page down'], does: 'Five rows' }
    ]
  },
  {
    where: 'In the stash',
    on: /^\/yarns$/,
    keys: [
      { press: ['Up', 'Down'], does: 'From yarn to yarn' },
      { press: ['Page up', 'Page down'], does: 'Ten yarns' },
      { press: ['Home', 'End'], does: 'The first, the last' },
      { press: ['Enter'], does: 'Open the yarn' }
    ]
  },
  {
    where: 'Everywhere',
    on: /./,
    keys: [
      { press: ['?'], does: 'This help' },
      { press: ['Tab'], does: 'To the next thing' },
      { press: ['Esc'], does: 'Close what is open' }
    ]
  }
];

/** The keys that work at an address. @example keysAt('/yarns').map((help) => help.where) // ['In the stash', 'Everywhere'] */
export const keysAt = (path: string): KeyHelp[] => KEYS.filter(({ on }) => on.test(path));
