import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
} from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Store } from '@ngrx/store';
import {
  applyMoves,
  copyCube,
  type Cube,
  type Hold,
  HOME_HOLD,
  paintedFromCube,
  readStep,
  STANDARD_SCHEME,
  UP,
  stickersSeen,
  writeMoves,
} from '@sleetcrest/core';
import { type Approach, caseTitle } from '@sleetcrest/core/teaching/approaches';
import { LearningWork } from '../../subjects/practice/work';
import { readerFeature } from '../../subjects/settings';
import { reading } from '../../base/reading/reading';
import { Crown } from '../../ui/crown/crown';
import { CubeView } from '../../ui/cube/cube-view';
import type { Verdict } from './proofs';
import { numbered } from '../../base/words/counted';
import { anew } from '../../base/state/anew';
import { Trouble } from '../../ui/trouble';
import { CaseName } from '../../subjects/method/parts/case-name';
import type { Whose } from '../../subjects/method/work';
import { SAY } from './words';

/** Sets of cases that look alike, told at most. */
const MOST_ALIKE = 3;

interface Moment {
  cube: Cube;
  hold: Hold;
  step: number;
}

/** Above this share of looks, what is ahead is not enough to tell by. */
const NOTABLE = 0.005;

/** Whether an approach solves every start; if not, a cube it fails on, live, and the wrong step. */
@Component({
  selector: 'sc-proof-panel',
  imports: [CaseName, Crown, CubeView, MatButton, MatIcon, MatIconButton, MatProgressBar, Trouble],
  templateUrl: './proof-panel.html',
  styleUrl: './proof-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ProofPanel {
  protected readonly say = SAY;
  readonly approach = input.required<Approach>();
  /** The method it is in, in which its cases have their pictures. */
  readonly whose = input.required<Whose>();
  readonly verdict = input<Verdict>();
  readonly share = input<number>();
  readonly stopped = output();
  readonly asked = output();

  private readonly learning = inject(LearningWork);
  protected readonly reader = inject(Store).selectSignal(readerFeature.selectReaderState);
  protected readonly scheme = STANDARD_SCHEME;

  protected readonly proof = computed(() => {
    const verdict = this.verdict();
    return verdict && 'proved' in verdict ? verdict.proved.proof : null;
  });
  protected readonly trouble = computed(() => {
    const verdict = this.verdict();
    return verdict && 'trouble' in verdict ? verdict.trouble : null;
  });
  protected readonly failure = computed(() => {
    const verdict = this.verdict();
    return verdict && 'proved' in verdict ? verdict.proved.failure : null;
  });
  /** What is known of its sentences; null while its turns fail. */
  protected readonly wording = computed(() => {
    const verdict = this.verdict();
    return verdict && 'proved' in verdict ? verdict.proved.wording : null;
  });
  private readonly seeing = reading(
    () => (this.proof() && !this.failure() ? this.approach() : undefined),
    async (approach) => {
      const ahead = await this.learning.glanceFigures(approach, 'ahead');
      const around = await this.learning.glanceFigures(approach, 'around');
      return { approach, ahead, around };
    },
  );
  /** How many stickers tell its cases apart, and which look the same without turning the cube. */
  protected readonly looks = computed(() => {
    const made = this.seeing.value();
    if (made?.approach !== this.approach()) return null;
    const { ahead, around } = made;
    return {
      says: SAY.looksSay({
        mean: around.mean.toFixed(1),
        worst: around.worst,
        enough: ahead.open > NOTABLE ? 'no' : 'yes',
        open: Math.round(ahead.open * 100),
        walked: around.walked === null ? 'unknown' : around.walked ? 'yes' : 'no',
      }),
      alike: ahead.alike.filter(({ length }) => length > 1).slice(0, MOST_ALIKE),
    };
  });
  /** Which of the sentences that are not so is looked at. */
  protected readonly untrueAt = anew(
    () => this.wording(),
    () => 0,
  );
  protected readonly untruth = computed(() => {
    const one = this.wording()?.untrue[this.untrueAt()];
    if (!one) return null;
    const { hold, lineUp, sequence } = readStep(one.step, STANDARD_SCHEME);
    return {
      stickers: stickersSeen(paintedFromCube(one.cube), STANDARD_SCHEME, hold),
      turns: writeMoves([...lineUp, ...sequence], this.reader().dialect),
    };
  });
  /** The failing cube turn by turn. */
  protected readonly moments = computed((): Moment[] => {
    const [proof, failure] = [this.proof(), this.failure()];
    if (!proof?.unsolved || !failure) return [];
    const cube = copyCube(proof.unsolved);
    let hold: Hold = HOME_HOLD;
    const moments: Moment[] = [];
    failure.steps.forEach((step, k) => {
      const read = readStep(step, STANDARD_SCHEME);
      hold = read.hold;
      moments.push({ cube: copyCube(cube), hold, step: k });
      for (const move of [...read.lineUp, ...read.sequence]) {
        hold = applyMoves(cube, hold, [move]);
        moments.push({ cube: copyCube(cube), hold, step: k });
      }
    });
    return moments.length > 0 ? moments : [{ cube, hold, step: -1 }];
  });
  /** How many turns of the failing steps have been done. It begins where it goes wrong, before that step's turns. */
  protected readonly at = linkedSignal(() => {
    const wrong = this.moments().findIndex(({ step }) => step === this.failure()?.at);
    return Math.max(0, wrong);
  });
  protected readonly moment = computed(() => this.moments()[this.at()]);
  protected readonly step = computed(() => this.failure()?.steps[this.moment()?.step ?? -1]);
  protected readonly picture = computed(() => {
    const moment = this.moment();
    return moment ? stickersSeen(paintedFromCube(moment.cube), this.scheme, moment.hold) : [];
  });

  protected number(count: number): string {
    return numbered(count);
  }

  protected go(by: number): void {
    this.at.update((at) => Math.min(this.moments().length - 1, Math.max(0, at + by)));
  }

  protected toStep(step: number): void {
    this.at.set(this.moments().findIndex((moment) => moment.step === step));
  }

  /** What a case of it is called, with white as the first colour. */
  protected titleOf(id: string): string {
    const one = this.approach().cases.find((each) => each.id === id);
    return one ? caseTitle(one, UP, STANDARD_SCHEME) : '';
  }
}
