import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { readerFeature } from '../../settings';
import { inkOf, pictureUrl } from '../../settings/parts/picture';
import { CaseBook, type Whose } from '../work';

/** A case by its small picture and its name, in the colours of whoever reads. */
@Component({
  selector: 'sc-case-name',
  template: `
    @if (url(); as src) {
      <img [src]="src" [alt]="bare() ? title() : ''" width="44" height="44" />
    } @else {
      <span class="place"></span>
    }
    @if (!bare()) {
      <span class="title">{{ title() }}</span>
    }
  `,
  styles: `
    :host {
      display: inline-flex;
      align-items: center;
      gap: 0.5rem;
      min-width: 0;
      text-align: start;
      vertical-align: middle;
    }
    img,
    .place {
      flex: none;
      width: var(--case-picture, 2.75rem);
      height: var(--case-picture, 2.75rem);
    }
    img {
      border-radius: 4px;
      background: #ffffff;
    }
    .title {
      min-width: 0;
      overflow-wrap: anywhere;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CaseName {
  readonly case = input.required<string>();
  /** Whose case it is, where it is not of the reader's own method. */
  readonly whose = input<Whose>();

  /** What it is called there, where that is known. */
  readonly called = input<string>();
  /** Only its picture, where the name stands elsewhere. */
  readonly bare = input(false);

  private readonly book = inject(CaseBook);
  private readonly reader = inject(Store).selectSignal(readerFeature.selectReaderState);
  protected readonly title = computed(
    () => this.called() ?? this.book.title(this.case(), this.whose()),
  );
  protected readonly url = computed(() => {
    const picture = this.book.picture(this.case(), this.whose());
    return picture && pictureUrl(picture, inkOf(this.reader()));
  });
}
