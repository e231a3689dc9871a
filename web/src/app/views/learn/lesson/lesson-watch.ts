import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { CaseCard } from '@sleetcrest/core/shown/cases';
import type { Approach } from '@sleetcrest/core/teaching/approaches';
import { player } from '../../../base/play/player';
import { GlanceView } from '../../../subjects/practice/parts/glance-view';
import type { Shown } from '../../../subjects/practice/work';
import { Hands } from '../../../subjects/settings/parts/hands';
import { SayingView } from '../../../subjects/settings/parts/saying';
import { CubeView } from '../../../ui/cube/cube-view';
import { Learning } from '../learning';
import { TurnsDone } from '../turns-done';
import { movesOf, shownAfter } from './shown-case';
import { SAY } from './words';

/** Before the first turn there is something to look at. */
const FIRST_LOOK = 1600;

/** A case watched: what is said of it, and its turns played at the pace that walks are played at. */
@Component({
  selector: 'sc-lesson-watch',
  imports: [CubeView, GlanceView, Hands, TurnsDone, MatButton, SayingView],
  templateUrl: './lesson-watch.html',
  styleUrls: ['../page.scss', './lesson.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LessonWatch {
  protected readonly say = SAY;
  readonly shown = input.required<Shown>();
  readonly approach = input.required<Approach>();
  readonly case = input.required<string>();
  /** The case's sequence, by which it is remembered. */
  readonly sequence = input.required<string>();
  /** What is said of the case, once that is there. */
  readonly card = input<CaseCard>();
  readonly another = output();
  readonly onward = output();

  protected readonly learning = inject(Learning);
  protected readonly moves = computed(() => movesOf(this.shown()));
  protected readonly played = player(this.moves, {
    begins: () => !stillWanted(),
    pause: (done) => (done === 0 ? FIRST_LOOK : this.learning.reader().secondsPerTurn * 1000),
  });
  protected readonly now = computed(() => shownAfter(this.shown(), this.played.at()));

  protected toggle(): void {
    if (this.played.plays() === 0) this.played.play();
    else this.played.pause();
  }
}

/** Whether motion is to be left out: then one steps through by hand. */
const stillWanted = (): boolean => matchMedia('(prefers-reduced-motion: reduce)').matches;
