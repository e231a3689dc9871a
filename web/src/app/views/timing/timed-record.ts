import { inject, Injectable, signal } from '@angular/core';
import { Notices } from '../../base/dialogs/notices';
import type { ChangeEntry } from '@sleetcrest/contract/log';
import type { LogEntry } from '@sleetcrest/core/learner/log';
import { LogBooks } from '../../subjects/log';
import { apiFailure } from '../../base/api/failure';
import { TimingRun } from './timing-run';
import { SAY } from './words';

/** Where the record of a solve is: in the log, waiting for the server, or only here. */
export type Keeping = 'kept' | 'waiting' | 'failed';

/** The record of the solve that was just stopped: kept in the log, told more of, or deleted. */
@Injectable()
export class TimedRecord {
  private readonly books = inject(LogBooks);
  private readonly notices = inject(Notices);
  private readonly run = inject(TimingRun);

  readonly entry = signal<LogEntry | null>(null);
  readonly keeping = signal<Keeping | null>(null);
  readonly trouble = signal<string | null>(null);

  /** There is none any more, as another solve begins. */
  clear(): void {
    this.entry.set(null);
    this.keeping.set(null);
    this.trouble.set(null);
  }

  /** Puts it into the log. Until that is done it survives a reload as the run it was made from. */
  async keep(record: LogEntry): Promise<void> {
    this.entry.set(record);
    this.trouble.set(null);
    const book = this.books.own();
    try {
      // A reload in the moment between may have left it in the log already, with more told of it.
      const known = this.run.resumed ? await book.read(record.id).catch(() => null) : null;
      if (known) this.entry.set(known);
      this.keeping.set(await book.add(known ?? record));
      this.run.settle();
    } catch (error) {
      this.keeping.set('failed');
      this.trouble.set(SAY.itCouldNotBeKept({ message: apiFailure(error).message }));
    }
  }

  /** Tells more of it: at once on the screen; what the log refuses is taken back. */
  async change(change: ChangeEntry): Promise<void> {
    const before = this.entry();
    if (!before) return;
    this.entry.set({ ...before, ...change });
    try {
      await this.books.own().change(before.id, change);
    } catch (error) {
      this.entry.update((now) => now && { ...now, ...undone(before, change) });
      this.trouble.set(apiFailure(error).message);
    }
  }

  /** Deletes it; gives whether it is deleted, or will be. */
  async discard(): Promise<boolean> {
    const entry = this.entry();
    if (!entry) return false;
    const book = this.books.own();
    try {
      const said = {
        kept: SAY.thisTimeIsDeleted,
        waiting: SAY.thisTimeIsDeletedAs,
      }[await book.remove([entry.id])];
      this.run.settle();
      void this.notices.offerUndo(said, () => void this.bringBack(entry));
      return true;
    } catch (error) {
      this.trouble.set(apiFailure(error).message);
      return false;
    }
  }

  private async bringBack(entry: LogEntry): Promise<void> {
    try {
      await this.books.own().restore([entry.id]);
    } catch (error) {
      this.trouble.set(apiFailure(error).message);
    }
  }
}

/** What a change took the place of. */
const undone = (before: LogEntry, change: ChangeEntry): Partial<LogEntry> =>
  Object.fromEntries(Object.keys(change).map((name) => [name, before[name as keyof LogEntry]]));
