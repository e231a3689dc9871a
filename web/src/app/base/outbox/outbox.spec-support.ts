import { signal } from '@angular/core';
import { Subject } from 'rxjs';
import type { Change, Deeds, Kind, Outcome, Posted, Settled } from './change';
import type { Numbered, OutboxStore } from './outbox-store';

/** Keeps what waits in memory; while `full`, nothing more. */
export class MemoryStore implements Pick<OutboxStore, 'all' | 'edit'> {
  rows: Numbered[] = [];
  full = false;

  all = async (): Promise<Numbered[]> => structuredClone(this.rows);

  edit: OutboxStore['edit'] = async (plan) => {
    const { put = [], drop = [] } = plan(this.rows);
    if (this.full && put.length > 0) throw new DOMException('no room', 'QuotaExceededError');
    const rows = new Map(this.rows.filter(([number]) => !drop.includes(number)));
    let last = this.rows.at(-1)?.[0] ?? 0;
    for (const [number, change] of put) rows.set(number ?? ++last, change);
    this.rows = [...rows];
  };
}

/** Stands for the outbox: remembers what it was told, and answers as it is told. */
export class FakeOutbox {
  readonly told: [Kind, string, Deeds[Kind]][] = [];
  readonly settled = new Subject<Settled>();
  readonly waiting = signal<readonly Change[]>([]);
  readonly isCutOff = signal(false);
  answer: (kind: Kind, thing: string, deed: Deeds[Kind]) => Outcome = () => ({ is: 'waiting' });

  put = async <K extends Kind>(
    kind: K,
    things: readonly string[],
    deed: Deeds[K],
  ): Promise<Outcome> => {
    this.told.push([kind, things[0]!, deed]);
    const outcome = this.answer(kind, things[0]!, deed);
    const change = {
      told: { id: 'a', at: '' },
      account: null,
      tried: true,
      refused: null,
      kind,
      things,
      deed,
    } as unknown as Change;
    if (outcome.is === 'waiting') this.waiting.update((all) => [...all, change]);
    else this.settled.next({ change, outcome });
    return outcome;
  };

  post = async <K extends Kind>(
    kind: K,
    things: readonly string[],
    deed: Deeds[K],
  ): Promise<Posted> => ({ outcome: this.put(kind, things, deed) });

  about = (kind: Kind, thing: string): Change[] =>
    this.waiting().filter((change) => change.kind === kind && change.things.includes(thing));
  flush = () => Promise.resolve();
}
