import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { sideOfColour, type Stage, stageWords, unseenCube } from '@sleetcrest/core';
import { nextQuestion, stickersOnceDone } from '@sleetcrest/core/insight/entry';
import { readerFeature } from '../../../subjects/settings';
import { MethodStages } from '../../../subjects/walk/work';
import { entryFeature, EntryPage } from '../../../subjects/cube';
import { Trouble } from '../../../ui/trouble';
import { Choice, type Option } from '../../../ui/fields/choice';
import { SAY } from './words';

/** Paints what is done once a stage is reached, so that only the rest is asked for. */
@Component({
  selector: 'sc-done-up-to',
  imports: [Choice, Trouble],
  template: `
    <sc-trouble [of]="told.trouble()" [again]="say.tryAgain" (asked)="told.again()" />
    <sc-choice
      [label]="say.alreadySolvedUpTo"
      [options]="options()"
      [value]="chosen()"
      (chosen)="choose($event)"
    />
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DoneUpTo {
  protected readonly say = SAY;
  private readonly store = inject(Store);
  private readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  private readonly firstColour = this.store.selectSignal(readerFeature.selectFirstColour);
  protected readonly told = inject(MethodStages);
  protected readonly chosen = signal<Stage | 'nothing'>('nothing');

  protected readonly options = computed((): Option<Stage | 'nothing'>[] => {
    const first = sideOfColour(this.scheme(), this.firstColour());
    return [
      { value: 'nothing', name: SAY.nothingYet },
      ...this.told
        .stages()
        .slice(0, -1)
        .map((stage) => ({ value: stage, name: stageWords(stage, first, this.scheme()).title })),
    ];
  });

  protected choose(stage: Stage | 'nothing'): void {
    this.chosen.set(stage);
    const first = sideOfColour(this.scheme(), this.firstColour());
    const painted = stage === 'nothing' ? unseenCube() : stickersOnceDone(stage, first);
    this.store.dispatch(EntryPage.cubeReplaced({ painted: Array.from(painted) }));
    const question = nextQuestion(painted);
    if (question) this.store.dispatch(EntryPage.pictureTurned({ hold: question.hold }));
  }
}
