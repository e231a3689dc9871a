import { HttpClient } from '@angular/common/http';
import { computed, inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { fromEvent } from 'rxjs';
import { accountFeature } from '../account/account.feature';
import { AccountLog, learnerLog } from './account-log';
import { GuestLog } from './guest-log';
import type { LogBook, LogReader } from './log-book';
import { Outbox } from './outbox';

const AT_ONCE = 200;

/** Which log is whose, and what has still to move into an account. */
@Injectable({ providedIn: 'root' })
export class LogBooks {
  private readonly http = inject(HttpClient);
  private readonly accountLog = inject(AccountLog);
  private readonly guestLog = inject(GuestLog);
  private readonly outbox = inject(Outbox);
  private readonly account = inject(Store).selectSignal(accountFeature.selectAccount);
  private settling: Promise<void> | undefined;

  /** One's own log. */
  readonly own = computed((): LogBook => (this.account() ? this.accountLog : this.guestLog));
  /** Goes up when a log has changed without its view's doing. */
  readonly arrivals = signal(0);
  readonly waiting = this.outbox.count;

  constructor() {
    fromEvent(window, 'online').subscribe(() => void this.settle());
  }

  /** The log of a learner of one's groups. */
  of(learner: string): LogReader {
    return learnerLog(this.http, learner);
  }

  /**
   * Sends what waits: records made while the server could not be reached, and those a guest made
   * before they had an account. What cannot be sent stays and is tried again.
   */
  settle(): Promise<void> {
    this.settling ??= this.send()
      .catch(() => undefined)
      .finally(() => (this.settling = undefined));
    return this.settling;
  }

  /** Says that the log has changed. */
  arrived(): void {
    this.arrivals.update((count) => count + 1);
  }

  private async send(): Promise<void> {
    if (!this.account()) return;
    let arrived = 0;
    for (let more = await this.outbox.all(); more.length > 0; more = await this.outbox.all()) {
      const some = more.slice(0, AT_ONCE);
      arrived += (await this.accountLog.addAll(some)).added;
      await this.outbox.sent(some);
    }
    for (;;) {
      const some = await this.guestLog.some(AT_ONCE);
      if (some.length === 0) break;
      arrived += (await this.accountLog.addAll(some)).added;
      await this.guestLog.moved(some.map(({ id }) => id));
    }
    if (arrived > 0) this.arrived();
  }
}
