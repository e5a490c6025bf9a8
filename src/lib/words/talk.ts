import { machineOf, yarnName } from '$lib/core/kit';
import type { Executed } from '$lib/core/knit';
import { labelled, type NamesOfKinds } from './options';
import { type Voice, voiceOf } from './voice';

/** What sentences about a plan are made with: its own names beside the knitter's voice. */
export interface Talk extends Voice {
  readonly yarn: (id: string) => string;
  /** The colour of a yarn alone. */
  readonly colour: (id: string) => string;
  readonly machine: (id: string) => string;
  /** A machine with its pins. @example ring('m') // 'Big wheel (48 pins)' */
  readonly ring: (id: string) => string;
  /** Title of a kind of project, and of an option of this one. */
  readonly kind: (code: string) => string;
  readonly option: (key: string) => string;
  /** "marker pin" or "marker pins", as the machine has them. */
  readonly marker: (id: string) => string;
  /** Label of a piece in lower case, for the middle of a sentence. */
  readonly piece: (p: number) => string;
  readonly label: (p: number) => string;
}

/** What is talked about: a plan, with the brief it was made for. */
export type Told = Pick<Executed, 'kit' | 'plan' | 'fabric' | 'yarns' | 'brief'>;

/** What sentences about a plan are made with. */
export function talkOf(run: Told, names: NamesOfKinds): Talk {
  const voice = voiceOf(run.kit.habits);
  const found = (id: string) => run.yarns[run.fabric.yarns.indexOf(id)] ?? run.kit.yarns.find((y) => y.id === id);
  const machine = (id: string): string => machineOf(run.kit, id).name;
  return {
    ...voice,
    yarn: (id) => {
      const known = found(id);
      return known ? yarnName(known) : id;
    },
    colour: (id) => found(id)?.colour.name ?? id,
    machine,
    ring: (id) => `${machine(id)} (${voice.many(machineOf(run.kit, id).pins, voice.terms.pin, voice.pins)})`,
    kind: (code) => names.kinds[code]?.title ?? code,
    option: (key) => labelled(names, run.brief.kind, key).title,
    marker: (id) => machineOf(run.kit, id).marker.counts,
    piece: (p) => (run.plan.pieces[p]?.label ?? '').toLowerCase(),
    label: (p) => run.plan.pieces[p]?.label ?? ''
  };
}
