import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyBrief } from '../../../tests/support/arbitrary';
import { made, medium, sampleKit } from '../../../tests/support/sample';
import { RED_SWATCH } from '../../../tests/support/swatch';
import { planAnswer } from '$lib/formats/plan-answer';
import { kindOf, KINDS } from './kinds';
import { withRefs } from './kinds/refs';
import { Kit } from './kit';
import { Brief } from './plan';
import { wordFault } from './quantity';
import { planFrom } from './tomble';

/** Names that every object has already, and others that programs trip over. */
const TRAPS = ['constructor', 'toString', 'valueOf', 'hasOwnProperty', '0', ' ', '../..', '<b>'];

/** Everything that was worked out, without the names of things. */
const figures = (kit: Kit, brief: Brief): unknown => {
  const planned = planFrom({ kit, brief });
  if (!planned.ok) return planned.faults;
  const { sizes, yarnUse, steps, findings } = planned.value;
  return {
    sizes,
    metres: yarnUse.map((use) => use.metres.value),
    steps: steps.length,
    findings: findings.map((f) => f.code)
  };
};

describe('ids are only ids, whatever they spell', () => {
  const kit = sampleKit({
    yarns: [medium('red', '#b03020'), medium('blue', '#205080')],
    swatches: [RED_SWATCH]
  });
  for (const kind of KINDS)
    test(kind.code, () => {
      const { brief } = made(kind.code, {}, kit);
      const plain = figures(kit, brief);
      for (const trap of TRAPS) {
        const named = (id: string): string => (id === 'red' ? trap : id);
        const other = Kit.parse({
          ...kit,
          yarns: kit.yarns.map((y) => ({ ...y, id: named(y.id) })),
          swatches: kit.swatches.map((s) => ({ ...s, yarnId: named(s.yarnId) }))
        });
        expect(
          figures(
            other,
            withRefs(brief, ({ id }) => named(id))
          )
        ).toEqual(plain);
        const ring = Kit.parse({
          ...kit,
          machines: kit.machines.map((m) => ({ ...m, id: trap })),
          swatches: kit.swatches.map((s) => ({ ...s, machineId: trap }))
        });
        expect(
          figures(
            ring,
            withRefs(brief, ({ what, id }) => (what === 'machine' ? trap : id))
          )
        ).toEqual(plain);
      }
    });

  test('strands of a yarn whose id every object has', () => {
    const trapped = sampleKit({ yarns: [medium('valueOf', '#b03020'), medium('constructor', '#205080')] });
    const { yarns } = made('lined-hat', { yarn: 'valueOf' }, trapped, { strands: { valueOf: 2 } });
    expect(yarns.find((y) => y.id === 'valueOf')?.strands).toBe(2);
  });

  test('the one id that no list can be kept by is refused', () => {
    const yarns = [{ ...medium('red', '#b03020'), id: '__proto__' }];
    const read = planFrom({ kit: { ...kit, yarns }, brief: made('scarf', {}, kit).brief });
    expect(read.ok ? '' : `${read.faults[0]!.field} ${read.faults[0]!.rule}`).toBe(
      'kit.yarns[0].id must not be __proto__'
    );
  });
});

describe('any ring that may be described', () => {
  test.each([4, 5, 6, 9, 13, 199, 200])('%i pins: every kind is planned or refused', (pins) => {
    const kit = sampleKit({ machine: { pins } });
    for (const kind of KINDS) {
      const planned = planFrom({
        kit,
        brief: { kind: kind.code, name: 'x', machineId: 'm', options: kind.start(kit, 'm') }
      });
      expect(planned.ok || planned.faults.length, kind.code).toBeTruthy();
      if (planned.ok) expect(planAnswer(planned.value)).toHaveProperty('steps');
    }
  });
});

describe('any choices on any ring', () => {
  // A waistcoat on four pins threw: its pieces were refused by the ring, and were measured all the same.
  test('are planned or refused, never thrown at', () => {
    const asked = fc.tuple(fc.constantFrom(4, 5, 7, 12, 90, 200), fc.constantFrom(...KINDS)).chain(([pins, kind]) => {
      const kit = sampleKit({ machine: { pins } });
      return anyBrief(kit, kind).map((brief) => ({ kit, brief }));
    });
    fc.assert(
      fc.property(asked, (input) => {
        const planned = planFrom(input);
        if (planned.ok) expect(planAnswer(planned.value)).toHaveProperty('steps');
        else expect(planned.faults.length).toBeGreaterThan(0);
      }),
      { numRuns: Number(process.env.TORTURE ?? 100) }
    );
  });
  test('a waistcoat on four pins', () => {
    const options = { sizeBy: 'rows', halfStitches: 110, sideStitches: 165, backRows: 203, frontRows: 33, armRows: 62 };
    expect(made('waistcoat', options, sampleKit({ machine: { pins: 4 } })).findings.map((f) => f.weight)).toContain(
      'stop'
    );
  });
});

