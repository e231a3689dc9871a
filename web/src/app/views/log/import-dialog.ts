import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  MatDialogActions,
  MatDialogContent,
  MatDialogRef,
  MatDialogTitle,
} from '@angular/material/dialog';
import { MatProgressBar } from '@angular/material/progress-bar';
import { LOG_COLUMNS, type BatchAnswer, type LogColumn } from '@sleetcrest/contract/log';
import { told } from '../../base/work/worker-of';
import { type Checked, LogBooks, type Mapping, type Preview, records } from '../../subjects/log';
import { apiFailure } from '../../base/api/failure';
import { HttpErrorResponse } from '@angular/common/http';
import { Trouble } from '../../ui/trouble';
import { Choice, type Option } from '../../ui/fields/choice';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../ui/sentence/sentence';

/** Brings records in from a file: shows what is in it first, and adds only what is asked for. */
@Component({
  selector: 'sc-import-dialog',
  imports: [
    Sentence,
    SentenceSlot,
    Choice,
    MatButton,
    MatDialogActions,
    MatDialogContent,
    MatDialogTitle,
    MatProgressBar,
    Trouble,
  ],
  templateUrl: './import-dialog.html',
  styleUrl: './import-dialog.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ImportDialog {
  protected readonly say = SAY;
  private readonly books = inject(LogBooks);
  private readonly dialog = inject<MatDialogRef<ImportDialog, boolean>>(MatDialogRef);
  private readonly worker = records('');

  protected readonly columns = LOG_COLUMNS;
  protected readonly file = signal<File | null>(null);
  protected readonly preview = signal<Preview | null>(null);
  protected readonly mapping = signal<Mapping | null>(null);
  protected readonly checked = signal<Checked | null>(null);
  protected readonly added = signal<BatchAnswer | null>(null);
  /** How much of the file is read, 0…1; null while none is. */
  protected readonly share = signal<number | null>(null);
  protected readonly trouble = signal<string | null>(null);
  /** Which piece of work is under way. */
  private work = 0;

  protected readonly verdict = computed(() => {
    const { good, bad } = this.checked() ?? { good: 0, bad: 0 };
    return SAY.canBeRead({ good, bad });
  });
  protected readonly addedSaid = ({ added, known }: BatchAnswer): string =>
    SAY.addedNow({ added, known });

  protected async choose(list: FileList | null): Promise<void> {
    const file = list?.[0];
    if (!file) return;
    this.file.set(file);
    this.preview.set(null);
    this.checked.set(null);
    this.added.set(null);
    await this.doing(async () => {
      const preview = await this.worker.ask(({ files }) => files.preview(file));
      this.preview.set(preview);
      this.mapping.set(preview.kind === 'csv' ? preview.mapping : null);
    });
    if (this.preview()) await this.check();
  }

  /** The columns of the file, by their places. */
  protected readonly headings = computed((): Option<string>[] => {
    const preview = this.preview();
    const header = preview?.kind === 'csv' ? preview.header : [];
    const columns = header.map((name, place) => ({ value: String(place), name }));
    return [{ value: '', name: 'none' }, ...columns];
  });
  protected readonly placeOf = (mapping: Mapping, column: LogColumn): string =>
    String(mapping[column] ?? '');

  protected async map(column: LogColumn, value: string): Promise<void> {
    this.mapping.update(
      (mapping) => mapping && { ...mapping, [column]: value === '' ? null : Number(value) },
    );
    await this.check();
  }

  private async check(): Promise<void> {
    const file = this.file();
    if (!file) return;
    this.checked.set(null);
    await this.doing(async () => {
      const checked = await this.worker.ask(({ files }) =>
        files.check(file, this.mapping(), this.progress()),
      );
      this.checked.set(checked);
    });
  }

  protected async send(): Promise<void> {
    const file = this.file();
    if (!file) return;
    const book = this.books.own();
    await this.doing(async () => {
      const keep = told((batch: Blob) => book.addBatch(batch));
      this.added.set(
        await this.worker.ask(({ files }) =>
          files.send(file, this.mapping(), keep, this.progress()),
        ),
      );
    });
  }

  /** Told by the worker, perhaps after its work has been answered. */
  private progress(): (share: number) => void {
    const work = this.work;
    return told((share: number) => {
      if (work === this.work && this.share() !== null) this.share.set(share);
    });
  }

  private async doing(work: () => Promise<void>): Promise<void> {
    this.trouble.set(null);
    this.work++;
    this.share.set(0);
    try {
      await work();
    } catch (error) {
      this.trouble.set(
        error instanceof HttpErrorResponse
          ? SAY.whatWasAddedBeforeStays({ message: apiFailure(error).message })
          : (error as Error).message,
      );
    } finally {
      this.share.set(null);
    }
  }

  protected close(): void {
    this.dialog.close(this.added() !== null);
  }
}
