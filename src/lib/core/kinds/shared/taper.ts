import { type Shaping, type ShapingEvent, type Side, slopeEvents, trySlope, wholeDecreases } from '../../plan'; // prettier-ignore
import type { Ring } from './tube';

/** How a panel narrows: at which edges, to which width, one stitch at a time or several held at once. */
export interface TaperChoice {
  readonly taper: 'none' | 'both' | 'low' | 'high';
  readonly topMm: number;
  /** Stitches at the top where they were typed: they are kept, or it is said why not. */
  readonly topStitches: number | null;
  readonly method: 'full-fashioned' | 'simple' | 'held';
  /** Stitches that are held at once, where they are held. */
  readonly step: number;
}

/** What happens at the edges, the stitches that are left, and how it is said. */
export interface Taper {
  readonly events: readonly ShapingEvent[];
  readonly left: number;
  readonly shaping: readonly Shaping[];
}

/** Stitches that always stay: a fashioned decrease needs four. */
const STAY = 3;

/**
 * Works a taper out in whole stitches at whole rows.
 *
 * @param given stitches at the start
 * @param rows rows of the work
 * @param begins edge where the yarn stands when the work begins; at the other one everything comes a row later
 */
export function taperOf(o: TaperChoice, ring: Ring, given: number, rows: number, begins: Side): Taper {
  if (o.taper === 'none') return { events: [], left: given, shaping: [] };
  const on: readonly Side[] = o.taper === 'both' ? ['low', 'high'] : [o.taper];
  const { wales, courses } = ring.gauge;
  const own = o.topStitches !== null;
  const top = Math.max(2, Math.min(given, o.topStitches ?? Math.round((o.topMm / 10) * wales.value)));
  const each = o.method === 'held' ? o.step : 1;
  const most = Math.max(0, Math.floor((given - STAY) / (each * on.length)));
  // Several at once must go a whole number of times; one at a time it is enough to halve evenly.
  const whole = o.method === 'held' || own ? wholeDecreases(given, top, each * on.length) : null;
  const wish = whole && !whole.ok ? whole.nearest[0]!.times : Math.round((given - top) / (each * on.length));
  const times = Math.min(wish, most);
  const far = on.some((side) => side !== begins);
  const room = o.method === 'held' ? rows - 2 : far ? rows - 1 : rows;
  const tried = trySlope(times, room);
  const fits = tried.ok ? tried : trySlope(Math.min(times, tried.nearest[0]!.stitches), room);
  if (!fits.ok) return { events: [], left: given, shaping: [] };
  const { slope } = fits;
  const events = on.flatMap((side): ShapingEvent[] => {
    if (o.method !== 'held') return slopeEvents(slope, side, 0, 'decrease', o.method);
    return slope.at.map((row) => ({ row, op: { op: 'hold', side, stitches: each } }));
  });
  const width = (stitches: number): number => Math.round((10 * stitches) / wales.value);
  const trouble: Shaping['trouble'] =
    whole && !whole.ok
      ? {
          why: {
            is: 'fraction',
            from: given,
            to: top,
            each: each * on.length,
            times: whole.times,
            nearest: whole.nearest
          },
          option: own ? 'topStitches' : 'topMm',
          mend: {
            remedy: { code: 'top', stitches: whole.nearest[0]!.to },
            options: own ? { topStitches: whole.nearest[0]!.to } : { topMm: Math.max(10, width(whole.nearest[0]!.to)) }
          }
        }
      : !tried.ok
        ? {
            why: {
              is: 'too-steep',
              stitches: tried.stitches,
              rows: tried.rows,
              needs: tried.needs,
              nearest: tried.nearest
            },
            option: own ? 'rows' : 'lengthMm',
            mend: {
              remedy: { code: 'longer', rows: tried.nearest[1]!.rows + 2 },
              options: own
                ? { rows: tried.nearest[1]!.rows + 2 }
                : { lengthMm: Math.ceil(((tried.nearest[1]!.rows + 2) * 10) / courses.value) }
            }
          }
        : undefined;
  return {
    events,
    left: given - on.length * each * slope.stitches,
    shaping: [
      {
        piece: 0,
        what: { of: 'edges', both: on.length === 2, held: o.method === 'held' ? each : 0 },
        gaps: slope.gaps,
        at: slope.at,
        leftRows: slope.leftRows,
        ...(trouble ? { trouble } : {})
      }
    ]
  };
}
