import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  signal,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import type { AskPrint, PrintJob } from '@sleetcrest/contract/table';
import { saveFile } from '../../../base/files/save-file';
import { v4 as uuid } from 'uuid';
import { daySaid, today } from '../../../base/words/days';
import { Choice } from '../../../ui/fields/choice';
import { DateField } from '../../../ui/fields/date-field';
import { reading } from '../../../base/reading/reading';
import { action } from '../../../base/reading/action';
import { TableApi, GroupStore } from '../../../subjects/group';
import { ForWhom } from '../../../subjects/group/parts/for-whom';
import { Trouble } from '../../../ui/trouble';
import { timer } from 'rxjs';
import { SAY } from './words';

const KINDS: readonly { value: AskPrint['kind']; name: string }[] = [
  { value: 'pack', name: SAY.packsWhatToPractiseUntil },
  { value: 'letters', name: SAY.lettersOnePageForEach },
  { value: 'certificates', name: SAY.certificatesWhatIsSure },
];
const KIND_WORDS: Record<AskPrint['kind'], string> = {
  pack: SAY.packs,
  letters: SAY.lettersToFamilies,
  certificates: SAY.certificates,
};
const PAPERS: readonly { value: AskPrint['paper']; name: string }[] = [
  { value: 'A4', name: 'A4' },
  { value: 'LETTER', name: SAY.letter },
];
/** Milliseconds between looks at what is being made. */
const LOOK = 700;

/** Paper to hand out: packs, letters to families, certificates; made while one does other things. */
@Component({
  selector: 'sc-print-paper',
  imports: [Choice, DateField, ForWhom, MatButton, MatProgressBar, Trouble],
  template: `
    @if (groups.group(); as group) {
      <div class="two">
        <section aria-labelledby="to-print">
          <h2 id="to-print">{{ say.paperToHandOut }}</h2>
          <sc-choice
            [label]="say.what"
            [options]="kinds"
            [value]="kind()"
            (chosen)="kind.set($event)"
          />
          <sc-choice
            [label]="say.paper"
            [options]="papers"
            [value]="paper()"
            (chosen)="paper.set($event)"
          />
          <sc-date-field [label]="say.ofTheDay" [value]="day()" (told)="day.set($event)" />
          <sc-for-whom [learners]="group.learners" [(whom)]="whom" />
          <sc-trouble [of]="trouble()" />
          <button
            matButton="filled"
            [disabled]="busy() || group.learners.length === 0"
            (click)="make()"
          >
            {{ say.makeIt }}
          </button>
        </section>
        <section aria-labelledby="is-made">
          <h2 id="is-made">{{ say.whatIsMade }}</h2>
          <p class="quiet">{{ say.keptForADayMade }}</p>
          @for (job of jobs(); track job.id) {
            <article>
              <b>{{ words[job.kind] }}</b>
              <span class="quiet">{{ daySaid(job.day) }}</span>
              @switch (job.state) {
                @case ('done') {
                  <span>{{ say.learners({ learners: job.of }) }}</span>
                  <button matButton="outlined" (click)="download(job)">{{ say.download }}</button>
                  <button matButton (click)="remove(job)">{{ say.delete }}</button>
                }
                @case ('failed') {
                  <span class="bad">{{ say.itCouldNotBeMade }}</span>
                  <button matButton (click)="remove(job)">{{ say.delete }}</button>
                }
                @default {
                  <mat-progress-bar
                    [mode]="job.of > 0 ? 'determinate' : 'indeterminate'"
                    [value]="job.of > 0 ? (100 * job.done) / job.of : 0"
                    [attr.aria-label]="say.making({ words: words[job.kind] })"
                  />
                  <span role="status">{{ say.of({ done: job.done, of: job.of || '…' }) }}</span>
                  <button matButton (click)="remove(job)">{{ say.cancel }}</button>
                }
              }
            </article>
          } @empty {
            <p class="quiet">{{ say.nothingYet }}</p>
          }
        </section>
      </div>
    }
  `,
  styleUrl: '../table-page.scss',
  styles: `
    @use 'blocks';

    p {
      margin: 0;
    }
    article {
      @include blocks.set-off;
      @include blocks.row(4px 14px);
    }
    mat-progress-bar {
      flex: 1 1 8rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PrintPaper {
  protected readonly say = SAY;
  protected readonly groups = inject(GroupStore);
  private readonly api = inject(TableApi);
  protected readonly kinds = KINDS;
  protected readonly words = KIND_WORDS;
  protected readonly papers = PAPERS;
  protected readonly daySaid = daySaid;
  protected readonly kind = signal<AskPrint['kind']>('pack');
  protected readonly paper = signal<AskPrint['paper']>('A4');
  protected readonly day = signal(today());
  protected readonly whom = signal<readonly string[]>([]);
  private readonly action = action();
  protected readonly busy = this.action.busy;
  protected readonly trouble = this.action.trouble;
  private readonly asking = reading(
    () => this.groups.group()?.id,
    (group) => this.api.prints(group),
    { whenAnother: 'drop' },
  );
  protected readonly jobs = computed((): readonly PrintJob[] => this.asking.value() ?? []);
  private readonly isMaking = computed(() =>
    this.jobs().some(({ state }) => state === 'waiting' || state === 'working'),
  );

  constructor() {
    effect((onCleanup) => {
      if (!this.isMaking() || this.asking.isBusy()) return;
      const later = timer(LOOK).subscribe(() => this.asking.again());
      onCleanup(() => later.unsubscribe());
    });
  }

  protected make(): Promise<void> {
    return this.doing(async (group) => {
      await this.api.print(group, {
        id: uuid(),
        kind: this.kind(),
        day: this.day() || today(),
        paper: this.paper(),
        for: this.whom().length > 0 ? [...this.whom()] : null,
      });
      this.asking.again();
    });
  }

  protected download(job: PrintJob): Promise<void> {
    return this.doing(async (group) => {
      saveFile(await this.api.printed(group, job.id), `sleetcrest-${job.kind}-${job.day}.pdf`);
    });
  }

  protected remove(job: PrintJob): Promise<void> {
    return this.doing(async (group) => {
      await this.api.removePrint(group, job.id);
      this.asking.again();
    });
  }

  private async doing(work: (group: string) => Promise<void>): Promise<void> {
    const group = this.groups.group()?.id;
    if (group !== undefined) await this.action.run(() => work(group));
  }
}
