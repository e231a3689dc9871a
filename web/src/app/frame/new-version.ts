import { inject, Injectable, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { SwUpdate } from '@angular/service-worker';
import { filter, fromEvent, merge, timer } from 'rxjs';

const HOUR = 3_600_000;

/** Knows when a newer version of the application is ready. It is taken up when the person says so. */
@Injectable({ providedIn: 'root' })
export class NewVersion {
  private readonly updates = inject(SwUpdate);
  /** Whether one is ready. */
  readonly isReady = signal(false);
  /** Whether this one can no longer be put together from what the browser has: it must be fetched anew. */
  readonly isBroken = signal(false);

  constructor() {
    if (!this.updates.isEnabled) return;
    this.updates.versionUpdates
      .pipe(
        filter(({ type }) => type === 'VERSION_READY'),
        takeUntilDestroyed(),
      )
      .subscribe(() => this.isReady.set(true));
    this.updates.unrecoverable.pipe(takeUntilDestroyed()).subscribe(() => this.isBroken.set(true));
    merge(timer(HOUR, HOUR), fromEvent(window, 'online'))
      .pipe(takeUntilDestroyed())
      .subscribe(() => void this.updates.checkForUpdate().catch(() => undefined));
  }

  take(): void {
    document.location.reload();
  }

  later(): void {
    this.isReady.set(false);
  }
}
