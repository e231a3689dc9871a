import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import { firstValueFrom } from 'rxjs';
import type { Change, Deeds, Sender } from '../../base/outbox/change';

/** Records of the log. Answers are read by whoever asked: what reads them is fetched with the log. */
@Injectable({ providedIn: 'root' })
export class RecordSender implements Sender<'record'> {
  private readonly http = inject(HttpClient);
  readonly keepsRefused = true;

  send({ things, deed, told }: Change<'record'>): Promise<unknown> {
    const many = (path: string, more: object = {}) =>
      this.http.post(`/api/log/${path}`, { ids: things, ...more });
    switch (deed.do) {
      case 'add':
        return firstValueFrom(this.http.post('/api/log', deed.entry));
      case 'change':
        return firstValueFrom(
          this.http.patch(`/api/log/entries/${things[0]}`, { ...deed.change, told }),
        );
      case 'tag':
        return firstValueFrom(many('tags', { add: deed.add, remove: deed.remove }));
      default:
        return firstValueFrom(many(deed.do));
    }
  }

  join(first: Deeds['record'], then: Deeds['record']): Deeds['record'] | null | undefined {
    if (first.do === 'add') {
      // Told twice, it is as it was told first: more may have been told of it since.
      if (then.do === 'add') return first;
      if (then.do === 'remove') return null;
      if (then.do === 'change') return { do: 'add', entry: { ...first.entry, ...then.change } };
      if (then.do === 'tag') {
        const tags = [...new Set([...first.entry.tags, ...then.add])];
        const kept = tags.filter((tag) => !then.remove.includes(tag));
        return { do: 'add', entry: { ...first.entry, tags: kept } };
      }
    }
    if (first.do === 'change' && then.do === 'change') {
      return { do: 'change', change: { ...first.change, ...then.change } };
    }
    if (first.do === 'remove' && then.do === 'restore') return null;
    return undefined;
  }
}
