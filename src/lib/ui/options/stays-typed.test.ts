import { expect, it } from 'vitest';
import { staysTyped } from './stays-typed';

it.each([
  ['typed and read: it stays as it was typed', { focused: true, fault: '', value: 560, sent: 560 }, true],
  ['changed elsewhere while it has the focus: the new value is shown', { focused: true, fault: '', value: 540, sent: 560 }, false], // prettier-ignore
  ['changed elsewhere while nothing was typed', { focused: true, fault: '', value: 540, sent: undefined }, false],
  ['half typed and not readable: it is left alone', { focused: true, fault: 'must be …', value: 540, sent: 560 }, true],
  ['left: what is stored is shown', { focused: false, fault: 'must be …', value: 540, sent: 540 }, false]
])('%s', (_what, field, stays) => expect(staysTyped(field)).toBe(stays));
