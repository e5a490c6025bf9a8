import { offBy, sectionsOf } from '$lib/core/colour';
import { type ColourSection, type PieceColours, rowsIn } from '$lib/core/plan';
import type { Readings } from '$lib/core/tomble';
import { planProject } from '$lib/store/projects';
import type { ProjectState } from '../state/project.svelte';
import { type Later, later } from '../state/later.svelte';

type Sections = readonly ColourSection[];

/** The pictures follow a dragged border so often: planning at every frame would make the border itself late. */
const TRAIL_MS = 120;

/** The colours of one project as they are worked on: which piece, which section, and what is being dragged. */
export class ColourDesk {
  /** Number of the piece that is worked on, and of the section that is chosen. */
  piece = $state(0);
  chosen = $state(0);
  /** Yarn a click on the tube paints with; none selects only. */
  brush = $state<string | null>(null);
  /** Sections while a border is dragged; kept once it is let go. */
  #dragged = $state.raw<Sections | null>(null);
  /** What of it the pictures show: they follow some times a second, the tube at once. */
  #trail = $state.raw<Sections | null>(null);
  #due: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly at: ProjectState) {
    this.#seen = later(() => this.#dropped);
  }

  /** What was set for this piece, or null where the plan's own colours hold. */
  set = $derived.by((): Sections | null => this.at.project!.brief.colours.find((c) => c.piece === this.piece)?.sections ?? null); // prettier-ignore
  #planned = $derived.by((): Sections => {
    const piece = this.at.result?.plan.pieces[this.piece];
    return piece ? sectionsOf(piece).map((s) => ({ ...s, locked: false })) : [];
  });
  sections = $derived.by((): Sections => this.#dragged ?? this.set ?? this.#planned);
  /** Rows the piece has. */
  total = $derived.by((): number => rowsIn(this.#planned));
  /** Rows that what was set is off from that. */
  off = $derived.by((): number => {
    const piece = this.at.result?.plan.pieces[this.piece];
    return piece && this.set ? offBy(piece, this.set) : 0;
  });

  /** The plan as it would be with what is dragged: it follows a moment behind the pointer. */
  #dropped = $derived.by((): Readings | null => {
    const { kit, project } = this.at;
    if (!this.#trail || !kit || !project) return this.at.result;
    const planned = planProject(kit, { ...project, brief: { ...project.brief, colours: this.#with(this.#trail) } });
    return planned.ok ? planned.value : this.at.result;
  });
  readonly #seen: Later<Readings | null>;
  /** What the pictures show. */
  get result(): Readings | null {
    return this.#seen.value ?? this.at.result;
  }

  #with(sections: Sections, piece = this.piece): PieceColours[] {
    const others = this.at.project!.brief.colours.filter((c) => c.piece !== piece);
    return [...others, { piece, sections: [...sections] }].sort((a, b) => a.piece - b.piece);
  }

  /** Keeps sections for this piece. */
  put(sections: Sections | null): void {
    this.#let();
    if (!sections || sections === this.set) return;
    this.at.edit({ colours: this.#with(sections) });
    this.chosen = Math.min(this.chosen, sections.length - 1);
  }

  /** Shows sections without keeping them. */
  drag(sections: Sections): void {
    this.#dragged = sections;
    this.#due ??= setTimeout(() => {
      this.#due = undefined;
      this.#trail = this.#dragged;
    }, TRAIL_MS);
  }

  /** Nothing is dragged any more. */
  #let(): void {
    clearTimeout(this.#due);
    [this.#due, this.#dragged, this.#trail] = [undefined, null, null];
  }

  /** Keeps what was dragged. */
  drop(): void {
    if (this.#dragged) this.put(this.#dragged);
  }

  /** Back to the colours the plan has by itself. */
  unset(): void {
    this.#let();
    this.at.edit({ colours: this.at.project!.brief.colours.filter((c) => c.piece !== this.piece) });
  }

  /** Gives other pieces the same sections from their first row up. */
  share(lists: readonly { readonly piece: number; readonly sections: Sections }[]): void {
    const others = this.at.project!.brief.colours.filter((c) => lists.every(({ piece }) => piece !== c.piece));
    this.at.edit({ colours: [...others, ...lists.map((l) => ({ piece: l.piece, sections: [...l.sections] }))] });
  }
}
