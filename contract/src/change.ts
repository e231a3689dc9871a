/** Whether a change says anything: a field that is not given and one that is undefined are the same. */
export const saysSomething = (change: Readonly<Record<string, unknown>>): boolean =>
  Object.values(change).some((value) => value !== undefined);
