import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  output,
  untracked,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { type Colour, stickerInHold, stickersSeen, unseenCube } from '@sleetcrest/core';
import type { CameOut, Done } from '@sleetcrest/core/learner/exercises';
import { LearningWork } from '../../../subjects/practice/work';
import { listensTo } from '../../../base/keys/keyboard';
import { OWN_CUBE_KEYS } from '../learn.keys';
import { Crown } from '../../../ui/crown/crown';
import { colourOfKey } from '../../../ui/crown/colour-of-key';
import { Pots } from '../../../ui/pots/pots';
import { reading } from '../../../base/reading/reading';
import { undoable } from '../../../base/undo/undoable';
import { Trouble } from '../../../ui/trouble';
import { Learning } from '../learning';
import { CaseName } from '../../../subjects/method/parts/case-name';
import { stickerWords } from '../../../ui/crown/geometry';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** How a case came out, told by the person. */
export interface Told {
  readonly right: boolean;
  /** The case that was done instead, where that is known. */
  readonly instead: string;
}

/** Asks for a few stickers of one's own cube, and says by them how a case came out. */
@Component({
  selector: 'sc-own-cube',
  imports: [Sentence, SentenceSlot, CaseName, Crown, MatButton, Pots, Trouble],
  template: `
    <div class="card">
      <sc-crown
        [label]="say.yourCubeAsFarAs"
        [stickers]="picture()"
        [asked]="asked()"
        [letters]="learning.reader().letters"
      />
      <section class="drill" aria-live="polite">
        @if (trouble(); as message) {
          <sc-trouble [of]="message" />
        } @else if (asked() !== null) {
          <h2>{{ say.howDoesYoursLook }}</h2>
          <p>{{ say.holdItWithAgainWhich({ held: held(), place: place() }) }}</p>
          <p class="quiet">
            {{
              say.stickerOfTheseRevealAny({
                now: colours.now().length + 1,
                stickers: stickers()!.length,
              })
            }}
            <span class="keys-only">{{ say.aDigitOrFirstLetter }}</span>
          </p>
          <sc-pots
            [colours]="learning.scheme()"
            [letters]="learning.reader().letters"
            (picked)="tell($event)"
          />
        } @else if (out(); as told) {
          @if (!told.right) {
            <h2>{{ say.itCameOutDifferently }}</h2>
            @for (sentence of told.says; track $index) {
              <p>{{ $first ? say.mostLikely : say.or }} {{ sentence }}</p>
            }
            @if (told.instead) {
              <p>
                <sc-sentence [of]="say.itLooksAsItDoes">
                  <sc-case-name *scSlot="'case'" [case]="told.instead" />
                </sc-sentence>
              </p>
            } @else if (told.says.length === 0) {
              <p>{{ say.noOneOrTwoSlips }}</p>
            }
            <p>
              <button matButton="filled" (click)="settle(told)">{{ say.goOn }}</button>
            </p>
          }
        }
        @if (colours.canUndo()) {
          <p>
            <button matButton (click)="colours.undo()">{{ say.undoTheLastSticker }}</button>
          </p>
        }
      </section>
    </div>
  `,
  styleUrl: './cards.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnCube {
  protected readonly say = SAY;
  readonly done = input.required<Done>();
  /** How it is to be held, in words. */
  readonly held = input.required<string>();
  readonly told = output<Told>();

  protected readonly learning = inject(Learning);
  private readonly work = inject(LearningWork);
  private readonly asking = reading(
    () => this.done(),
    async (done) => {
      const [method, first] = [this.learning.method(), this.learning.first()];
      return { done, stickers: await this.work.tellingStickers(done, method, first) };
    },
  );
  /** Those that are asked for, once they are known. */
  protected readonly stickers = computed(() => {
    const asked = this.asking.value();
    return asked?.done === this.done() ? asked.stickers : null;
  });
  /** What was told of them, in their order. */
  protected readonly colours = undoable(
    () => this.done(),
    (): readonly Colour[] => [],
  );
  protected readonly asked = computed(() => this.stickers()?.[this.colours.now().length] ?? null);
  /** Where the sticker that is asked for is, in words. */
  protected readonly place = computed(() => stickerWords(this.asked() ?? 0));
  private readonly seen = computed((): readonly number[] => {
    const seen = unseenCube();
    this.colours.now().forEach((colour, k) => {
      const own = stickerInHold(this.done().hold, this.stickers()![k]!);
      seen[own] = this.learning.scheme().indexOf(colour);
    });
    return [...seen];
  });
  protected readonly picture = computed(() =>
    stickersSeen(this.seen(), this.learning.scheme(), this.done().hold),
  );
  private readonly judging = reading(
    () => (this.stickers() && this.asked() === null ? this.seen() : undefined),
    async (seen) => {
      const { method, first, scheme } = this.learning;
      return { seen, out: await this.work.cameOut(this.done(), method(), first(), seen, scheme()) };
    },
  );
  /** How it came out, once all are told. */
  protected readonly out = computed(() => {
    const judged = this.judging.value();
    return judged?.seen === this.seen() ? judged.out : null;
  });
  protected readonly trouble = computed(() => this.asking.trouble() ?? this.judging.trouble());

  constructor() {
    listensTo(OWN_CUBE_KEYS, {
      number: (event) => this.tellByKey(event),
      letter: (event) => this.tellByKey(event),
      undo: () => this.colours.undo(),
    });
    // What is right need not be confirmed.
    effect(() => {
      const out = this.out();
      if (out?.right) untracked(() => this.settle(out));
    });
  }

  protected tell(colour: Colour): void {
    if (this.asked() !== null) this.colours.set([...this.colours.now(), colour]);
  }

  protected settle({ right, instead }: CameOut): void {
    this.told.emit({ right, instead });
  }

  private tellByKey({ key }: KeyboardEvent): void {
    const colour = colourOfKey(key);
    if (colour) this.tell(colour);
  }
}
