import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fileName } from './download';

describe('fileName', () => {
  it.each([
    ['Lantern carrier, Ember over Tide', 'lantern-carrier-ember-over-tide.svg'],
    ['Mütze für Zoë', 'mutze-fur-zoe.svg'],
    ['  ../../etc/passwd ', 'etc-passwd.svg'],
    ['***', 'project.svg'],
    ['', 'project.svg']
  ])('%j becomes %s', (name, file) => {
    expect(fileName(name, '.svg')).toBe(file);
  });

  it('any name is one that every file system takes', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 80 }), (name) => {
        expect(fileName(name, '.csv')).toMatch(/^[\p{L}\p{N}]+(-[\p{L}\p{N}]+)*\.csv$/u);
      })
    );
  });
});
