import { computed, DestroyRef, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { fromEvent, Subject, merge } from 'rxjs';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { v4 as uuid } from 'uuid';
import { apiFailure, isFault, isSignedOut } from '../api/failure';
import type { Change, Deeds, Kind, Outcome, Posted, Sender, Settled } from './change';
import { OutboxStore } from './outbox-store';
import { joined } from './joined';
import { oneTabAtATime } from './one-tab';
import { SENDERS } from './senders';
import { WHOSE } from './whose';

type Message = { settled: Settled } | 'changed';

const NAME = 'sleetcrest outbox';
const MOST_WAIT = 15_000;
const FIRST_WAIT = 1000;
/** How long another tab may take to say what became of a change that it has sent. */
const HEARSAY = 2000;

/**
 * The one way to send what is kept: walks, methods, records, settings. What is told is first put into
 * the browser's store and then sent, in the order it was told, by one tab at a time; what cannot be
 * sent waits, and is tried again by itself. A change of something that still waits changes what waits.
 */
@Injectable({ providedIn: 'root' })
export class Outbox {
  private readonly store = inject(OutboxStore);
  private readonly senders = inject(SENDERS);
  private readonly whose = inject(WHOSE);
  private readonly channel = new BroadcastChannel(NAME);
  private readonly stored = signal<readonly Change[]>([]);
  /** Told while the browser had no room: known to this page alone, and tried like the others. */
  private readonly homeless = signal<readonly Change[]>([]);
  private readonly heard = new Subject<Settled>();
  private sending: Promise<void> | undefined;
  private onceMore = false;
  private again: ReturnType<typeof setTimeout> | undefined;
  private failures = 0;

  /** What this person has told and the server has not answered. */
  readonly own = computed(() => this.all().filter((change) => this.isOwn(change)));
  private readonly all = computed(() => [...this.stored(), ...this.homeless()]);
  readonly waiting = computed(() => this.own().filter(({ refused }) => refused === null));
  readonly refused = computed(() => this.own().filter(({ refused }) => refused !== null));
  /** Whether something is kept by this page alone, since the browser has no room. */
  readonly isFull = computed(() => this.homeless().length > 0);
  /** Whether the last try found no server. */
  readonly isCutOff = signal(false);
  /** What became of changes, in whichever tab they were sent. */
  readonly settled = this.heard.asObservable();

  constructor() {
    this.channel.onmessage = ({ data }: MessageEvent<Message>) => {
      if (data !== 'changed') this.heard.next(data.settled);
      void this.look();
    };
    const back = merge(fromEvent(window, 'online'), fromEvent(window, 'focus'));
    back.pipe(takeUntilDestroyed()).subscribe(() => void this.flush());
    fromEvent<BeforeUnloadEvent>(window, 'beforeunload')
      .pipe(takeUntilDestroyed())
      .subscribe((event) => {
        if (this.isFull()) event.preventDefault();
      });
    inject(DestroyRef).onDestroy(() => {
      clearTimeout(this.again);
      this.channel.close();
    });
    // Whoever comes back finds their changes waiting.
    effect(() => {
      if (this.whose() !== undefined) untracked(() => void this.flush());
    });
  }

  /**
   * Tells something of one thing, or does the same with many. It is kept in the browser before it is
   * sent; resolves once the server has answered, or cannot be reached.
   */
  async put<K extends Kind>(
    kind: K,
    things: readonly string[],
    deed: Deeds[K],
    at?: string,
  ): Promise<Outcome> {
    const posted = await this.post(kind, things, deed, at);
    return posted.outcome;
  }

  /** The same, resolved as soon as it is kept in the browser: from then on it is told whatever comes. */
  async post<K extends Kind>(
    kind: K,
    things: readonly string[],
    deed: Deeds[K],
    at: string = new Date().toISOString(),
  ): Promise<Posted> {
    const change = {
      told: { id: uuid(), at },
      account: this.whose() ?? null,
      kind,
      things,
      deed,
      tried: false,
      refused: null,
    } as unknown as Change;
    const told = await this.keep(change);
    const outcomes = told.map((one) => this.outcomeOf(one));
    const sent = this.flush();
    const outcome = sent.then(async (): Promise<Outcome> => {
      const all = await Promise.all(outcomes.map((ask) => ask()));
      return (
        all.find(({ is }) => is === 'refused') ??
        all.find(({ is }) => is === 'waiting') ??
        all.at(-1) ?? { is: 'kept', answer: null }
      );
    });
    return { outcome };
  }

  /** What waits of a thing. */
  about<K extends Kind>(kind: K, thing: string): Change<K>[] {
    return this.own().filter(
      (change) => change.kind === kind && change.things.includes(thing),
    ) as unknown as Change<K>[];
  }

  /** Sends what waits; resolves once nothing does, or the server cannot be reached. */
  flush(): Promise<void> {
    if (this.sending) this.onceMore = true;
    this.sending ??= oneTabAtATime(NAME, () => this.sendAll())
      .catch(() => undefined)
      .then(() => this.sendMore());
    return this.sending;
  }

  /** Tries again what was refused, such as once there is room. */
  async tryAgain(): Promise<void> {
    await this.edit((one) => (this.isOwn(one) ? { ...one, refused: null } : one));
    await this.flush();
  }

  /** Forgets what was refused. */
  async forget(): Promise<void> {
    await this.edit((one) => (this.isOwn(one) && one.refused !== null ? null : one));
  }

  private senderOf({ kind }: Change): Sender<Kind> {
    return this.senders[kind];
  }

  private isOwn({ account }: Change): boolean {
    const whose = this.whose();
    return account === null ? whose !== undefined : account === whose;
  }

  /** Puts a change with what waits already; gives those that now tell it. */
  private async keep(change: Change): Promise<Change[]> {
    let told: Change[] = [];
    const alone = this.homeless();
    if (alone.length > 0) await this.rehouse();
    if (this.homeless().length === 0) {
      const kept = await this.store
        .edit((waiting) => {
          const plan = joined(waiting, change, this.senderOf(change));
          told = plan.put.map(([, one]) => one);
          return plan;
        })
        .then(() => true)
        .catch(() => false);
      if (kept) {
        await this.announce('changed');
        return told;
      }
    }
    const plan = joined(
      this.homeless().map((one, k) => [k, one]),
      change,
      this.senderOf(change),
    );
    const drop = new Set([...plan.drop, ...plan.put.map(([number]) => number)]);
    told = plan.put.map(([, one]) => one);
    this.homeless.update((before) => [...before.filter((_, k) => !drop.has(k)), ...told]);
    return told;
  }

  /** Puts what the browser had no room for where it belongs, if there is room now. */
  private async rehouse(): Promise<void> {
    const alone = this.homeless();
    await this.store
      .edit(() => ({ put: alone.map((one) => [undefined, one] as const) }))
      .then(() => this.homeless.update((now) => now.filter((one) => !alone.includes(one))))
      .catch(() => undefined);
  }

  /** What becomes of a change, to be asked once it may have been sent. */
  private outcomeOf({ told: { id } }: Change): () => Promise<Outcome> {
    let settled: Outcome | undefined;
    const listening = this.heard.subscribe(({ change, outcome }) => {
      if (change.told.id === id) settled = outcome;
    });
    const isThere = (): boolean => this.all().some(({ told }) => told.id === id);
    return async () => {
      // Another tab that has sent it says so in a moment.
      for (let waited = 0; !settled && !isThere() && waited < HEARSAY; waited += 50) {
        await new Promise((resolve) => setTimeout(resolve, 50));
      }
      listening.unsubscribe();
      return settled ?? (isThere() ? { is: 'waiting' } : { is: 'kept', answer: null });
    };
  }

  /** What was told after the last look at what waits, and before the end, is sent as well. */
  private sendMore(): Promise<void> | undefined {
    this.sending = undefined;
    return this.onceMore && !this.isCutOff() ? this.flush() : undefined;
  }

  private async sendAll(): Promise<void> {
    clearTimeout(this.again);
    const skipped = new Set<string>();
    // Should the browser not let go of what is answered, it is not sent for ever.
    const answered = new Set<string>();
    let cutOff = false;
    for (;;) {
      this.onceMore = false;
      await this.look();
      const change = this.waiting().find(
        ({ things, told }) => !answered.has(told.id) && !things.some((one) => skipped.has(one)),
      );
      if (!change) break;
      await this.replace(change, { ...change, tried: true });
      answered.add(change.told.id);
      try {
        const answer = await this.senderOf(change).send(change);
        await this.settle(change, { is: 'kept', answer }, null);
      } catch (error) {
        const { unreachable, message } = apiFailure(error);
        if (!unreachable && !isSignedOut(error)) {
          const kept = this.senderOf(change).keepsRefused;
          const refused = kept ? { ...change, tried: false, refused: message } : null;
          await this.settle(change, { is: 'refused', message }, refused);
          continue;
        }
        cutOff = true;
        // Where the server stumbles over one thing, others are told all the same.
        if (!isFault(error)) break;
        for (const thing of change.things) skipped.add(thing);
      }
    }
    this.isCutOff.set(cutOff);
    this.failures = cutOff ? this.failures + 1 : 0;
    if (!cutOff) return;
    const wait = Math.min(MOST_WAIT, FIRST_WAIT * 2 ** (this.failures - 1));
    this.again = setTimeout(() => void this.flush(), wait);
  }

  private async settle(change: Change, outcome: Outcome, then: Change | null): Promise<void> {
    await this.replace(change, then);
    this.heard.next({ change, outcome });
    await this.announce({ settled: { change, outcome } });
  }

  /** Puts another change, or none, in the place of one. */
  private replace(change: Change, then: Change | null): Promise<void> {
    return this.edit((one) => (one.told.id === change.told.id ? then : one));
  }

  /** Puts others in the place of some, or takes them out. */
  private async edit(how: (change: Change) => Change | null): Promise<void> {
    this.homeless.update((all) => all.map(how).filter((one) => one !== null));
    await this.store
      .edit((waiting) => {
        const edited = waiting.map(([number, one]) => [number, one, how(one)] as const);
        return {
          put: edited.flatMap(([number, one, then]) =>
            then && then !== one ? [[number, then] as const] : [],
          ),
          drop: edited.flatMap(([number, , then]) => (then ? [] : [number])),
        };
      })
      .catch(() => undefined);
    await this.look();
  }

  private async look(): Promise<void> {
    const all = await this.store.all().catch(() => undefined);
    if (all) this.stored.set(all.map(([, change]) => change));
  }

  private async announce(message: Message): Promise<void> {
    this.channel.postMessage(message);
    await this.look();
  }
}
