/** What an import does with one file of an export. */
export interface PlannedFile {
  path: string;
  does: 'add' | 'change' | 'leave';
  /** What it is called; empty for what is only for people and other programs. */
  name: string;
  /** Why, in a few words. */
  says: string;
}

/** Why an import cannot be done: the file, where in it, and what is wrong. */
export interface Wrong {
  path: string;
  line: number | null;
  at: string;
  says: string;
}

export interface Plan {
  files: PlannedFile[];
  /** How much all files hold unpacked. */
  bytes: number;
  counts: Record<PlannedFile['does'], number>;
  /** Empty where the import can be done. */
  wrong: Wrong[];
  /** The same for the same plan: what was previewed is what is done. */
  digest: string;
}
