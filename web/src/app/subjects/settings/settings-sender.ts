import { inject, Injectable } from '@angular/core';
import { Client } from '../../base/api/client';
import type { Change, Deeds, Sender } from '../../base/outbox/change';

/** How somebody reads. */
@Injectable({ providedIn: 'root' })
export class SettingsSender implements Sender<'settings'> {
  private readonly client = inject(Client);
  readonly keepsRefused = false;

  send({ deed: { settings }, told }: Change<'settings'>): Promise<unknown> {
    return this.client.tell('PATCH', '/api/settings', { settings, told });
  }

  join(first: Deeds['settings'], then: Deeds['settings']): Deeds['settings'] {
    return { do: 'change', settings: { ...first.settings, ...then.settings } };
  }
}
