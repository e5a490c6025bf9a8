import { kindOf } from '$lib/core/kinds';
import { machineOf, yarnName } from '$lib/core/kit';
import type { Executed } from '$lib/core/knit';
import { optionFields } from '$lib/core/plan';
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
export function talkOf(run: Told): Talk {
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
    kind: (code) => kindOf(code)?.title ?? code,
    option: (key) => {
      const kind = kindOf(run.brief.kind);
      return (kind && optionFields(kind.options).find((field) => field.key === key)?.meta.title) ?? key;
    },
    marker: (id) => machineOf(run.kit, id).marker.counts,
    piece: (p) => (run.plan.pieces[p]?.label ?? '').toLowerCase(),
    label: (p) => run.plan.pieces[p]?.label ?? ''
  };
}
