import { describe, expect, it } from 'vitest';
import { made, medium, sampleKit } from '../../../../tests/support/sample';

/** A wide wrap on 46 pins, as practice has it (craft 7.14, common practice, no source). */
const kit = sampleKit({ machine: { pins: 46 } });
const wrap = (options: object = {}) => made('wrap', options, kit);

describe('a wide wrap', () => {
  it('holds 44 of 46 loops at either end, and says which two run down, or ran down already', () => {
    const closings = wrap().worked.done.flatMap((did) => (did.do === 'join' && did.facts ? [did.facts] : []));
    expect(closings.map((f) => [f.path.length, f.left, f.ran])).toEqual([
      [44, 2, false],
      [44, 2, true],
      [44, 2, false],
      [44, 2, true]
    ]);
    // One layer and the other in turn, from the far ladder to the tail.
    expect(closings[0]!.path.slice(0, 3)).toEqual([23, 25, 22]);
  });

  it('four chains with a cut end each: 16 ends to hide instead of 24', () => {
    const { worked } = wrap();
    const chains = worked.done.filter((did) => did.do === 'chainRungs');
    expect(chains.map((did) => did.id)).toEqual([
      'hand.chainRungs.1+2.ladder-upper',
      'hand.chainRungs.2.ladder-upper-back',
      'hand.chainRungs.1+2.ladder-lower',
      'hand.chainRungs.2.ladder-lower-back'
    ]);
    expect(worked.cuts.filter((cut) => cut.what === 'ladder').map((cut) => cut.count)).toEqual([1, 1, 1, 1]);
    expect(worked.tails.filter((t) => t.fate === 'woven')).toHaveLength(16);
    expect([worked.refusals, worked.left]).toEqual([[], []]);
  });

  it('every rung of either ladder is chained: both tubes over the sleeves, each by itself along the openings', () => {
    const { worked, fabric } = wrap({ sizeBy: 'rows', rows: 200, sleeveRows: 72, neckRows: 56, bodyRows: 120 });
    const upper = worked.done.flatMap((did) =>
      did.do === 'chainRungs' && did.act.name.startsWith('ladder-upper') ? (did.facts?.stretches ?? []) : []
    );
    expect(upper.map(({ name, both, rungs }) => [name, both, rungs])).toEqual([
      ['sleeve-left', true, 72],
      ['neck-front', false, 56],
      ['sleeve-right', true, 72],
      ['neck-back', false, 56]
    ]);
    expect(fabric.pieces[0]!.work.count).toBe(200);
    expect(worked.state.runs.some((r) => !r.cut && r.hold === 'rungs')).toBe(false);
  });

  it('the cuff: 45 on the foundation, 8 rounds of 3 front and 2 back nine times; or plain', () => {
    const cuffs = (options: object) =>
      wrap(options).worked.done.flatMap((did) => (did.do === 'bind' && did.facts ? [did] : []));
    const [ribbed] = cuffs({});
    expect(ribbed!.act).toMatchObject({ stitches: 45, rounds: 8, ribs: { front: 3, back: 2 } });
    const [plain] = cuffs({ cuffBy: 'plain' });
    expect(plain!.act.ribs).toBeUndefined();
    // Nine tall rounds take more than eight low ones.
    expect(ribbed!.facts!.cutMm).toBeGreaterThan(plain!.facts!.cutMm * 1.5);
  });

  it('two yarns: each chain is finished in the yarn of its tube', () => {
    const two = made(
      'wrap',
      { yarn: 'red', backYarn: 'blue' },
      sampleKit({ machine: { pins: 46 }, yarns: [medium('red', '#b03020'), medium('blue', '#205080')] })
    );
    expect(two.plan.acts.flatMap((act) => (act.do === 'chainRungs' ? [act.yarn] : []))).toEqual([
      'red',
      'blue',
      'red',
      'blue'
    ]);
  });
});
