import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { DomSanitizer } from '@angular/platform-browser';
import { Store } from '@ngrx/store';
import { letterOn } from '@sleetcrest/core';
import type { CasePicture as Cells } from '@sleetcrest/core/shown/cases';
import { crownSvg, type Ink } from '@sleetcrest/core/shown/drawing';
import type { Reader } from '../reader';
import { readerFeature } from '../reader.feature';

/** The ink of pictures on the screen, as this person sees colours. */
export const inkOf = ({ swatches, letters }: Pick<Reader, 'swatches' | 'letters'>): Ink => ({
  swatches,
  letterOn,
  letters,
  plain: false,
  font: 'Atkinson Hyperlegible Next, sans-serif',
});

const urls = new WeakMap<Cells, Map<string, string>>();

/** A picture as the address of an image; drawn once for an ink, however often it is shown. */
export function pictureUrl(cells: Cells, ink: Ink): string {
  const key = JSON.stringify([ink.swatches, ink.letters]);
  let known = urls.get(cells);
  if (!known) urls.set(cells, (known = new Map<string, string>()));
  let url = known.get(key);
  if (url === undefined) {
    url = `data:image/svg+xml,${encodeURIComponent(crownSvg(cells, ink))}`;
    known.set(key, url);
  }
  return url;
}

/** A crown with only what matters painted, drawn as it is printed. */
@Component({
  selector: 'sc-picture',
  template: `
    <div
      [attr.role]="label() ? 'img' : null"
      [attr.aria-label]="label() || null"
      [attr.aria-hidden]="label() ? null : 'true'"
      [innerHTML]="svg()"
    ></div>
  `,
  styles: `
    :host,
    div {
      display: block;
    }
    :host ::ng-deep svg {
      display: block;
      width: 100%;
      height: auto;
      border-radius: 6px;
      background: #ffffff;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Picture {
  readonly cells = input.required<Cells>();
  /** What it shows, for those who do not see it; left out where the words beside it say so. */
  readonly label = input('');

  private readonly sanitizer = inject(DomSanitizer);
  private readonly reader = inject(Store).selectSignal(readerFeature.selectReaderState);
  protected readonly svg = computed(() =>
    // Drawn by us from numbers and the person's own colours; nothing of it is typed text.
    this.sanitizer.bypassSecurityTrustHtml(crownSvg(this.cells(), inkOf(this.reader()))),
  );
}
