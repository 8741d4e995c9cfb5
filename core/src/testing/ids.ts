/** Gives ids in their order, "line-1" first. */
export const newIds = (): ((stem: string) => string) => {
  let made = 0;
  return (stem) => `${stem}-${(made += 1)}`;
};
