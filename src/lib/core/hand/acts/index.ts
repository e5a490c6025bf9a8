import type { Act, ActOf } from '../../plan';
import { bind, type BindFacts } from './bind';
import { block, type BlockFacts } from './block';
import { bringOut, type BringOutFacts } from './bring-out';
import { chainRungs, type ChainRungsFacts } from './chain-rungs';
import { cord, type CordFacts } from './cord';
import { draw, type DrawFacts } from './draw';
import { fill, type FillFacts } from './fill';
import { fix, type FixFacts } from './fix';
import { fold, type FoldFacts } from './fold';
import { gather, type GatherFacts } from './gather';
import { hang, type HangFacts } from './hang';
import { join, type JoinFacts } from './join';
import { latch, type LatchFacts } from './latch';
import { latchUp, type LatchUpFacts } from './latch-up';
import { lead, type LeadFacts } from './lead';
import { own, type OwnFacts } from './own';
import { pompom, type PompomFacts } from './pompom';
import { rest, type RestFacts } from './rest';
import type { ActRule } from './rule';
import { runDown, type RunDownFacts } from './run-down';
import { sewOn, type SewOnFacts } from './sew-on';
import { thread, type ThreadFacts } from './thread';
import { threadCord, type ThreadCordFacts } from './thread-cord';
import { tie, type TieFacts } from './tie';
import { tryOn, type TryOnFacts } from './try-on';
import { turn, type TurnFacts } from './turn';
import { waist, type WaistFacts } from './waist';
import { wasteOff, type WasteOffFacts } from './waste-off';
import { weave, type WeaveFacts } from './weave';

/** What each act says of itself once it is done, in counts and lengths. */
export interface FactsOf {
  readonly thread: ThreadFacts;
  readonly lead: LeadFacts;
  readonly draw: DrawFacts;
  readonly gather: GatherFacts;
  readonly bringOut: BringOutFacts;
  readonly join: JoinFacts;
  readonly bind: BindFacts;
  readonly chainRungs: ChainRungsFacts;
  readonly runDown: RunDownFacts;
  readonly wasteOff: WasteOffFacts;
  readonly fold: FoldFacts;
  readonly turn: TurnFacts;
  readonly waist: WaistFacts;
  readonly fill: FillFacts;
  readonly block: BlockFacts;
  readonly latch: LatchFacts;
  readonly latchUp: LatchUpFacts;
  readonly cord: CordFacts;
  readonly tryOn: TryOnFacts;
  readonly threadCord: ThreadCordFacts;
  readonly sewOn: SewOnFacts;
  readonly rest: RestFacts;
  readonly pompom: PompomFacts;
  readonly fix: FixFacts;
  readonly hang: HangFacts;
  readonly tie: TieFacts;
  readonly weave: WeaveFacts;
  readonly own: OwnFacts;
}

/** Every act. To add one, write it and name it here; the type sees to it that none is missing. */
const RULES: { readonly [D in Act['do']]: ActRule<ActOf<D>, FactsOf[D]> } = {
  thread,
  lead,
  draw,
  gather,
  bringOut,
  join,
  bind,
  chainRungs,
  runDown,
  wasteOff,
  fold,
  turn,
  waist,
  fill,
  block,
  latch,
  latchUp,
  cord,
  tryOn,
  threadCord,
  sewOn,
  rest,
  pompom,
  fix,
  hang,
  tie,
  weave,
  own
};

/** The rule of an act. */
export const ruleOf = (act: Act): ActRule => RULES[act.do] as unknown as ActRule;

/** Every act there is; a test fails when one is never exercised. */
export const ACTS = Object.keys(RULES) as Act['do'][];

export { wayOf } from './rule';
export type { ActRule, Mirror } from './rule';
export type { TailGroup } from './weave';
