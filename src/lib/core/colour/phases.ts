import { gaugeFor, type Kit, type Machine, usualHole, type Yarn } from '../kit';

type Phases = Yarn['phases'];

/** A stretch of rows that one phase colours. Rows may be parts of rows: a phase changes anywhere in a round. */
export interface PhaseRun {
  /** Index into the phases of the yarn. */
  readonly phase: number;
  readonly metres: number;
  /** Where it begins and ends, in rows from the first one of this yarn. */
  readonly from: number;
  readonly to: number;
}

/** Metres of one round of phases. @example cycleMetres([{ metres: 40 }, { metres: 60 }]) // 100 */
export const cycleMetres = (phases: readonly { readonly metres: number }[]): number =>
  phases.reduce((sum, { metres }) => sum + metres, 0);

/**
 * How the phases of a yarn lie along rows: from metres to rows, beginning anywhere in the ball.
 *
 * @param phases in the order they come from the ball, again and again
 * @param rows metres of each row, in the order they are knitted
 * @param start metres of the ball's order that are passed before the first row
 * @returns runs whose metres add up to those of the rows
 * @example phaseRuns([{ name: 'moss', hex, metres: 10 }, …], [4, 4, 4, 4], 0)[0].to // 2.5
 */
export function phaseRuns(phases: Phases, rows: readonly number[], start: number): PhaseRun[] {
  const cycle = cycleMetres(phases);
  if (phases.length === 0 || cycle <= 0 || rows.length === 0) return [];
  const runs: PhaseRun[] = [];
  // Which phase the thread stands in, and how much of it is left.
  let at = ((start % cycle) + cycle) % cycle;
  let phase = 0;
  while (at >= phases[phase]!.metres) at -= phases[phase++]!.metres; // prettier-ignore
  let left = phases[phase]!.metres - at;
  rows.forEach((metres, row) => {
    let need = metres;
    let within = 0;
    while (need > 1e-9) {
      const some = Math.min(need, left);
      const [from, to] = [row + within / metres, row + (within + some) / metres];
      const last = runs.at(-1);
      if (last?.phase === phase) runs[runs.length - 1] = { ...last, metres: last.metres + some, to };
      else runs.push({ phase, metres: some, from, to });
      need -= some;
      within += some;
      left -= some;
      if (left <= 1e-9) {
        phase = (phase + 1) % phases.length;
        left = phases[phase]!.metres;
      }
    }
  });
  return runs;
}

/** What a piece shows of a long-phase yarn. */
export interface PhaseShow {
  /** Fewest and most colours that are seen, over every place of the ball one may begin at. */
  readonly fewest: number;
  readonly most: number;
  /** Rows that one phase colours, on average. */
  readonly rowsAPhase: number;
  /** Metres a piece needs so that a change is sure to show: more than the longest phase. */
  readonly sureMetres: number;
}

/** Places in the ball that are tried. */
const STARTS = 60;

/**
 * Whether a change of colour shows at all, wherever in the ball one begins.
 *
 * @param rows metres of each row
 */
export function phaseShow(phases: Phases, rows: readonly number[]): PhaseShow {
  const cycle = cycleMetres(phases);
  const all = rows.reduce((sum, m) => sum + m, 0);
  const counts = Array.from({ length: STARTS }, (_, i) => new Set(phaseRuns(phases, rows, (i * cycle) / STARTS).map((r) => r.phase)).size); // prettier-ignore
  const longest = Math.max(...phases.map((p) => p.metres));
  return {
    fewest: Math.min(...counts),
    most: Math.max(...counts),
    rowsAPhase: all > 0 ? (rows.length * cycle) / phases.length / all : 0,
    sureMetres: longest
  };
}

/** What one ring of the kit shows of a long-phase yarn. */
export interface RingShow {
  readonly machine: Machine;
  /** Rows that one phase colours there, on average. */
  readonly rowsAPhase: number;
  /** Rows after which a change is sure to have come, wherever in the ball one begins. */
  readonly sureRows: number;
}

/**
 * How far a phase goes on every ring of the kit, knitted as a tube: a longer round shows more of the change.
 *
 * @example phaseRings(kit, yarn)[0].rowsAPhase // 31
 */
export function phaseRings(kit: Kit, yarn: Yarn): RingShow[] {
  const cycle = cycleMetres(yarn.phases);
  const longest = Math.max(...yarn.phases.map((p) => p.metres));
  return kit.machines.map((machine) => {
    const { loopMm } = gaugeFor(kit, machine, yarn, usualHole(machine, yarn));
    const row = (machine.pins * loopMm * yarn.strands) / 1000;
    return { machine, rowsAPhase: cycle / yarn.phases.length / row, sureRows: Math.floor(longest / row) + 1 };
  });
}

/** One ball to wind from a long-phase ball: where the thread is cut, and how much it holds. */
export interface WoundBall {
  readonly phase: number;
  readonly metres: number;
  /** Metres from the beginning of the ball at which it is cut off. */
  readonly cuts: readonly number[];
}

/**
 * How to divide a ball by colour: cut where a phase ends, the pieces of one colour wound together.
 *
 * @param metres of the whole ball
 * @param start metres of the ball's order that are passed already
 */
export function winding(phases: Phases, metres: number, start: number): WoundBall[] {
  const runs = phaseRuns(phases, [metres], start);
  return phases.flatMap((_, phase): WoundBall[] => {
    const own = runs.filter((r) => r.phase === phase);
    if (own.length === 0) return [];
    return [{ phase, metres: own.reduce((sum, r) => sum + r.metres, 0), cuts: own.map((r) => r.to * metres) }];
  });
}
