import { computed, inject, Injectable, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { auditTime, filter } from 'rxjs';
import { Client } from '../../base/api/client';
import { onceAtATime } from '../../base/replica/once';
import { moveAll } from '../../base/replica/workers-of';
import { Outbox } from '../../base/outbox/outbox';
import { WHOSE } from '../../base/outbox/whose';
import { AccountLog, ServerLog } from './account-log';
import { GuestLog } from './guest-log';
import type { LogBook, LogReader } from './log-book';

const AT_ONCE = 200;
const TOGETHER = 100;

/** Which log is whose, and what has still to move into an account. */
@Injectable({ providedIn: 'root' })
export class LogBooks {
  private readonly client = inject(Client);
  private readonly accountLog = inject(AccountLog);
  private readonly guestLog = inject(GuestLog);
  private readonly outbox = inject(Outbox);
  private readonly account = inject(WHOSE);

  /** One's own log. */
  readonly own = computed((): LogBook => (this.account() ? this.accountLog : this.guestLog));
  /** Goes up when a log has changed without its view's doing. */
  readonly arrivals = signal(0);
  /** How many of one's records the server has not heard of, or not all. */
  readonly waiting = computed(() => {
    const changes = this.outbox.waiting().filter(({ kind }) => kind === 'record');
    return new Set(changes.flatMap(({ things }) => things)).size;
  });
  /** What the server will not have of what was told of records, and why. */
  readonly refused = computed(() => this.outbox.refused().filter(({ kind }) => kind === 'record'));
  /** Whether what is shown is what is held here, as the server cannot be reached. */
  readonly isCutOff = this.outbox.isCutOff;
  /** Whether something is kept by this page alone, since the browser has no room. */
  readonly isFull = this.outbox.isFull;

  constructor() {
    const arriving = this.outbox.settled.pipe(
      filter(({ change, outcome }) => change.kind === 'record' && outcome.is === 'kept'),
      auditTime(TOGETHER),
      takeUntilDestroyed(),
    );
    arriving.subscribe(() => this.arrived());
  }

  /** The log of a learner of one's groups. */
  of(learner: string): LogReader {
    return new ServerLog(this.client, `/api/learners/${learner}/log`);
  }

  /** What a record of one's account has said; undefined for a guest's. */
  get history(): AccountLog | undefined {
    return this.account() ? this.accountLog : undefined;
  }

  /**
   * Sends what waits, moves into the account what a guest kept before they had one, and holds the log
   * here. What cannot be sent stays and is tried again.
   */
  readonly settle = onceAtATime(() => this.send());

  /** Tries again what was refused, or forgets it. */
  tryAgain(): Promise<void> {
    return this.outbox.tryAgain();
  }

  forgetRefused(): Promise<void> {
    return this.outbox.forget();
  }

  /** Forgets what is held of an account that has signed out. */
  forget(account: string): Promise<void> {
    return this.accountLog.forget(account);
  }

  private arrived(): void {
    this.arrivals.update((count) => count + 1);
  }

  private async send(): Promise<void> {
    if (!this.account()) return;
    await this.outbox.flush();
    const moved = await moveAll(
      () => this.guestLog.some(AT_ONCE),
      (some) => this.accountLog.addAll(some),
      (ids) => this.guestLog.moved(ids),
    );
    if (moved > 0) this.arrived();
    await this.accountLog.hold();
  }
}
