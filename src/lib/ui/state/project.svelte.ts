import { liveQuery } from 'dexie';
import type { CrankFault } from '$lib/core/knit';
import { tick, untrack } from 'svelte';
import type { Kit } from '$lib/core/kit';
import { type Change, changed } from '$lib/core/plan';
import { tried } from '$lib/core/remedy';
import { judged, type Read, type Readings, type Result } from '$lib/core/tomble';
import { type Departure, observationsOf } from '$lib/core/read';
import { browserShelf } from '$lib/store/shelf';
import { changeHabits, loadKit } from '$lib/store/kit';
import { type Collision, collisionsOf } from '$lib/store/collide';
import { broughtIn } from '$lib/store/brought-in';
import { eventOf, eventsOf, type Pulse, pulseOf } from '$lib/store/events';
import {
  edited,
  finishProject,
  joining,
  planProject,
  redone,
  settled,
  type EditMark,
  undone
} from '$lib/store/projects';
import { Gone, reviseProject } from '$lib/store/revise';
import type { CrankAction, CrankEvent } from '$lib/store/records/crank-event';
import type { Measured, Project } from '$lib/store/records/project';
import { tickedIds } from '$lib/store/ticks';
import { type SaidFinding, worded } from '$lib/words';
import { afterPaint, painted } from '../frame/turn';
import { onPaper } from '../paper/printing.svelte';
import { askToKeep } from './ask-to-keep';
import { db } from './db';
import { departing, isOfWords } from './departing';
import { History } from './history';
import { RowWriter } from './row-writer';
import { WriteQueue } from './write-queue';

/** Which version of a project it is. */
const stampOf = ({ rev, updatedAt }: Project): string => `${rev} ${updatedAt}`;

const NO_FAULTS: readonly CrankFault[] = [];

/**
 * One project on the screen: what is stored, the executed plan derived from it, and the ways to change it. An edit
 * is shown at once and written behind it.
 */
export class ProjectState {
  /** Undefined until it was read; null where there is no machine or no yarn. */
  kit = $state.raw<Kit | null | undefined>(undefined);
  project = $state.raw<Project | null>(null);
  status = $state<'loading' | 'ready' | 'missing' | 'broken'>('loading');
  /** The last plan that could be drafted, so that a picture stays while a field is being mended. */
  #last: Readings | null = null;
  #edit: EditMark | null = null;
  /** The project that is followed, and which version of it what is shown was made of. */
  #id = '';
  #stamp = '';
  #counted = false;
  /** A change that waits, because it would make the plan another one than what hangs on the machine. */
  asked = $state.raw<{ readonly departs: Departure; readonly go: () => void } | null>(null);
  /** Values that another window set at the same moment. */
  collisions = $state.raw<readonly Collision[]>([]);
  /** Things that happened at the crank and are not on the disk yet. */
  unkept = $state(0);

  /** Another window brought in a backup, and this project with it. */
  replaced = $state(false);

