import { tick } from 'svelte';
import type { Kit } from '$lib/core/kit';
import type { Change } from '$lib/core/plan';
import { tried } from '$lib/core/remedy';
import type { Planned, Result } from '$lib/core/tomble';
import { observationsOf } from '$lib/core/read';
import { jot, record, strike } from '$lib/store/journal';
import { browserShelf } from '$lib/store/shelf';
import { changeHabits, loadKit } from '$lib/store/kit';
import {
  edited,
  eventOf,
  eventsOf,
  finishProject,
  planProject,
  redone,
  saveProject,
  settled,
  undone
} from '$lib/store/projects';
import { type CrankAction, type CrankEvent, Fold } from '$lib/store/records/crank-event';
import type { Measured, Project } from '$lib/store/records/project';
import { tickedIds } from '$lib/store/ticks';
import { type SaidFinding, worded } from '$lib/words';
import { afterPaint } from '../frame/turn';
import { db } from './db';

/**
 * One project on the screen: what is stored, the executed plan derived from it, and the ways to change it. An edit
 * is shown at once and written behind it.
 */
export class ProjectState {
  kit = $state.raw<Kit | null>(null);
  project = $state.raw<Project | null>(null);
  status = $state<'loading' | 'ready' | 'missing' | 'broken'>('loading');
  /** The last plan that could be drafted, so that a picture stays while a field is being mended. */
  #last: Result | null = null;
  #edit: { touched: string; at: number } | null = null;
  #writes: Promise<unknown> = Promise.resolve();

  planned = $derived.by((): Planned | null => (this.kit && this.project ? planProject(this.kit, this.project) : null));
  result = $derived.by((): Result | null => {
    if (this.planned?.ok) this.#last = this.planned.value;
    return this.#last;
  });
  /** The last result whose remedies were tried: each is a plan of its own, so that waits until the frame is painted. */
  #tried = $state.raw<{ readonly of: Result; readonly result: Result } | null>(null);
  /** What is found, in words; remedies are offered once they were tried. */
  findings = $derived.by((): readonly SaidFinding[] => {
    const { result } = this;
    if (!result) return [];
    return worded(this.#tried?.of === result ? this.#tried.result : result).findings;
  });

  constructor() {
    $effect(() => {
      const of = this.result;
      if (!of?.findings.some((finding) => finding.remedies)) return;
      let gone = false;
      void afterPaint().then(() => {
        if (!gone) this.#tried = { of, result: tried(of) };
      });
      return () => (gone = true);
    });
  }
  /** What happened at the crank, and where it leads: both grow by one with every press. */
  #events: CrankEvent[] = [];
  #fold = new Fold();
  progress = $state.raw(this.#fold.progress);
  units = $derived(this.kit?.habits.units ?? 'metric');

  /** Everything that happened at the crank so far, for a file. */
  get events(): readonly CrankEvent[] {
    return this.#events;
  }

  async load(id: string): Promise<void> {
    try {
      const [kit, project, events] = await Promise.all([loadKit(db()), db().projects.get(id), eventsOf(db(), id)]);
      if (!kit || !project || project.deletedAt) {
        this.status = 'missing';
        return;
      }
      this.kit = kit;
      this.project = project;
      this.#events = events;
      this.#fold = events.reduce((fold, event) => fold.add(event.what), new Fold());
      this.progress = this.#fold.progress;
      this.status = 'ready';
    } catch {
      this.status = 'broken';
    }
  }

  /** Reads the kit again, after a yarn or machine was changed. */
  async refreshKit(): Promise<void> {
    this.kit = (await loadKit(db())) ?? this.kit;
  }

  #write(work: () => Promise<unknown>): Promise<unknown> {
    this.#writes = this.#writes.then(work).catch(() => (this.status = 'broken'));
    return this.#writes;
  }

  #show(project: Project): void {
    this.project = project;
    void this.#write(() => saveProject(db(), project));
  }

  /** Changes the brief. The picture follows in the same frame; marks measure it. */
  edit(change: Change): void {
    if (!this.project) return;
    performance.mark('tomble:edit');
    const { project, last } = edited(this.project, change, this.#edit);
    this.#edit = last;
    this.#show(project);
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
    void this.#write(() => changeHabits(db(), { schools }));
  }

  undo(): void {
    if (this.project) this.#show(undone(this.project));
    this.#edit = null;
  }

  redo(): void {
    if (this.project) this.#show(redone(this.project));
    this.#edit = null;
  }

  /** Records what happened at the crank: shown and written at once. */
  crank(what: CrankAction): void {
    const { project } = this;
    if (!project) return;
    if (this.kit && what.do === 'row' && !project.knowledge) this.#show(settled(this.kit, project));
    const event = eventOf(project.id, what);
    this.#events.push(event);
    this.progress = this.#fold.add(what).progress;
    const shelf = browserShelf();
    jot(shelf, event);
    void this.#write(async () => {
      await record(db(), event);
      strike(shelf, event);
    });
  }

  /** Plans with what is known now, also where rows were cranked already. */
  learnAnew(): void {
    if (this.project) this.#show({ ...this.project, knowledge: null });
  }

  /** Ids of the finishing steps that are ticked, those of older releases carried over. */
  ticked = $derived.by((): readonly string[] => {
    const steps = this.result?.steps.filter((step) => step.phase === 'finish') ?? [];
    return tickedIds(this.project?.finished ?? [], steps);
  });

  /** Keeps what was measured while the piece rested. */
  rest(rested: Project['rested']): void {
    if (this.project) this.#show({ ...this.project, rested });
  }

  /** Ticks or unticks a finishing step. */
  tick(stepId: string, done: boolean): void {
    if (!this.project) return;
    const others = this.ticked.filter((id) => id !== stepId);
    this.#show({ ...this.project, finished: done ? [...others, stepId] : others });
  }

  /** Keeps the measured result. */
  async measure(measured: Measured): Promise<void> {
    const { project, result } = this;
    if (!project || !result) return;
    const taught = observationsOf(result, project.id, measured, measured.at.slice(0, 10));
    const { knowledge } = settled(this.kit ?? result.kit, project);
    this.project = { ...project, measured, knowledge };
    await this.#write(() => finishProject(db(), project.id, { measured, knowledge }, taught));
  }
}
