import { inject, Injectable } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Offer } from '@sleetcrest/contract/table';
import { v4 as uuid } from 'uuid';
import { WalkPage } from '../../walk';
import { SAY } from './words';

/** Takes up what a coach shows: goes to where it is looked at. */
@Injectable({ providedIn: 'root' })
export class TakeUp {
  private readonly router = inject(Router);
  private readonly store = inject(Store);

  go({ show, words }: Offer): void {
    if (show.what === 'case' || show.what === 'glance') {
      const queryParams = { case: show.case, ...(show.what === 'glance' ? { look: 'first' } : {}) };
      void this.router.navigate(['/learn/lesson'], { queryParams });
    } else if (show.what === 'mixed') {
      void this.router.navigate(['/timing'], { queryParams: { scramble: show.scramble } });
    } else {
      const { cube: start, method, firstColour } = show;
      this.walk(start, method, firstColour, words);
    }
  }

  /** Walks a cube from where it stands. */
  walk(
    start: Extract<Offer['show'], { what: 'cube' }>['cube'],
    method: Extract<Offer['show'], { what: 'cube' }>['method'],
    firstColour: Extract<Offer['show'], { what: 'cube' }>['firstColour'],
    name: string,
  ): void {
    const id = uuid();
    const record = {
      id,
      name: name.slice(0, 80) || SAY.aCubeFromTheTable,
      start,
      method,
      firstColour,
      position: { step: 0, turn: 0 },
    };
    this.store.dispatch(WalkPage.walkBegun({ record }));
    void this.router.navigate(['/bench', id]);
  }
}
