export { CELL, PURPOSES, type Fabric, type PieceFabric, type Trace } from './fabric';
export type { CrankFault } from './fault';
export { knit, type Knitted } from './knit';
export { reachOf } from './ring';
