import { Injectable, type OnDestroy } from '@angular/core';
import { wrap, type Remote } from 'comlink';
import type { photoDeeds, Shot } from './photo-deeds';

type Deeds = typeof photoDeeds;

/** Reads photographs in a worker; they never leave the browser. */
@Injectable({ providedIn: 'root' })
export class PhotoReader implements OnDestroy {
  private worker: Worker | undefined;
  private remote: Remote<Deeds> | undefined;

  private begun(): Remote<Deeds> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./photo.worker', import.meta.url), { type: 'module' });
      this.remote = wrap<Deeds>(this.worker);
    }
    return this.remote;
  }

  read(shots: readonly Shot[]): Promise<ReturnType<Deeds['read']>> {
    return this.begun().read(shots);
  }

  simulate(...args: Parameters<Deeds['simulate']>): Promise<ReturnType<Deeds['simulate']>> {
    return this.begun().simulate(...args);
  }

  ngOnDestroy(): void {
    this.worker?.terminate();
  }
}
