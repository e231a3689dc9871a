/** Does a work in one tab at a time, where the browser can tell. */
export async function oneTabAtATime(name: string, work: () => Promise<void>): Promise<void> {
  const locks = navigator.locks as LockManager | undefined;
  await (locks ? locks.request(name, work) : work());
}
