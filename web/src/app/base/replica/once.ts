/**
 * Does something once at a time: who asks while it is under way waits for the same. What goes wrong is left for the
 * next time.
 */
export function onceAtATime(work: () => Promise<void>): () => Promise<void> {
  let doing: Promise<void> | undefined;
  return () => {
    doing ??= work()
      .catch(() => undefined)
      .finally(() => (doing = undefined));
    return doing;
  };
}
