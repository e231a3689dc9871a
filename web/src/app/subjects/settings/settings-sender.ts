import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import { firstValueFrom } from 'rxjs';
import type { Change, Deeds, Sender } from '../../base/outbox/change';

/** How somebody reads. */
@Injectable({ providedIn: 'root' })
export class SettingsSender implements Sender<'settings'> {
  private readonly http = inject(HttpClient);
  readonly keepsRefused = false;

  send({ deed: { settings }, told }: Change<'settings'>): Promise<unknown> {
    return firstValueFrom(this.http.patch('/api/settings', { settings, told }));
  }

  join(first: Deeds['settings'], then: Deeds['settings']): Deeds['settings'] {
    return { do: 'change', settings: { ...first.settings, ...then.settings } };
  }
}
