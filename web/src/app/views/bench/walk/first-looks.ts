import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  output,
} from '@angular/core';
import {
  type ColourScheme,
  type Method,
  opposite,
  type Side,
  stickerInHold,
  turnedOver,
} from '@sleetcrest/core';
import { approachesOf, stickerCalled } from '@sleetcrest/core/engine/run';
import { lookSaid } from '@sleetcrest/core/insight/glance';
import { LearningWork } from '../../../subjects/practice/work';
import type { StepFrame } from '../../../subjects/walk';
import { reading } from '../../../base/reading/reading';
import { Trouble } from '../../../ui/trouble';
import { SAY } from './words';

/** What to look at first on the cube of a step, to see for oneself which case it is. */
@Component({
  selector: 'sc-first-looks',
  imports: [Trouble],
  template: `
    @if (looks(); as all) {
      <p>{{ say.lookHereFirst }}</p>
      <ol>
        @for (one of all; track $index) {
          <li>{{ one.says }}</li>
        }
      </ol>
    } @else if (trouble(); as sentence) {
      <sc-trouble [of]="sentence" [again]="say.tryAgain" (asked)="again()" />
    } @else {
      <p>{{ say.workingOutWhatToLook }}</p>
    }
  `,
  styles: `
    :host {
      display: block;
      margin-top: 4px;
      color: var(--quiet);
      font-size: var(--type-note);
    }
    ol {
      margin: 2px 0 0;
      padding-left: 1.4em;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirstLooks {
  protected readonly say = SAY;
  readonly frame = input.required<StepFrame>();
  readonly method = input.required<Method>();
  readonly scheme = input.required<ColourScheme>();
  /** The side of the first colour. */
  readonly first = input.required<Side>();
  /** The stickers of the cube, in the order they are looked at. */
  readonly told = output<readonly number[]>();

  private readonly work = inject(LearningWork);
  private readonly approach = computed(() =>
    approachesOf(this.method()).find(({ id }) => id === this.frame().step.approach),
  );
  /** The hold one looks in: as one has it, turned over where the approach is held the other way up. */
  private readonly hold = computed(() => {
    const up = this.approach()?.up === 'first' ? this.first() : opposite(this.first());
    return turnedOver(this.frame().held, up);
  });
  private readonly asking = reading(
    () => {
      const approach = this.approach();
      return approach && { approach, frame: this.frame(), hold: this.hold() };
    },
    async ({ approach, frame, hold }) => {
      const { looked } = await this.work.apart(approach, frame.cube, hold, frame.step.case);
      return { frame, hold, looked };
    },
  );
  protected readonly trouble = this.asking.trouble;
  protected readonly looks = computed(() => {
    const made = this.asking.value();
    if (made?.frame !== this.frame()) return null;
    return made.looked.map((one) => ({
      says: lookSaid(one, this.scheme(), this.first(), made.hold),
      sticker:
        'sticker' in one.look ? stickerInHold(made.hold, stickerCalled(one.look.sticker)!) : -1,
    }));
  });

  constructor() {
    effect(() => {
      const looks = this.looks() ?? [];
      this.told.emit(looks.map(({ sticker }) => sticker).filter((sticker) => sticker >= 0));
    });
  }

  protected again(): void {
    this.asking.again();
  }
}
