/** How much a finding matters: it cannot work, it will disappoint, or it is good to know. */
export type Weight = 'stop' | 'warn' | 'note';

/** A change to the brief that a button applies and undo takes back. */
export interface Fix {
  readonly label: string;
  readonly change: {
    readonly machineId?: string;
    readonly strands?: Readonly<Record<string, number>>;
    /** Takes the pompoms off. */
    readonly pompom?: null;
    readonly options?: Readonly<Record<string, unknown>>;
  };
}

/** Where a finding sits. Rows and pins count from 1. */
export interface Place {
  /** Key of the option in the brief it is shown beside. */
  readonly option?: string;
  readonly piece?: number;
  readonly row?: number;
  readonly pin?: number;
  /** Number of an act of the hands. */
  readonly act?: number;
}

/** A judgement about a plan, in plain words, or with the facts that words are made of. */
export interface Finding {
  readonly code: string;
  readonly weight: Weight;
  readonly place: Place;
  /** Empty where `about` says it: what machine or hands refused, and what they left undone. */
  readonly sentence: string;
  readonly about?: About;
  readonly fix?: Fix;
}

/** Facts of a refusal or of something left undone, by who speaks: the room of words knows their shape. */
export interface About {
  readonly by: 'machine' | 'hand' | 'left';
  readonly facts: { readonly code: string };
}
