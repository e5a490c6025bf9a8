/**
 * Options as earlier releases kept them, told as they are named now. The front with the buttons was named; now it is
 * the one with
 * their holes.
 *
 * @returns the same object where nothing in it is older
 * @example olderOptions({ buttons: 3, buttonSide: 'left' }) // { buttons: 3, holesOn: 'right' }
 */
export function olderOptions(options: Record<string, unknown>): Record<string, unknown> {
  if (!('buttonSide' in options)) return options;
  const { buttonSide, ...rest } = options;
  return { holesOn: buttonSide === 'right' ? 'left' : 'right', ...rest };
}
