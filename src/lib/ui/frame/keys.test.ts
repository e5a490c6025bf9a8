import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { KEYS, keysAt } from './keys';

describe('the keys that are told', () => {
  it('are those of the screen one is on', () => {
    const at = (path: string): string[] => keysAt(path).map(({ where }) => where);
    expect(at('/yarns')).toEqual(['In the stash', 'Everywhere']);
    expect(at('/project/x/crank')).toEqual(['At the crank', 'Everywhere']);
    expect(at('/project/x')).toEqual(['On the plan and in colour', 'Everywhere']);
    expect(at('/project/x/colour')).toEqual(['On the plan and in colour', 'A border on the tube', 'Everywhere']);
    expect(at('/')).toEqual(['Everywhere']);
  });

  it('are all that the crank listens to, and no others', () => {
    const source = readFileSync(new URL('../crank/crank-keys.svelte.ts', import.meta.url), 'utf8');
    const heard = [...source.slice(source.indexOf('tinykeys(window')).matchAll(/^\s+'?([\w$+]+)'?: guard\(/gm)].map(([, key]) => key!); // prettier-ignore
    const told = KEYS[0]!.keys.flatMap(({ press }) => press);
    const NAMES: Record<string, string> = { '$mod+z': 'Ctrl Z', ArrowRight: 'Right', ArrowLeft: 'Left', u: 'U', g: 'G', f: 'F' }; // prettier-ignore
    expect(heard.map((key) => NAMES[key] ?? key).sort()).toEqual([...told].sort());
  });
});
