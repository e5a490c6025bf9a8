import { describe, expect, it } from 'vitest';
import { sampleKit } from '../../../tests/support/sample';
import { linedHat } from './kinds/lined-hat';
import { KINDS, kindOf } from './kinds';
import { optionFields } from './plan';
import { wordFault } from './quantity';
import { judge } from './judge';
import { judged, plan, planFrom, tryPlan, tryRead } from './tomble';
import { Brief } from './plan';

const kit = sampleKit();
const brief = { kind: 'lined-hat', name: 'Hat', machineId: 'm', options: linedHat.start(kit, 'm') };
const say = (input: unknown): string[] => {
  const planned = planFrom(input);
  return planned.ok ? [] : planned.faults.map(wordFault);
};

describe('planFrom', () => {
  it('plans what is sound', () => expect(planFrom({ kit, brief }).ok).toBe(true));

  it('asks for a second yarn only where one is used', () => {
    const hatOf = (options: object) => ({ kit, brief: { kind: 'lined-hat', name: 'Hat', machineId: 'm', options } });
    expect(planFrom(hatOf({ style: 'plain', yarn: 'red' })).ok).toBe(true);
    expect(planFrom(hatOf({ style: 'striped', sections: [{ yarn: 'red', rows: 9 }] })).ok).toBe(true);
    expect(say(hatOf({ style: 'contrast', yarn: 'red' }))).toEqual(['brief.options.liningYarn must be a string; received nothing.']); // prettier-ignore
    // A lining is what a hat begins with.
    expect(say(hatOf({ yarn: 'red' }))).toHaveLength(1);
    expect(say(hatOf({ style: 'plain' }))).toEqual(['brief.options.yarn must be a string; received nothing.']);
  });

  it.each<[string, unknown, string]>([
    ['nothing', undefined, 'input must be an object; received nothing.'],
    [
      'no pins',
      { kit: { ...kit, machines: [{ ...kit.machines[0], pins: 0 }] }, brief },
      'kit.machines[0].pins must be at least 4; received 0.'
    ],
    [
      'an absurd head',
      { kit, brief: { ...brief, options: { ...brief.options, headMm: 5000 } } },
      'brief.options.headMm must be at most 800; received 5000.'
    ],
    [
      'a million rows',
      { kit, brief: { ...brief, options: { ...brief.options, sizeBy: 'rows', rows: 1e6 } } },
      'brief.options.rows must be at most 20000; received 1000000.'
    ],
    [
      'text for a number',
      { kit, brief: { ...brief, options: { ...brief.options, headMm: 'big' } } },
      'brief.options.headMm must be a number; received "big".'
    ],
    [
      'an unknown yarn',
      { kit, brief: { ...brief, options: { ...brief.options, yarn: 'green' } } },
      'brief.options.yarn must be the id of a yarn in the kit; received "green".'
    ],
    [
      'an unknown yarn in a stripe',
      { kit, brief: { ...brief, options: { ...brief.options, sections: [{ yarn: 'green', rows: 2 }] } } },
      'brief.options.sections[0].yarn must be the id of a yarn in the kit; received "green".'
    ],
    [
      'an unknown machine',
      { kit, brief: { ...brief, machineId: 'x' } },
      'brief.machineId must be the id of a machine in the kit; received "x".'
    ],
    [
      'an unknown kind',
      { kit, brief: { ...brief, kind: 'sock' } },
      `brief.kind must be one of ${KINDS.map((kind) => kind.code).join(', ')}; received "sock".`
    ],
    [
      'an unknown choice',
      { kit, brief: { ...brief, options: { ...brief.options, style: 'loud' } } },
      'brief.options.style must be one of contrast, plain, striped; received "loud".'
    ],
    [
      'a day that is none',
      { kit: { ...kit, yarns: [{ ...kit.yarns[0], addedAt: 'yesterday' }, ...kit.yarns.slice(1)] }, brief },
      'kit.yarns[0].addedAt must be a valid datetime; received "yesterday".'
    ],
    [
      'a colour that is none',
      {
        kit: { ...kit, yarns: [{ ...kit.yarns[0], colour: { name: 'Red', hex: 'red' } }, ...kit.yarns.slice(1)] },
        brief
      },
      'kit.yarns[0].colour.hex must be a colour such as #c2552d; received "red".'
    ],
    ['no yarns', { kit: { ...kit, yarns: [] }, brief }, 'kit.yarns must have at least 1 entry; received [].']
  ])('refuses %s by path, rule and what came in', (_what, input, sentence) => expect(say(input)).toContain(sentence));

  it('names every fault at once', () => {
    expect(say({ kit: { ...kit, machines: [{ ...kit.machines[0], pins: -1, name: '' }] }, brief }).length).toBe(2);
  });

  it('the throwing door says the same', () => {
    expect(() => plan(kit, Brief.parse({ ...brief, machineId: 'x' }))).toThrow(
      'brief.machineId must be the id of a machine'
    );
  });
});

describe('what is found', () => {
  it('is what the judges find in what was read; all else is the same without them', () => {
    // The largest head that can be asked for: no ring of the kit goes there without a word.
    const large = Brief.parse({ ...brief, options: { ...brief.options, headMm: 800 } });
    const { findings, ...rest } = plan(kit, large);
    const bare = tryRead(kit, large);
    if (!bare.ok) throw new Error('a large head can be planned');
    expect(findings.length).toBeGreaterThan(0);
    expect(findings).toEqual(judge(bare.value));
    expect(bare.value).not.toHaveProperty('findings');
    expect(JSON.stringify(bare.value)).toBe(JSON.stringify(rest));
    expect(judged(bare.value)).toEqual({ ...bare.value, findings });
    expect(tryRead(kit, { ...large, machineId: 'x' })).toEqual(tryPlan(kit, { ...large, machineId: 'x' }));
  });
});

describe('kinds', () => {
  it.each(KINDS.map((kind) => [kind.code, kind] as const))(
    '%s: every option has a title, a control and a group',
    (code, kind) => {
      expect(kindOf(code)).toBe(kind);
      const fields = optionFields(kind.options);
      expect(fields.length).toBeGreaterThan(0);
      for (const { meta } of fields) expect(meta.control && meta.group).toBeTruthy();
    }
  );
});