describe('a plan has an end', () => {
  const kit = sampleKit({ machine: { pins: 200 } });
  const asked = (kind: string, options: object): string[] => {
    const start = kindOf(kind)!.start(kit, 'm');
    const read = planFrom({ kit, brief: { kind, name: 'x', machineId: 'm', options: { ...start, ...options } } });
    return read.ok ? [] : read.faults.map(wordFault);
  };
  const stripes = {
    sections: [
      { yarn: 'red', rows: 1 },
      { yarn: 'blue', rows: 1 }
    ],
    repeat: true
  };
  test('stripes of one row over 20,000 rows', () => {
    expect(asked('blanket', { sizeBy: 'rows', rows: 5000, panels: 10, style: 'striped', ...stripes })[0]).toMatch(
      /^brief.options must ask for at most 2000 sections and shapings; received \d+\.$/
    );
  });
  test('a blanket of 540 strips two stitches wide', () => {
    const narrow = sampleKit({ machine: { pins: 4 } });
    const options = {
      ...kindOf('blanket')!.start(narrow, 'm'),
      lengthMm: 2776,
      strips: 3,
      stitches: 82,
      blocks: 4,
      mode: 'tube-as-panel'
    };
    const read = planFrom({ kit: narrow, brief: { kind: 'blanket', name: 'x', machineId: 'm', options } });
    expect(read.ok ? '' : wordFault(read.faults[0]!)).toMatch(
      /^brief.options must ask for at most 160 pieces that differ; received \d+\.$/
    );
  });
  test('a cardigan of 474 strips that are sewn one by one', () => {
    const narrow = sampleKit({ machine: { pins: 4 } });
    const options = { ...kindOf('cardigan')!.start(narrow, 'm'), sizeBy: 'counts', backRows: 92, frontRows: 442, armRows: 184, frontArmRows: 167, heldStitches: 25, neckMm: 244, neckDepthMm: 598, armholes: 'straight', shoulders: 'straight', assembly: 'flat', mode: 'tube-as-panel', sleeveMm: 236, sleeveRows: 76 }; // prettier-ignore
    const read = planFrom({ kit: narrow, brief: { kind: 'cardigan', name: 'x', machineId: 'm', options } });
    expect(read.ok ? '' : wordFault(read.faults[0]!)).toMatch(
      /^brief.options must ask for at most 160 pieces that are sewn one by one; received \d+\.$/
    );
  });
  test('20,000 rows on 200 pins', () => {
    expect(asked('lined-hat', { sizeBy: 'rows', rows: 20_000 })).toEqual([
      'brief.options must ask for at most 1000000 stitches; received 4000000.'
    ]);
  });
});

describe('a kit names each thing once', () => {
  const kit = sampleKit();
  const refused = (more: object): string[] => {
    const read = planFrom({ kit: { ...kit, ...more }, brief: made('scarf', {}, kit).brief });
    return read.ok ? [] : read.faults.map((f) => `${f.field} ${f.rule}; received ${f.received}`);
  };
  test('two machines, two yarns of one id', () => {
    expect(refused({ machines: [kit.machines[0], { ...kit.machines[0], pins: 22 }] })).toEqual([
      'kit.machines[1].id must be unlike the ids before it; received "m"'
    ]);
    expect(refused({ yarns: [...kit.yarns, kit.yarns[0]] })).toEqual([
      'kit.yarns[2].id must be unlike the ids before it; received "red"'
    ]);
  });
});

describe('letters that no paper, table or drawing can show', () => {
  const kit = sampleKit();
  const { brief } = made('scarf', {}, kit);
  test.each(['a\0b', 'bell\u0007', 'half \ud800 a letter', 'escape\u001b[31m'])('%j is refused as a name', (name) => {
    const read = planFrom({ kit, brief: { ...brief, name } });
    expect(read.ok ? '' : `${read.faults[0]?.field} ${read.faults[0]?.rule}`).toBe(
      'brief.name must hold letters that can be shown, without control signs'
    );
    const yarns = kit.yarns.map((y) => ({ ...y, colour: { ...y.colour, name } }));
    expect(planFrom({ kit: { ...kit, yarns }, brief }).ok).toBe(false);
  });
  test.each(['Größe 🧶', 'كنزة', 'a\u00adb', '帽子', 'e\u0301'])('%s is a name', (name) => {
    expect(planFrom({ kit, brief: { ...brief, name } }).ok).toBe(true);
  });
});
