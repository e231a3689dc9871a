import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  type Colour,
  COLOURS,
  HOME_HOLD,
  paintedFromCube,
  SCHEME_SIDES,
  solvedCube,
  stickersSeen,
} from '@sleetcrest/core';
import { MethodChoice, type MethodChosen } from '../../subjects/method/parts/method-choice';
import { copied, type Reader, readerFeature, SettingsPage } from '../../subjects/settings';
import { DIALECT_OPTIONS, FIRST_COLOURS } from '../../ui/fields/options';
import { Choice, type Option } from '../../ui/fields/choice';
import { Crown } from '../../ui/crown/crown';
import { Page } from '../../ui/page';
import { Segments } from '../../ui/fields/segments';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../ui/sentence/sentence';

/** How this person reads turns, sees colours and owns a cube. */
@Component({
  selector: 'sc-settings',
  imports: [
    Sentence,
    SentenceSlot,
    Page,
    Choice,
    Crown,
    MatButton,
    Segments,
    MatSlideToggle,
    MethodChoice,
    RouterLink,
  ],
  templateUrl: './settings.html',
  styleUrl: './settings.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Settings {
  protected readonly say = SAY;
  private readonly store = inject(Store);
  protected readonly firstColours = FIRST_COLOURS;
  protected readonly dialects = DIALECT_OPTIONS;
  protected readonly themes: readonly Option<Reader['theme']>[] = [
    { value: 'auto', name: SAY.asTheSystem },
    { value: 'day', name: SAY.day },
    { value: 'night', name: SAY.night },
  ];
  protected readonly handed: readonly Option<Reader['hand']>[] = [
    { value: 'left', name: SAY.leftHanded },
    { value: 'right', name: SAY.rightHanded },
  ];
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly colours = COLOURS;
  protected readonly centres: readonly Option<Colour>[] = COLOURS.map((colour) => ({
    value: colour,
    name: colour,
  }));
  protected readonly places = SCHEME_SIDES.map((side) => SAY[side]);
  private readonly solved = paintedFromCube(solvedCube());

  protected change(change: Partial<Reader>): void {
    this.store.dispatch(SettingsPage.settingChanged({ change }));
  }

  protected chooseMethod(method: MethodChosen): void {
    this.change({ method: copied(method) });
  }

  protected swatch(colour: Colour, value: string): void {
    this.change({ swatches: { ...this.reader().swatches, [colour]: value } });
  }

  protected resetColours(): void {
    this.store.dispatch(SettingsPage.coloursReset());
  }

  /** Puts a colour at a centre; the colour that was there goes where the other one was. */
  protected centre(place: number, name: Colour): void {
    const scheme = [...this.reader().scheme];
    const other = scheme.findIndex((colour) => colour === name);
    if (other < 0) return;
    [scheme[place], scheme[other]] = [scheme[other]!, scheme[place]!];
    this.change({ scheme });
  }

  protected picture(): (Colour | null)[] {
    return stickersSeen(this.solved, this.reader().scheme, HOME_HOLD);
  }
}
