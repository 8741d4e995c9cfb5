import type { LabelPlace } from './labelled';

/** A value and the words for it. */
export type Choice<K extends string> = readonly [value: K, words: string];

export interface SelectProps<K extends string> {
  label: string;
  labelPlace?: LabelPlace;
  /** Null stands for `none`. */
  value: K | null;
  options: readonly Choice<K>[];
  /** Further options under headings of their own. */
  groups?: readonly { name: string; options: readonly Choice<K>[] }[];
  /** Words for choosing nothing; without them something is always chosen. */
  none?: string;
  onChange: (value: K | null) => void;
  /** Shown, but not to be taken now. */
  refused?: readonly K[];
  /** Looks like text until it is pointed at. */
  quiet?: boolean;
  small?: boolean;
  isDisabled?: boolean;
  testId?: string;
  className?: string;
}
