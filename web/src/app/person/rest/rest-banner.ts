import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Rest } from './rest';

/** Proposes a rest, calmly; it covers nothing and waits until it is answered. */
@Component({
  selector: 'sc-rest-banner',
  imports: [MatButton],
  template: `
    <p>
      <b>Time for a rest.</b> Put the cube down, open your hands and look far away for a while.
      Pain, numbness or tingling means stop; ask a clinician if it lasts.
    </p>
    <button matButton="tonal" (click)="rest.rested()">I have rested</button>
    <button matButton (click)="later()">In five minutes</button>
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 12px;
      align-items: center;
      padding: 6px 24px;
      border-bottom: 1px solid var(--line);
      background: var(--done-soft);
    }
    p {
      flex: 1 1 24rem;
    }
  `,
  host: { role: 'status' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RestBanner {
  protected readonly rest = inject(Rest);

  protected later(): void {
    this.rest.later(Date.now());
  }
}
