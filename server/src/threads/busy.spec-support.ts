/** Runs on a thread of its own: keeps it busy for so many milliseconds, or fails for less than none. */
export default function busy(milliseconds: number): number {
  if (milliseconds < 0) throw new Error('less than none');
  const end = performance.now() + milliseconds;
  while (performance.now() < end);
  return milliseconds;
}
