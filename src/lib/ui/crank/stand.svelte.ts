import { cuesAhead, joinMomentsOf, legAt, momentsOf, nextAt, trackOf, workCount, workIn } from '$lib/core/read';
import { speak } from '$lib/words';
import { faceSentences } from '$lib/words/crank';
import type { ProjectState } from '../state/project.svelte';

/** Where a piece stands at the crank: which row, which step, what is due, and how it is said. It changes nothing. */
export class CrankStand {
  constructor(private readonly at: ProjectState) {}

  result = $derived.by(() => this.at.result);
  track = $derived(this.result ? trackOf(this.result) : { legs: [], rows: 0, workRows: 0 });
  rows = $derived.by(() => this.at.progress.rows);
  next = $derived.by(() => nextAt(this.track, this.at.progress));
  ahead = $derived(cuesAhead(this.track, this.rows));
  due = $derived(this.ahead.filter((cue) => cue.inRows === 0 && this.rows > 0));
  /** What hands do stands on the large face until it is done: it is not said a second time. */
  toSay = $derived(this.due.filter((cue) => !('what' in cue.facts)));
  coming = $derived(this.ahead.find((cue) => cue.inRows > 0));
  /** The step whose words stand on the large face. */
  face = $derived(this.next.do === 'confirm' ? this.next.step : this.next.do === 'lift' ? this.next.lift : null);
  yarn = $derived.by(() => {
    if (this.next.do === 'done' || !this.result) return undefined;
    return this.result.yarns[this.result.fabric.yarns.indexOf(this.next.step.yarnId ?? '')];
  });

  // Waste never counts: what is shown is the work, from its first row.
  total = $derived(this.track.workRows);
  done = $derived(workCount(this.track, this.rows));
  leg = $derived(this.next.do === 'done' ? legAt(this.track, this.rows) : this.next.leg);
  inPiece = $derived(this.leg ? Math.min(this.leg.rows, Math.max(0, this.rows - this.leg.offset)) : 0);
  inWork = $derived(this.leg ? workIn(this.leg, this.rows) : 0);
  turning = $derived(this.next.do === 'row' || this.next.do === 'lift' ? this.next : null);
  several = $derived(this.track.legs.length > 1);

  say = $derived(this.result ? speak(this.result) : null);
  row = $derived(this.say?.talk.terms.row ?? 'row');
  asked = $derived(this.say && this.face ? this.say.step(this.face) : null);
  oneSection = $derived(this.turning?.ofSection === this.leg?.workRows);
  legName = $derived.by(() => {
    const { leg } = this;
    return leg ? `${leg.label}${leg.copies > 1 ? ` ${leg.copy} of ${leg.copies}` : ''}` : '';
  });
  /** An edge of a panel is shaped now: the yarn must stand there. */
  shapes = $derived.by(() => {
    const what = this.next.do === 'confirm' && !this.next.join ? this.next.step.what.say : null;
    return what === 'decrease' || what === 'increase' || what === 'hold';
  });
  where = $derived.by(() => {
    const { leg, row, inWork } = this;
    const after = inWork >= (leg?.workRows ?? 0) ? `after the last ${row}` : `after ${row} ${inWork}`;
    return `${this.several ? `${this.legName}: ` : ''}${inWork === 0 ? `before the first ${row}` : after}`;
  });
  heading = $derived.by(() => {
    const what = this.turning?.step.what;
    const section = what?.say === 'knit' ? what.facts.section : '';
    if (!this.several) return section;
    return section === this.leg?.label || this.oneSection ? this.legName : `${this.legName}, ${section}`;
  });

  /** What the hand does in the step that stands on the face, one picture after the other. */
  moments = $derived.by(() => {
    const { result, face, next } = this;
    if (!result || !face) return [];
    if (next.do === 'lift') return momentsOf(result, face, next.pin);
    return next.do === 'confirm' && next.join ? joinMomentsOf(result, face) : momentsOf(result, face);
  });
  /** The picture the hand is at; a new thing to do begins with its first. */
  #turned = $state({ of: '', to: 0 });
  #shownFor = $derived.by(() => {
    const { face, next, rows } = this;
    return face ? `${rows} ${face.id} ${next.do === 'confirm' && next.join}` : '';
  });
  moment = $derived(
    this.#turned.of === this.#shownFor ? Math.min(this.#turned.to, Math.max(0, this.moments.length - 1)) : 0
  );
  toMoment = (to: number): void => {
    if (to >= 0 && to < this.moments.length) this.#turned = { of: this.#shownFor, to };
  };
  /** Sentences that stand on the large button, which holds no doors. */
  onFace = $derived(this.say ? faceSentences(this.say, this.next, this.asked, this.moments[this.moment]) : []);

  /** What a step is called, in words; by its name where the plan has it no more. */
  titleOf(id: string): string {
    const step = this.track.legs.flatMap((leg) => leg.steps).find((one) => one.id === id);
    return step && this.say ? this.say.step(step).title : id;
  }

  /** After which row the turn of a step had been, of which piece. */
  turnOf(rows: number): string {
    const of = legAt(this.track, rows);
    const work = of ? workIn(of, rows) : 0;
    return `${this.row} ${work}${this.several && of ? ` of ${of.label}` : ''}`;
  }
}
