/** Whether a key press is meant for the view: not for a field, a menu or an open dialog. */
export function isFree(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  if (target?.isContentEditable) return false;
  if (isChoice(target)) {
    // A choice that was just made keeps the focus: what goes through it belongs to it, no more.
    if (event.key === ' ' || event.key.startsWith('Arrow')) return false;
  } else if (isField(target)) return false;
  return !isUnderDialog();
}

/** Whether something has the focus that words are typed or chosen in. */
export const isField = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) ||
    target.closest('[role="combobox"], [role="listbox"], [role="menu"]') !== null);

/** Whether a dialog lies over the page. */
export const isUnderDialog = (): boolean =>
  document.querySelector('.cdk-overlay-container mat-dialog-container') !== null;

const isChoice = (target: EventTarget | null): boolean =>
  target instanceof Element &&
  target.closest('[role="radio"], input[type="radio"], input[type="checkbox"]') !== null;

/** Whether a press of Space or Enter belongs to the button or link that has the focus. */
export const isPress = (event: KeyboardEvent): boolean =>
  (event.key === ' ' || (event.key === 'Enter' && !isChoice(event.target))) &&
  event.target instanceof Element &&
  event.target.closest('button, a, [role="button"]') !== null;

/** Meant for the view, and not for a button that has the focus. */
export const isFreeOfButtons = (event: KeyboardEvent): boolean => isFree(event) && !isPress(event);
