import { drag } from 'd3-drag';
import { select } from 'd3-selection';

/** What is told while a border is dragged: the border, and how many rows it went. */
export interface BorderDrag {
  /** Row nearest to a height in pixels from above. */
  readonly rowAt: (y: number) => number;
  /** The border nearest to a row; below 0 where there is none. */
  readonly nearest: (row: number) => number;
  readonly onstart: (border: number) => void;
  readonly ondrag: (border: number, row: number) => void;
  readonly onend: () => void;
}

/** Lets the borders beside an element be dragged, by mouse, pen or finger. */
export function borderDrag(node: HTMLElement, told: BorderDrag) {
  let now = told;
  let border = -1;
  const behaviour = drag<HTMLElement, unknown>()
    .container(() => node)
    .on('start', (event: { y: number }) => {
      border = now.nearest(now.rowAt(event.y));
      if (border >= 0) now.onstart(border);
    })
    .on('drag', (event: { y: number }) => {
      if (border >= 0) now.ondrag(border, now.rowAt(event.y));
    })
    .on('end', () => {
      if (border >= 0) now.onend();
      border = -1;
    });
  select(node).call(behaviour);
  return {
    update: (next: BorderDrag) => void (now = next),
    destroy: () => void select(node).on('.drag', null)
  };
}
