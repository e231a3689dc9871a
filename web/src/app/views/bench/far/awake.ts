/** Keeps the screen awake where the browser can; gives how to let it sleep again. */
export function keepAwake(): () => void {
  let lock: WakeLockSentinel | undefined;
  let over = false;
  const ask = async (): Promise<void> => {
    if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
    try {
      const got = await navigator.wakeLock.request('screen');
      if (over) void got.release();
      else lock = got;
    } catch {
      // Not allowed here, or the battery is low: the screen then sleeps as it always does.
    }
  };
  // The lock is lost whenever the page is hidden.
  const again = (): void => void ask();
  document.addEventListener('visibilitychange', again);
  void ask();
  return () => {
    over = true;
    document.removeEventListener('visibilitychange', again);
    void lock?.release();
  };
}
