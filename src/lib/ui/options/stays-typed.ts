/** A field whose value has changed. */
interface Changed<T> {
  readonly focused: boolean;
  /** What is wrong with the text in it, if anything. */
  readonly fault: string;
  /** The value as it is now, and the one that was read from the text last. */
  readonly value: T;
  readonly sent: T | undefined;
}

/**
 * Whether a field goes on showing what was typed into it when its value changes. A change from elsewhere, an undo in another window
 * for example, ends that; what is being typed and cannot be read yet is left alone.
 *
 * @example staysTyped({ focused: true, fault: '', value: 560, sent: 560 }) // true
 */
export const staysTyped = <T>({ focused, fault, value, sent }: Changed<T>): boolean =>
  focused && (fault !== '' || value === sent);
