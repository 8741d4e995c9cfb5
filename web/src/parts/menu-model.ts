/** Things to do under one heading. */
export interface MenuGroup {
  name?: string;
  items: readonly { id: string; words: string; about?: string; does: () => void }[];
}
