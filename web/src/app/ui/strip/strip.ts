import {
  ChangeDetectionStrategy,
  Component,
  effect,
  ElementRef,
  inject,
  input,
} from '@angular/core';

/** One of the things said along some turns. */
export interface Said {
  says: string;
  /** Whether it stands out from the others. */
  strong?: boolean;
}

/**
 * What is said along the turns of a sequence, one after the other. Where turns are being done it is
 * one line that keeps what is said now in sight.
 */
@Component({
  selector: 'sc-strip',
  template: `
    <b>{{ lead() }}</b>
    <ol [attr.aria-label]="label()">
      @for (one of all(); track $index) {
        <li
          [class.strong]="one.strong"
          [class.now]="$index === now()"
          [attr.aria-current]="$index === now() ? 'step' : null"
        >
          {{ one.says }}
        </li>
      }
    </ol>
    <p><ng-content /></p>
  `,
  styleUrl: './strip.scss',
  host: { '[class.line]': 'now() !== null' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Strip {
  readonly label = input.required<string>();
  readonly lead = input('');
  readonly all = input.required<readonly Said[]>();
  /** Which is said now; null where no turns are being done. */
  readonly now = input<number | null>(null);

  constructor() {
    const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    effect(() => {
      if (this.now() === null) return;
      this.all();
      requestAnimationFrame(() => {
        const now = host.querySelector<HTMLElement>('.now');
        if (now) host.scrollTo({ left: now.offsetLeft - host.offsetLeft - host.clientWidth / 2 });
      });
    });
  }
}
