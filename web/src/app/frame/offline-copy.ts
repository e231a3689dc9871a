import { inject } from '@angular/core';
import { SwUpdate } from '@angular/service-worker';
import { filter, fromEvent, startWith } from 'rxjs';

/** As `offline-worker.js` knows it. */
const THERE = 'sleetcrest: the copy is there';

/** Tells the browser's worker once the application is there without a network: until then it lets all pass. */
export function tellOfTheCopy(): void {
  const updates = inject(SwUpdate);
  if (!updates.isEnabled) return;
  const { serviceWorker } = navigator;
  fromEvent(serviceWorker, 'controllerchange')
    .pipe(
      startWith(null),
      filter(() => serviceWorker.controller !== null),
    )
    .subscribe(() => {
      // Answered only once it has begun, which on loopback is when it has fetched everything.
      updates.checkForUpdate().then(
        () => serviceWorker.controller?.postMessage(THERE),
        () => undefined,
      );
    });
}
