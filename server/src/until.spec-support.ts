/** Resolves as soon as something is so; a spec that waits in vain ends by its own deadline. */
export async function until(isSo: () => Promise<boolean>): Promise<void> {
  while (!(await isSo())) await new Promise((resolve) => setImmediate(resolve));
}
