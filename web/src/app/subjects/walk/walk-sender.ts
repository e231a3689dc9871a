import { inject, Injectable } from '@angular/core';
import type { Change, Deeds, Sender } from '../../base/outbox/change';
import { SolvesApi } from './solves-api';

/** Walks of saved cubes. */
@Injectable({ providedIn: 'root' })
export class WalkSender implements Sender<'walk'> {
  private readonly api = inject(SolvesApi);
  readonly keepsRefused = false;

  send({ things: [id], deed }: Change<'walk'>): Promise<unknown> {
    switch (deed.do) {
      case 'create':
        return this.api.create(deed.solve);
      case 'change':
        return this.api.update(id!, deed.change);
      case 'remove':
        return this.api.remove(id!);
      case 'restore':
        return this.api.restore(id!);
    }
  }

  join(first: Deeds['walk'], then: Deeds['walk']): Deeds['walk'] | null | undefined {
    if (first.do === 'create') {
      if (then.do === 'create') return then;
      if (then.do === 'remove') return null;
      if (then.do === 'change') {
        const { from: _, ...change } = then.change;
        return { do: 'create', solve: { ...first.solve, ...change } };
      }
    }
    if (first.do === 'change' && then.do === 'change') {
      // It was moved from where the first began.
      const from = first.change.position ? first.change.from : then.change.from;
      const change = { ...first.change, ...then.change, ...(from ? { from } : {}) };
      return { do: 'change', change };
    }
    if (first.do === 'change' && then.do === 'remove') return then;
    if (first.do === 'remove' && then.do === 'restore') return null;
    return undefined;
  }
}
