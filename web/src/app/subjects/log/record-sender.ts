import { inject, Injectable } from '@angular/core';
import { Client } from '../../base/api/client';
import type { Change, Deeds, Sender } from '../../base/outbox/change';

/** Records of the log. Answers are read by whoever asked: what reads them is fetched with the log. */
@Injectable({ providedIn: 'root' })
export class RecordSender implements Sender<'record'> {
  private readonly client = inject(Client);
  readonly keepsRefused = true;

  send({ things, deed, told }: Change<'record'>): Promise<unknown> {
    const many = (path: string, more: object = {}) =>
      this.client.tell('POST', `/api/log/${path}`, { ids: things, ...more });
    switch (deed.do) {
      case 'add':
        return this.client.tell('POST', '/api/log', deed.entry);
      case 'change':
        return this.client.tell('PATCH', `/api/log/entries/${things[0]}`, { ...deed.change, told });
      case 'tag':
        return many('tags', { add: deed.add, remove: deed.remove });
      default:
        return many(deed.do);
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
