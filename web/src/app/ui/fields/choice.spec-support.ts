/** The field of choice that is called so; undefined where there is none. */
export function choiceCalled(host: Element, label: string): HTMLSelectElement | undefined {
  const field = [...host.querySelectorAll('sc-choice')].find(
    (one) => one.querySelector('mat-label')?.textContent.trim() === label,
  );
  return field?.querySelector('select') ?? undefined;
}

/** Chooses something as a person does. */
export function chooseIn(select: HTMLSelectElement, value: string): void {
  select.value = value;
  select.dispatchEvent(new Event('change'));
}
