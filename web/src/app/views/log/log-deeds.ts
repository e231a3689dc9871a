import { inject, Injectable, signal } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import { Notices } from '../../base/dialogs/notices';
import { Store } from '@ngrx/store';
import type { LogEntry, LogFilter } from '@sleetcrest/core/learner/log';
import { saveFile } from '../../base/files/save-file';
import { LogBooks, type LogReader } from '../../subjects/log';
import { apiFailure } from '../../base/api/failure';
import type { Tagging } from './log-bulk';
import { LogPage } from './log.feature';
import { SAY } from './words';

/** As many as one request may name. */
const MOST_SELECTED = 10_000;
const WINDOW = 200;

/** What is done with records: changed, deleted, tagged, brought in and taken out. */
@Injectable()
export class LogDeeds {
  private readonly store = inject(Store);
  private readonly books = inject(LogBooks);
  private readonly dialog = inject(MatDialog);
  private readonly notices = inject(Notices);

  /** Why the last thing done failed; null where it did not. */
  readonly trouble = signal<string | null>(null);

  /** Selects all records meant, however many are on the screen. */
  async selectAll(log: LogReader, filter: LogFilter, total: number): Promise<void> {
    await this.doing(async () => {
      const ids: string[] = [];
      for (let offset = 0; offset < Math.min(total, MOST_SELECTED); offset += WINDOW) {
        ids.push(...(await log.page(filter, offset, WINDOW)).items.map(({ id }) => id));
      }
      this.store.dispatch(LogPage.recordsSelected({ ids }));
    });
  }

  /** Opens one record; it can be changed where it is one's own. */
  async open(
    entry: LogEntry,
    isOwn: boolean,
    methods: readonly { id: string; title: string }[],
  ): Promise<void> {
    const { EntryDialog } = await import('./entry-dialog');
    const asked = this.dialog.open<unknown, unknown, LogEntry>(EntryDialog, {
      width: '560px',
      data: {
        entry,
        methods,
        book: isOwn ? this.books.own() : null,
        history: isOwn ? this.books.history : undefined,
      },
    });
    asked.afterClosed().subscribe((changed) => {
      if (changed) this.changed();
    });
  }

  async remove(ids: readonly string[]): Promise<void> {
    const book = this.books.own();
    await this.doing(async () => {
      const where = await book.remove(ids);
      this.changed();
      const records = ids.length;
      const said = where === 'kept' ? SAY.deletedNow({ records }) : SAY.deletedSoon({ records });
      void this.notices.offerUndo(said, () => void this.bringBack(ids));
    });
  }

  private async bringBack(ids: readonly string[]): Promise<void> {
    await this.doing(async () => {
      await this.books.own().restore(ids);
      this.changed();
    });
  }

  async tag(ids: readonly string[], { tag, add }: Tagging): Promise<void> {
    await this.doing(async () => {
      await this.books.own().tag(ids, add ? [tag] : [], add ? [] : [tag]);
      this.changed();
      const how = add ? 'add' : 'drop';
      void this.notices.say(SAY.taggedNow({ records: ids.length, how, tag }));
    });
  }

  async bringIn(): Promise<void> {
    const { ImportDialog } = await import('./import-dialog');
    const asked = this.dialog.open<unknown, unknown, boolean>(ImportDialog, {
      width: '820px',
      maxWidth: '96vw',
    });
    asked.afterClosed().subscribe((added) => {
      if (added) this.changed();
    });
  }

  async takeOut(filter: LogFilter, as: 'csv' | 'json'): Promise<void> {
    await this.doing(async () => {
      saveFile(await this.books.own().file(filter, as), `sleetcrest-log.${as}`);
    });
  }

  private changed(): void {
    this.store.dispatch(LogPage.recordsChanged());
  }

  private async doing(work: () => Promise<void>): Promise<void> {
    this.trouble.set(null);
    await work().catch((error: unknown) => this.trouble.set(apiFailure(error).message));
  }
}
