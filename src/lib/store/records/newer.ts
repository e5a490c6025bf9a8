/** A record of a known table that only a newer version can read: a project with a choice this version does not have, and all that belongs to it. */
export interface NewerRecord {
  /** Its table and what tells it apart there. */
  readonly id: string;
  readonly table: string;
  readonly record: Readonly<Record<string, unknown>>;
  /** The picture of a photograph, and how the name of its file ends. */
  readonly bytes?: Uint8Array;
  readonly ending?: string;
  /** Version of the records it came with. */
  readonly dataVersion: number;
}

/** A file of a backup that only a newer version can read, a table it added for example. */
export interface NewerFile {
  /** Where it lies in a backup. */
  readonly id: string;
  readonly bytes: Uint8Array;
  /** What the list of the backup says of it besides. */
  readonly listed: Readonly<Record<string, unknown>>;
  readonly dataVersion: number;
}

/** Something that a newer version wrote. It is kept as it came, goes into every backup, and is read once this version can. */
export type Newer = NewerRecord | NewerFile;

export const isRecord = (newer: Newer): newer is NewerRecord => 'record' in newer;
