export { PURPOSES, type Fabric, type PieceFabric, type RowRun, type Tension, type Trace } from './fabric';
export { CrankFault } from './fault';
export { knit } from './knit';
export { mirrored } from './mirror';
export { ruleOf as ruleOfOperation } from './operations';
export { reachOf } from './ring';
export {
  allRows,
  allWorkRows,
  execute,
  type Executed,
  mainFeed,
  mainGauge,
  mainYarn,
  pieceAt,
  type PieceRun,
  workRows,
  colourChanges
} from './executed';
export { type Counted, countedRow, workOf } from './work-row';
export { tensionOfFeed, yarnOfFeed } from './feed';
export { lengthMmOf, lengthOfRows, lengthsOf } from './length';
export { type MachineCode, type MachineFacts, type MachineNo } from './refusal';
