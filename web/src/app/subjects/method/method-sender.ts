import { inject, Injectable } from '@angular/core';
import type { Change, Deeds, Sender } from '../../base/outbox/change';
import { MethodsApi } from './methods-api';

/** People's own methods. */
@Injectable({ providedIn: 'root' })
export class MethodSender implements Sender<'method'> {
  private readonly api = inject(MethodsApi);
  readonly keepsRefused = false;

  send({ things: [id], deed }: Change<'method'>): Promise<unknown> {
    if (deed.do === 'keep') return this.api.keep(deed.kept);
    return deed.do === 'remove' ? this.api.remove(id!) : this.api.restore(id!);
  }

  join(first: Deeds['method'], then: Deeds['method']): Deeds['method'] | null | undefined {
    if (first.do === 'keep' && then.do === 'keep') {
      const { basis } = first.kept;
      return { do: 'keep', kept: { ...then.kept, ...(basis === undefined ? {} : { basis }) } };
    }
    // One that is new to the server is gone with it.
    if (first.do === 'keep' && then.do === 'remove') return first.kept.basis === null ? null : then;
    if (first.do === 'remove' && then.do === 'restore') return null;
    return undefined;
  }
}
