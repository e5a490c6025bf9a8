import type { Finish } from '../../plan';
import type { Executed } from '../executed';
import type { Sketch } from '../sketch';
import { chain, threadCord, ties } from './chain';
import { crochetEdge, cuff } from './crochet';
import { drawBoth, joinCrowns, zipEdges } from './crowns';
import { drawShut, threadEdge } from './draw-shut';
import { ears, flatClose } from './flat-close';
import { pushInside, turnUp } from './fold-in';
import { block, chainHeld, edging, latch } from './panels';
import { pompom } from './pompom';
import { benchOf, type FinishWords, type Procedure } from './procedure';
import { chainLadder, seam, twist } from './seam';
import { foldBag, sewToe, turnOut } from './shape';
import { string } from './string';
import { checkJoins, weaveIn } from './tails';
import { attach, face, stuff, waist } from './toy';
import { removeWaste } from './waste';

/** Every procedure. To add one, write it and name it here; the type sees to it that none is missing. */
const PROCEDURES: { readonly [D in Finish['do']]: Procedure<Extract<Finish, { do: D }>> } = {
  threadEdge,
  removeWaste,
  drawShut,
  pushInside,
  joinCrowns,
  zipEdges,
  drawBoth,
  checkJoins,
  weaveIn,
  turnUp,
  pompom,
  ties,
  flatClose,
  crochetEdge,
  chain,
  threadCord,
  turnOut,
  seam,
  chainHeld,
  block,
  edging,
  latch,
  twist,
  chainLadder,
  sewToe,
  ears,
  foldBag,
  cuff,
  stuff,
  waist,
  attach,
  face,
  string
};

/** Every finishing action there is; a test fails when one is never exercised. */
export const FINISHES = Object.keys(PROCEDURES) as Finish['do'][];

const procedureOf = (finish: Finish): Procedure => PROCEDURES[finish.do] as unknown as Procedure;

/** Words, minutes and the line on schools of one finishing action. */
export const finishWords = (run: Executed, finish: Finish): FinishWords =>
  procedureOf(finish).words(finish, benchOf(run));

/** The drawing of one finishing action of a plan, or null where words say it all or the piece could not be knitted. */
export function finishingSketch(run: Executed, index: number): Sketch | null {
  const finish = run.plan.finishing[index];
  if (!finish || ('piece' in finish && !run.fabric.pieces[finish.piece]?.rows)) return null;
  return procedureOf(finish).sketch?.(finish, benchOf(run)) ?? null;
}
