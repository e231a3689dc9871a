import { Injectable } from '@angular/core';
import type { Photo } from '@sleetcrest/core/insight/pictures';
import { workerOf } from '../../../base/work/worker-of';
import type { photoDeeds, Shot, ShotsRead } from './photo-deeds';

/** Reads photographs in a worker; they never leave the browser. */
@Injectable({ providedIn: 'root' })
export class PhotoReader {
  private readonly worker = workerOf<typeof photoDeeds>(
    () => new Worker(new URL('./photo.worker', import.meta.url), { type: 'module' }),
  );

  /** @throws Error with a sentence when the worker cannot be begun. */
  read(shots: readonly Shot[]): Promise<ShotsRead> {
    return this.worker.ask((reader) => reader.read(shots));
  }

  simulate(...args: Parameters<typeof photoDeeds.simulate>): Promise<Photo[]> {
    return this.worker.ask((reader) => reader.simulate(...args));
  }
}
