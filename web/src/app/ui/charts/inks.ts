import { DOCUMENT, inject, Injectable, signal, type OnDestroy } from '@angular/core';

const NAMES = ['text', 'quiet', 'line', 'accent', 'band', 'done', 'before', 'surface', 'trouble'];

/** The colours a chart is drawn in: those of the styles, by the same names. */
export type Inks = Record<
  'text' | 'quiet' | 'line' | 'accent' | 'band' | 'done' | 'before' | 'surface' | 'trouble',
  string
>;

/** Reads the colours the page has just now; a canvas cannot be told the names of them. */
export function inksOf(element: Element): Inks {
  const style = getComputedStyle(element);
  return Object.fromEntries(
    NAMES.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]),
  ) as Inks;
}

/** The colours for charts, read anew when day turns to night. */
@Injectable({ providedIn: 'root' })
export class ChartInks implements OnDestroy {
  private readonly page = inject(DOCUMENT).documentElement;
  private readonly system = matchMedia('(prefers-color-scheme: dark)');
  private readonly read = (): void => this.inks.set(inksOf(this.page));
  private readonly watching = new MutationObserver(this.read);
  readonly inks = signal(inksOf(this.page));

  constructor() {
    this.watching.observe(this.page, { attributeFilter: ['data-theme'] });
    this.system.addEventListener('change', this.read);
  }

  ngOnDestroy(): void {
    this.watching.disconnect();
    this.system.removeEventListener('change', this.read);
  }
}
