import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogModule, MatDialogRef } from '@angular/material/dialog';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Store } from '@ngrx/store';
import type { Handout } from '@sleetcrest/contract';
import {
  type Colour,
  DEFAULT_METHOD,
  type Dialect,
  methodOf,
  sideOfColour,
  type Stage,
  stageWords,
  STANDARD_SCHEME,
} from '@sleetcrest/core';
import { stagesOf } from '@sleetcrest/core/engine/run';
import { saveFile } from '../../base/files/save-file';
import { MethodsApi } from '../../subjects/method';
import type { MethodChosen } from '../../subjects/method/parts/method-choice';
import { copied, readerFeature } from '../../subjects/settings';
import { action } from '../../base/reading/action';
import { DIALECT_OPTIONS, FIRST_COLOURS } from '../../ui/fields/options';
import { Choice, type Option } from '../../ui/fields/choice';
import { Trouble } from '../../ui/trouble';
import { SAY } from './words';

const WHOLE = 'whole';

/** What a printed guide shall show; the server makes the PDF file. */
@Component({
  selector: 'sc-handout-dialog',
  imports: [Choice, MatButton, MatDialogModule, MatProgressBar, Trouble],
  template: `
    <h2 mat-dialog-title>{{ say.printAHandout }}</h2>
    <mat-dialog-content>
      <div class="choices">
        <sc-choice
          [label]="say.what"
          [options]="parts"
          [value]="part()"
          (chosen)="part.set($event)"
        />
        <sc-choice
          [label]="say.paper"
          [options]="papers"
          [value]="paper()"
          (chosen)="paper.set($event)"
        />
        <sc-choice
          [label]="say.turnsWritten"
          [options]="dialects"
          [value]="dialect()"
          (chosen)="dialect.set($event)"
        />
        <sc-choice
          [label]="say.firstColour"
          [options]="colours"
          [value]="firstColour()"
          (chosen)="firstColour.set($event)"
        />
        <sc-choice
          [label]="say.whatToLookAtFirst"
          [options]="lookings"
          [value]="looks()"
          (chosen)="looks.set($event)"
        />
        <sc-choice [label]="say.ink" [options]="inks" [value]="ink()" (chosen)="ink.set($event)" />
      </div>
      <p>{{ inkSaid() }}</p>
      <sc-trouble [of]="trouble()" />
      @if (busy()) {
        <mat-progress-bar mode="indeterminate" [aria-label]="say.makingTheFile" />
      }
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button matButton mat-dialog-close>{{ say.cancel }}</button>
      <button matButton="filled" [disabled]="busy()" (click)="make()">{{ say.makeThePdf }}</button>
    </mat-dialog-actions>
  `,
  styles: `
    .choices {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 12px;
      padding-top: 8px;
    }
    p {
      margin-top: 12px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HandoutDialog {
  protected readonly say = SAY;
  private readonly data = inject<{ method: MethodChosen; stage: Stage | null }>(MAT_DIALOG_DATA);
  private readonly api = inject(MethodsApi);
  private readonly dialog = inject(MatDialogRef);
  private readonly reader = inject(Store).selectSignal(readerFeature.selectReaderState)();
  private readonly method = methodOf(this.data.method) ?? DEFAULT_METHOD;

  protected readonly parts: readonly Option<string>[] = [
    { value: WHOLE, name: SAY.theWholeMethod },
    ...stagesOf(this.method).map((stage) => ({
      value: stage,
      name: stageWords(
        stage,
        sideOfColour(STANDARD_SCHEME, this.reader.firstColour),
        STANDARD_SCHEME,
      ).title,
    })),
  ];
  protected readonly papers: readonly Option<Handout['paper']>[] = [
    { value: 'A4', name: 'A4' },
    { value: 'LETTER', name: SAY.letter },
  ];
  protected readonly inks: readonly Option<Handout['ink']>[] = [
    { value: 'colour', name: SAY.inColour },
    { value: 'letters', name: SAY.blackAndWhite },
  ];
  protected readonly lookings: readonly Option<'with' | 'without'>[] = [
    { value: 'without', name: SAY.without },
    { value: 'with', name: SAY.aPageForIt },
  ];
  protected readonly dialects = DIALECT_OPTIONS;
  protected readonly colours = FIRST_COLOURS;

  protected readonly part = signal<string>(this.data.stage ?? WHOLE);
  protected readonly paper = signal<Handout['paper']>('A4');
  protected readonly dialect = signal<Dialect>(this.reader.dialect);
  protected readonly firstColour = signal<Colour>(this.reader.firstColour);
  protected readonly ink = signal<Handout['ink']>('colour');
  protected readonly looks = signal<'with' | 'without'>('without');
  private readonly action = action(SAY.theFileWasNotMade);
  protected readonly busy = this.action.busy;
  protected readonly trouble = this.action.trouble;
  protected readonly inkSaid = computed(() =>
    this.ink() === 'colour' ? SAY.stickersInYourOwnColours : SAY.aLetterOnEachSticker,
  );

  protected make(): void {
    const stage = this.part() === WHOLE ? null : (this.part() as Stage);
    const handout: Handout = {
      method: copied(this.data.method),
      stage,
      paper: this.paper(),
      dialect: this.dialect(),
      firstColour: this.firstColour(),
      ink: this.ink(),
      swatches: this.reader.swatches,
      ...(this.looks() === 'with' ? { looks: true } : {}),
    };
    void this.action.run(async () => {
      const pdf = await this.api.handout(handout);
      saveFile(pdf, `sleetcrest-${this.method.id}${stage ? `-${stage}` : ''}.pdf`);
      this.dialog.close();
    });
  }
}
