import { describe, expect, it } from 'vitest';
import { hat } from '../../../../tests/support/sample';
import type { CrankFault } from '../knit';
import { repeatedIn } from './repeated';

const { fabric } = hat();
const at = (row: number, pin: number): CrankFault => ({ kind: 'dropped', piece: 0, copy: 1, row, pin, over: 1 });
/** A row of the lining, in its own yarn. */
const second = fabric.pieces[0]!.yarn.indexOf(1) + 5;

describe('what goes wrong again and again', () => {
  it('three times at one pin is that pin, whatever the rows', () => {
    expect(repeatedIn([at(2, 17), at(30, 17), at(31, 4)], fabric)).toEqual([]);
    expect(repeatedIn([at(2, 17), at(30, 17), at(90, 17), at(31, 4)], fabric)).toEqual([{ at: 'pin', pin: 17, times: 3 }]); // prettier-ignore
  });

  it('at many pins it is the first rows, or one yarn', () => {
    expect(repeatedIn([at(1, 3), at(4, 9), at(12, 30), at(60, 2)], fabric)).toEqual([{ at: 'first-rows', times: 3 }]);
    const lining = [at(second, 3), at(second + 4, 9), at(second + 9, 30)];
    expect(repeatedIn(lining, fabric)).toEqual([{ at: 'yarn', yarn: fabric.yarns[1], times: 3 }]);
  });

  it('a pin that fails in piece after piece is named, once it fails in this one', () => {
    const others = [at(7, 17), at(40, 17), at(8, 5), at(9, 5), at(10, 5)];
    expect(repeatedIn([at(2, 17)], fabric, others)).toEqual([{ at: 'pin', pin: 17, times: 3 }]);
    expect(repeatedIn([], fabric, others)).toEqual([]);
  });

  it('a new ball is nobody\u2019s fault', () => {
    expect(
      repeatedIn(
        [2, 30, 90].map((row) => ({ ...at(row, 17), kind: 'new-ball' })),
        fabric
      )
    ).toEqual([]);
  });

  it('the same faults are not said twice', () => {
    expect(repeatedIn([at(1, 3), at(2, 3), at(3, 3)], fabric)).toEqual([{ at: 'pin', pin: 3, times: 3 }]);
  });
});
