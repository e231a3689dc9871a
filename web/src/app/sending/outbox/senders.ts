import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import { firstValueFrom } from 'rxjs';
import { MethodsApi } from '../methods-api';
import { SolvesApi } from '../solves-api';
import type { Change, Deeds, Kind, Sender } from './change';

/** Records of the log. Answers are read by whoever asked: what reads them is fetched with the log. */
@Injectable({ providedIn: 'root' })
class RecordSender implements Sender<'record'> {
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

/** Walks of saved cubes. */
@Injectable({ providedIn: 'root' })
class WalkSender implements Sender<'walk'> {
  private readonly api = inject(SolvesApi);
  readonly keepsRefused = false;

  send({ things: [id], deed }: Change<'walk'>): Promise<unknown> {
    switch (deed.do) {
      case 'create':
        return firstValueFrom(this.api.create(deed.solve));
      case 'change':
        return firstValueFrom(this.api.update(id!, deed.change));
      case 'remove':
        return firstValueFrom(this.api.remove(id!));
      case 'restore':
        return firstValueFrom(this.api.restore(id!));
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

/** People's own methods. */
@Injectable({ providedIn: 'root' })
class MethodSender implements Sender<'method'> {
  private readonly api = inject(MethodsApi);
  readonly keepsRefused = false;

  send({ things: [id], deed }: Change<'method'>): Promise<unknown> {
    if (deed.do === 'keep') return firstValueFrom(this.api.keep(deed.kept));
    const asked = deed.do === 'remove' ? this.api.remove(id!) : this.api.restore(id!);
    return firstValueFrom(asked);
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

/** How somebody reads. */
@Injectable({ providedIn: 'root' })
class SettingsSender implements Sender<'settings'> {
  private readonly http = inject(HttpClient);
  readonly keepsRefused = false;

  send({ deed: { settings }, told }: Change<'settings'>): Promise<unknown> {
    return firstValueFrom(this.http.patch('/api/settings', { settings, told }));
  }

  join(first: Deeds['settings'], then: Deeds['settings']): Deeds['settings'] {
    return { do: 'change', settings: { ...first.settings, ...then.settings } };
  }
}

/** Answers given in practice: each is told once, and nothing more is told of it. */
@Injectable({ providedIn: 'root' })
class AnswerSender implements Sender<'answer'> {
  private readonly http = inject(HttpClient);
  readonly keepsRefused = true;

  send({ deed: { review } }: Change<'answer'>): Promise<unknown> {
    return firstValueFrom(this.http.post('/api/practice/reviews', { reviews: [review] }));
  }

  join(first: Deeds['answer']): Deeds['answer'] {
    return first;
  }
}

/** How each kind of change is sent. */
@Injectable({ providedIn: 'root' })
export class Senders {
  readonly of: { readonly [K in Kind]: Sender<K> } = {
    record: inject(RecordSender),
    walk: inject(WalkSender),
    method: inject(MethodSender),
    settings: inject(SettingsSender),
    answer: inject(AnswerSender),
  };
}