  readonly #history = new History();
  progress = $state.raw(this.#history.progress);
  /** What went wrong at the crank and is not mended: the same list until another fault is told. */
  #open = $derived.by(() => {
    const told = this.progress.faults;
    return told.length === 0 ? NO_FAULTS : told.filter(({ mended }) => !mended).map(({ fault }) => fault);
  });
  planned = $derived.by((): Read | null =>
    this.kit && this.project ? planProject(this.kit, this.project, this.#open) : null
  );
  result = $derived.by((): Readings | null => {
    if (this.planned?.ok) this.#last = this.planned.value;
    return this.#last;
  });
  /** What is told with its findings: after an edit its figures are painted first. */
  #judged = $state.raw<{ readonly of: Readings; readonly result: Result } | null>(null);
  /** What is found, in words; remedies are offered once they were tried: each is a plan of its own. */
  findings = $derived.by((): readonly SaidFinding[] => {
    const { result } = this;
    if (!result) return [];
    // At first, and on paper, nothing waits.
    const told = !this.#judged || (onPaper() && this.#judged.of !== result) ? judged(result) : this.#judged.result;
    return worded(told).findings;
  });

  constructor() {
    $effect(() => {
      const of = this.result;
      let gone = false;
      void (async () => {
        if (untrack(() => this.#judged)) await afterPaint();
        if (gone) return;
        const result = of && judged(of);
        this.#judged = of && result && { of, result };
        if (!of || !result?.findings.some((finding) => finding.remedies)) return;
        await afterPaint();
        if (!gone) this.#judged = { of, result: tried(result) };
      })();
      return () => (gone = true);
    });
  }
  units = $derived(this.kit?.habits.units ?? 'metric');

  /** Everything that happened at the crank so far, for a file. */
  get events(): readonly CrankEvent[] {
    return this.#history.events;
  }

  /**
   * Shows a project and follows it for as long as it is looked at: what another window keeps is shown here too.
   *
   * @returns ends the following
   */
  follow(id: string): () => void {
    [this.#id, this.#stamp, this.#counted, this.#last, this.#edit] = [id, '', false, null, null];
    [this.status, this.project, this.kit, this.collisions, this.#judged] = ['loading', null, undefined, [], null];
    this.replaced = false;
    this.#took([]);
    const broken = (): unknown => this.status === 'loading' && (this.status = 'broken');
    const kit = liveQuery(() => loadKit(db())).subscribe({
      next: (found) => {
        this.kit = found;
        this.#begun();
      },
      error: broken
    });
    const project = liveQuery(() => db().projects.get(id)).subscribe({
      next: (stored) => {
        if (!stored) this.status = 'missing';
        else {
          if (this.status === 'missing') this.status = 'ready';
          // While something of this page is on its way there, what comes back is older than what is shown.
          if (!this.project || (this.#queue.length === 0 && stampOf(stored) !== this.#stamp)) this.#arrived(stored);
        }
        this.#begun();
      },
      error: broken
    });
    const crank = liveQuery(() => pulseOf(db(), id)).subscribe({
      next: async (pulse) => {
        await this.#heard(id, pulse);
        this.#counted = true;
        this.#begun();
      },
      error: broken
    });
    let before: string | null | undefined;
    const others = liveQuery(() => broughtIn(db())).subscribe({
      next: (found) => {
        if (before !== undefined && found && found.at !== before && found.projects.includes(id)) this.replaced = true;
        before = found?.at ?? null;
      },
      error: broken
    });
    return () => [kit, project, crank, others].forEach((each) => each.unsubscribe());
  }

  /** Everything that is asked for is there. */
  #begun(): void {
    if (this.status === 'loading' && this.#counted && this.kit !== undefined && this.project)
      this.status = this.kit ? 'ready' : 'missing';
  }

  /** Writes in their order; what could not be kept waits until it can, and everything after it. */
  readonly #queue = new WriteQueue(({ refused, slow }) => ([this.refused, this.slow] = [refused, slow]));

  /** Why the last change is not kept yet, or null. */
  refused = $state.raw<unknown>(null);

  /** Whether what was changed last has been on its way for long: something else holds the data base. */
  slow = $state(false);

  /** Tries once more to keep what could not be kept. */
  retry(): void {
    this.#queue.run();
  }

  /**
   * Shows what a change makes of the project, and makes it of what is kept: another window may have changed something
   * else since.
   */
  #revise(change: (project: Project) => Project): void {
    if (!this.project) return;
    const { id } = this.project;
    this.project = change(this.project);
    this.#queue.add(async () => {
      let asShown = false;
      try {
        const kept = await reviseProject(db(), id, (stored) => {
          asShown = stampOf(stored) === this.#stamp;
          return change(stored);
        });
        if (id !== this.#id) return;
        // Made of the same as what stands here, it is the same; else it is shown once nothing more is on its way there.
        if (asShown) this.#stamp = stampOf(kept);
        else if (this.#queue.length <= 1) this.#arrived(kept);
      } catch (error) {
        if (!(error instanceof Gone)) throw error;
        this.status = 'missing';
      }
    });
  }

  #arrived(stored: Project): void {
    this.#stamp = stampOf(stored);
    this.project = stored;
  }

  /**
   * Whether what would become of the project is another plan than what hangs on the machine: then it waits until the knitter
   * has been told.
   *
   * @param next the project as it would be
   * @param go does it all the same
   */
  #waits(next: Project, go: () => void): boolean {
    const { kit, planned, project } = this;
    const departs = departing({ kit, planned, project, rows: this.progress.rows, faults: this.#open }, next);
    this.asked = departs && { departs, go };
    return departs !== null;
  }

  /**
   * Changes the brief. A change of what hangs on the machine is asked about first.
   *
   * The picture follows in the same frame; marks measure it.
   */
  edit(change: Change, sure = false): void {
    const seen = this.project;
    if (!seen) return;
    const next = { ...seen, brief: changed(seen.brief, change) };
    if (!sure && !isOfWords(change) && this.#waits(next, () => this.edit(change, true))) return;
    this.asked = null;
    performance.mark('tomble:edit');
    const { joins, last } = joining(seen, change, this.#edit);
    this.#edit = last;
    this.#revise((stored) => {
      const collisions = stored === seen ? [] : collisionsOf(stored.brief, seen.brief, change);
      if (collisions.length) this.collisions = collisions;
      // What another window set goes onto the undo list by itself, so that neither version is lost.
      return edited(stored, change, joins && !collisions.length);
    });
    void tick().then(() => {
      performance.measure('tomble:edit-to-dom', 'tomble:edit');
      requestAnimationFrame(() => performance.measure('tomble:edit-to-frame', 'tomble:edit'));
    });
  }

  /** Keeps a school of the craft as a habit: new plans begin with it. */
  school(key: string, value: string): void {
    if (!this.kit) return;
    const schools = { ...this.kit.habits.schools, [key]: value };
    this.kit = { ...this.kit, habits: { ...this.kit.habits, schools } };
    this.#queue.add(() => changeHabits(db(), { schools: { [key]: value } }));
  }

  undo(sure = false): void {
    if (!sure && this.project && this.#waits(undone(this.project), () => this.undo(true))) return;
    this.asked = null;
    this.#revise(undone);
    this.#edit = null;
    this.collisions = [];
  }

  redo(sure = false): void {
    if (!sure && this.project && this.#waits(redone(this.project), () => this.redo(true))) return;
    this.asked = null;
    this.#revise(redone);
    this.#edit = null;
  }

  /** Records what happened at the crank: shown at once as not kept yet, and as done when it is on the disk. */
  crank(what: CrankAction): void {
    const { project, kit } = this;
    if (!project) return;
    if (kit && what.do === 'row' && !project.knowledge) {
      this.#revise((stored) => settled(kit, stored));
      // With the first row something is begun that must not be cleared away when the disk runs short.
      void askToKeep();
    }
    const event = eventOf(project.id, what, this.#history.events.length);
    this.#history.add(event);
    this.progress = this.#history.progress;
    this.unkept += 1;
    this.#rows.add(event);
  }

  readonly #rows = new RowWriter({
    db,
    shelf: browserShelf,
    queue: (work) => this.#queue.add(work),
    goOn: () => this.#queue.run(),
    painted,
    onkept: async (count) => {
      this.unkept -= count;
      const id = this.#id;
      if (this.unkept === 0 && this.#behind) await this.#heard(id, await pulseOf(db(), id));
    }
  });

  /** Another window may have gone on while rows of this one were on their way. */
  #behind = false;

  /** Reads what happened at the crank again where what is kept is not what is known here. */
  async #heard(id: string, pulse: Pulse): Promise<void> {
    const known = this.#history.events.length;
    // What is read is old as soon as another row is cranked here: then it is asked again.
    const current = (): boolean => this.unkept === 0 && id === this.#id && this.#history.events.length === known;
    this.#behind = !current();
    if (this.#behind || this.#history.matches(pulse)) return;
    const events = await eventsOf(db(), id);
    this.#behind = !current();
    if (!this.#behind) this.#took(events);
  }

  #took(events: readonly CrankEvent[]): void {
    this.#history.take(events);
    this.progress = this.#history.progress;
  }

  /** Plans with what is known now, also where rows were cranked already. */
  learnAnew(sure = false): void {
    const { project } = this;
    if (!sure && project && this.#waits({ ...project, knowledge: null }, () => this.learnAnew(true))) return;
    this.asked = null;
    this.#revise((stored) => ({ ...stored, knowledge: null }));
  }

  /** Ids of the finishing steps that are ticked, those of older releases carried over. */
  ticked = $derived.by((): readonly string[] => {
    const steps = this.result?.steps.filter((step) => step.phase === 'finish') ?? [];
    return tickedIds(this.project?.finished ?? [], steps);
  });

  /** Keeps what was measured while the piece rested. */
  rest(rested: Project['rested']): void {
    this.#revise((stored) => ({ ...stored, rested }));
  }

  /** Ticks or unticks a finishing step. */
  tick(stepId: string, done: boolean): void {
    const steps = this.result?.steps.filter((step) => step.phase === 'finish') ?? [];
    this.#revise((stored) => {
      const others = tickedIds(stored.finished, steps).filter((id) => id !== stepId);
      return { ...stored, finished: done ? [...others, stepId] : others };
    });
  }

  /**
   * Keeps the measured result.
   *
   * @throws what the browser says when it cannot be kept
   */
  async measure(measured: Measured): Promise<void> {
    const { project, result } = this;
    if (!project || !result) return;
    const taught = observationsOf(result, project.id, measured, measured.at.slice(0, 10));
    const { knowledge } = settled(this.kit ?? result.kit, project);
    await finishProject(db(), project.id, { measured, knowledge }, taught);
  }
}
