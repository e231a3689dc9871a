import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  output,
  untracked,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { Store } from '@ngrx/store';
import {
  FRONT,
  type Hold,
  type Side,
  sideInHold,
  stickerSeenInHold,
  UNSEEN,
  UP,
} from '@sleetcrest/core';
import { listensTo } from '../../../base/keys/keyboard';
import { isFreeOfButtons } from '../../../base/keys/keys';
import { colourOfKey } from '../../../ui/crown/colour-of-key';
import { GUIDED_KEYS } from './entry.keys';
import { readerFeature, SettingsPage } from '../../../subjects/settings';
import { entryFeature, EntryPage } from '../../../subjects/cube';
import { stickerPlace } from '../../../ui/crown/geometry';
import { Voice } from '../../../devices/voice/voice';
import { Palette } from './palette';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** A random cube takes about so many answers in this order. */
const USUAL = 31;
/** No pot of the palette. */
const NONE = -2;

/**
 * Asks for one sticker after another, side by side, and says how to hold: one key or one tap each,
 * and only for stickers that do not follow from those before.
 */
@Component({
  selector: 'sc-guided-entry',
  imports: [Sentence, SentenceSlot, MatButton, MatSlideToggle, Palette],
  template: `
    <!-- A pot of paint is an answer: none of them is chosen for longer. -->
    <sc-palette
      [scheme]="scheme()"
      [left]="left()"
      [brush]="none"
      [letters]="reader().letters"
      (chosen)="tell($event)"
    />
    @if (question(); as asked) {
      <p class="hold" aria-live="polite">
        <sc-sentence [of]="say.holdItWithUpAndIn">
          <b *scSlot="'up'">{{ up() }}</b>
          <b *scSlot="'front'">{{ front() }}</b>
        </sc-sentence>
      </p>
      <p class="asked" aria-live="polite">
        @if (suspect()) {
          <sc-sentence [of]="say.lookAgainWhichColourIs">
            <b *scSlot="'place'">{{ place() }}</b>
          </sc-sentence>
        } @else {
          <sc-sentence [of]="say.whichColour">
            <b *scSlot="'place'" class="place">{{ place() }}</b>
          </sc-sentence>
        }
        <span class="count">
          {{ say.enteredWorkedOutAMixed({ count: count(), follows: follows(), usual }) }}
        </span>
      </p>
    } @else {
      <p class="asked" aria-live="polite">
        <sc-sentence [of]="say.answers" [with]="{ answers: count() }">
          <b *scSlot="'done'">{{ say.done }}</b>
        </sc-sentence>
        @if (legal()) {
          {{ say.enterWalksItToSolved }}
        }
      </p>
    }
    <div class="tools">
      <mat-slide-toggle
        [checked]="reader().speakEntry"
        (change)="change({ speakEntry: $event.checked })"
      >
        {{ say.sayItAloud }}
      </mat-slide-toggle>
      @if (reader().speakEntry && voice.silent()) {
        <span class="quiet">{{ say.noVoiceIsInstalledHere }}</span>
      }
      <button matButton [disabled]="!canUndo()" (click)="takeBack()">
        {{ say.undo }}<span class="keys-only">&ngsp;{{ say.backspace }}</span>
      </button>
    </div>
  `,
  styles: `
    @use 'blocks';

    :host {
      display: grid;
      gap: 6px;
    }
    .hold b {
      @include blocks.marked-word;
    }
    .asked {
      @include blocks.set-off;
      font-size: var(--type-section);
    }
    .place {
      display: inline-block;
    }
    .place::first-letter {
      text-transform: uppercase;
    }
    .count {
      display: block;
      font-size: var(--type-small);
    }
    .count,
    .tools {
      @include blocks.row(4px 14px);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GuidedEntry {
  protected readonly say = SAY;
  /** The cube is whole and its person wants to go on. */
  readonly finished = output();
  /** The last answer was given, and the cube is whole. */
  readonly told = output();

  private readonly store = inject(Store);
  protected readonly voice = inject(Voice);
  protected readonly usual = USUAL;
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly canUndo = this.store.selectSignal(entryFeature.selectCanUndo);
  private readonly painted = this.store.selectSignal(entryFeature.selectPainted);
  protected readonly left = this.store.selectSignal(entryFeature.selectLeft);
  protected readonly none = NONE;
  protected readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  private readonly hold = this.store.selectSignal(entryFeature.selectHold);
  private readonly followed = this.store.selectSignal(entryFeature.selectFollows);
  private readonly inspection = this.store.selectSignal(entryFeature.selectInspection);

  protected readonly legal = computed(() => this.inspection().legal);
  protected readonly follows = computed(() => this.followed().size);
  protected readonly count = computed(
    () => this.painted().filter((colour) => colour !== UNSEEN).length - 6,
  );
  protected readonly suspect = this.store.selectSignal(entryFeature.selectSuspect);
  protected readonly question = this.store.selectSignal(entryFeature.selectQuestion);
  protected readonly up = computed(() => this.sideName(UP));
  protected readonly front = computed(() => this.sideName(FRONT));
  protected readonly place = computed(() => {
    const question = this.question();
    return question ? placeIn(question.hold, question.sticker) : '';
  });

  constructor() {
    const deeds = {
      number: (event: KeyboardEvent) => this.tellKey(event),
      letter: (event: KeyboardEvent) => this.tellKey(event),
      back: () => this.takeBack(),
      walk: () => this.legal() && !this.question() && this.finished.emit(),
    };
    listensTo(GUIDED_KEYS, deeds, { isMeant: isFreeOfButtons });
    // The picture shows the cube as it is to be held for what is asked.
    effect(() => {
      const hold = this.question()?.hold;
      if (hold === undefined || hold === this.hold()) return;
      untracked(() => this.store.dispatch(EntryPage.pictureTurned({ hold })));
    });
    effect(() => {
      const [said, speak] = [this.sideSaid(), this.reader().speakEntry];
      if (speak && said) untracked(() => void this.voice.say(said));
    });
  }

  /** What is said when another side is asked about. */
  private readonly sideSaid = computed(() => {
    const question = this.question();
    if (!question) return this.legal() ? 'Done.' : '';
    if (this.suspect()) return SAY.noCubeLooksLikeThis({ place: this.place() });
    const side = this.scheme()[Math.floor(question.sticker / 9)]!;
    return SAY.theSideUpInFront({ side, up: this.up(), front: this.front() });
  });

  private sideName(face: Side): string {
    return this.scheme()[sideInHold(this.question()?.hold ?? this.hold(), face)]!;
  }

  protected change(change: { speakEntry: boolean }): void {
    this.store.dispatch(SettingsPage.settingChanged({ change }));
  }

  protected takeBack(): void {
    this.store.dispatch(EntryPage.paintingUndone());
  }

  /** Answers with the colour of a key, where something is asked. */
  private tellKey({ key }: KeyboardEvent): boolean {
    const colour = colourOfKey(key);
    if (!colour || !this.question()) return false;
    this.tell(this.scheme().indexOf(colour));
    return true;
  }

  /** Answers the question with a colour, given as a side number. */
  protected tell(colour: number): void {
    const sticker = this.question()?.sticker;
    if (sticker === undefined || colour === UNSEEN) return;
    this.store.dispatch(
      this.suspect() && this.painted()[sticker] === colour
        ? EntryPage.stickerConfirmed({ sticker })
        : EntryPage.stickerPainted({ sticker, colour, continues: false }),
    );
    if (!this.question() && this.legal()) this.told.emit();
  }
}

/** Where a sticker of the cube is seen in a hold, in words. */
function placeIn(hold: Hold, sticker: number): string {
  return stickerPlace(stickerSeenInHold(hold, sticker));
}
