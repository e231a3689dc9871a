import { inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { readerFeature } from '../../settings';

/** After so long without a turn the hands have rested by themselves. */
const PAUSE = 5 * 60_000;
/** How long "not now" lasts. */
const LATER = 5 * 60_000;

/** Knows how long the hands have been turning, and when a rest is due. */
@Injectable({ providedIn: 'root' })
export class Rest {
  private readonly minutes = inject(Store).selectSignal(readerFeature.selectRestMinutes);
  /** Whether a rest is proposed. */
  readonly due = signal(false);
  private since: number | undefined;
  private last = 0;
  private notBefore = 0;

  /** The hands did something, at a time in milliseconds. */
  worked(now: number): void {
    if (this.since === undefined || now - this.last > PAUSE) this.since = now;
    this.last = now;
    const minutes = this.minutes();
    const long = now - this.since >= minutes * 60_000;
    if (minutes > 0 && long && now >= this.notBefore) this.due.set(true);
  }

  /** A rest was taken: counting begins anew. */
  rested(): void {
    this.since = undefined;
    this.due.set(false);
  }

  later(now: number): void {
    this.notBefore = now + LATER;
    this.due.set(false);
  }
}
