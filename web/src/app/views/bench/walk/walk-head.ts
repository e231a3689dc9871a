import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  output,
  signal,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Colour, Dialect } from '@sleetcrest/core';
import { v4 as uuid } from 'uuid';
import { MethodChoice, type MethodChosen } from '../../../subjects/method/parts/method-choice';
import { readerFeature, SettingsPage } from '../../../subjects/settings';
import { walkFeature, WalkPage, type WalkScene } from '../../../subjects/walk';
import { Choice } from '../../../ui/fields/choice';
import { DIALECT_OPTIONS, FIRST_COLOURS } from '../../../ui/fields/options';
import { SAY } from './words';

/** Above a walk: whose cube it is, how far it is, whether it is kept, and how it is walked. */
@Component({
  selector: 'sc-walk-head',
  imports: [Choice, MatButton, MatIcon, MethodChoice],
  templateUrl: './walk-head.html',
  styleUrl: './walk-head.scss',
  host: { '[class.open]': 'open()' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WalkHead {
  protected readonly say = SAY;
  readonly scene = input.required<WalkScene>();
  /** On a phone: whether what can be chosen is shown. */
  protected readonly open = signal(false);
  readonly methodChosen = output<MethodChosen>();
  readonly firstChosen = output<Colour>();
  /** Another cube is asked for. */
  readonly left = output();

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  protected readonly firstColours = FIRST_COLOURS;
  protected readonly dialects = DIALECT_OPTIONS;
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly keeping = this.store.selectSignal(walkFeature.selectKeeping);
  protected readonly refusal = this.store.selectSignal(walkFeature.selectRefusal);
  private readonly record = this.store.selectSignal(walkFeature.selectRecord);
  protected readonly method = computed(() => this.record()?.method ?? null);
  protected readonly name = computed(() => this.record()?.name ?? '');
  protected readonly firstColour = computed(() => this.scene().walkthrough.firstColour as Colour);

  protected chooseDialect(dialect: Dialect): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { dialect } }));
  }

  protected keepAgain(): void {
    const id = uuid();
    this.store.dispatch(WalkPage.keepAgainAsked({ id }));
    void this.router.navigate(['/bench', id], { replaceUrl: true });
  }
}
