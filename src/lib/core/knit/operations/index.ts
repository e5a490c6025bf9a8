import type { Operation } from '../../plan';
import { castOn } from './cast-on';
import { decrease } from './decrease';
import { float } from './float';
import { hangOff } from './hang-off';
import { hold } from './hold';
import { increase } from './increase';
import { knit } from './knit-rows';
import { ladder } from './ladder';
import { newEnd } from './new-end';
import { rehang } from './rehang';
import type { OpRule, RuleOf } from './rule';
import { zeroCounter } from './zero-counter';

/** Every operation. To add one, write it and name it here; the type sees to it that none is missing. */
const RULES: { readonly [K in Operation['op']]: RuleOf<K> } = {
  castOn,
  zeroCounter,
  knit,
  rehang,
  ladder,
  decrease,
  increase,
  hold,
  newEnd,
  float,
  hangOff
};

/** The rule of an operation. */
export const ruleOf = (op: Operation): OpRule => RULES[op.op] as unknown as OpRule;

export type { OpRule } from './rule';
