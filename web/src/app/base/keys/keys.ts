/** Whether a key press is meant for the view: not for a field, a menu or an open dialog. */
export function isFree(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  if (event.defaultPrevented || target?.isContentEditable) return false;
  if (isChoice(target)) {
    // A choice that was just made keeps the focus: what goes through it belongs to it, no more.
    if (event.key === ' ' || event.key.startsWith('Arrow')) return false;
  } else if (/^(INPUT|TEXTAREA|SELECT)$/.test(target?.tagName ?? '')) return false;
  return document.querySelector('.cdk-overlay-container mat-dialog-container') === null;
}

const isChoice = (target: HTMLElement | null): boolean =>
  target instanceof HTMLInputElement && (target.type === 'radio' || target.type === 'checkbox');

/** Whether a press of Space or Enter belongs to the button or link that has the focus. */
export const isPress = (event: KeyboardEvent): boolean =>
  (event.key === ' ' || event.key === 'Enter') &&
  (event.target as HTMLElement | null)?.closest('button, a, [role="button"]') !== null;

/** What a press of Ctrl Z, Ctrl Shift Z or Ctrl Y asks of the view; undefined for any other. */
export function historyKey(event: KeyboardEvent): 'undo' | 'redo' | undefined {
  if (!isFree(event) || (!event.ctrlKey && !event.metaKey)) return undefined;
  const key = event.key.toLowerCase();
  if (key === 'y') return 'redo';
  if (key !== 'z') return undefined;
  return event.shiftKey ? 'redo' : 'undo';
}
