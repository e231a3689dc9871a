import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatSlider, MatSliderThumb } from '@angular/material/slider';
import { SAY } from './words';

/** Next and back by turn and by step, play, and the pace of playing. */
@Component({
  selector: 'sc-controls',
  imports: [MatButton, MatIcon, MatIconButton, MatSlider, MatSliderThumb],
  template: `
    <button
      matIconButton
      [attr.aria-label]="say.stepBack"
      [title]="say.stepBack2"
      (click)="stepBack.emit()"
      [disabled]="atStart()"
    >
      <mat-icon svgIcon="previous-step" />
    </button>
    <button
      matButton="outlined"
      [title]="say.turnBack"
      (click)="turnBack.emit()"
      [disabled]="atStart()"
    >
      <mat-icon svgIcon="previous" />{{ say.back }}
    </button>
    <button
      matButton="filled"
      class="next"
      [title]="say.nextTurn"
      (click)="turnNext.emit()"
      [disabled]="atEnd()"
    >
      <mat-icon svgIcon="next" iconPositionEnd />{{ say.nextTurn2 }}
    </button>
    <button
      matIconButton
      [attr.aria-label]="say.nextStep"
      [title]="say.nextStep2"
      (click)="stepNext.emit()"
      [disabled]="atEnd()"
    >
      <mat-icon svgIcon="next-step" />
    </button>
    <button
      matButton="outlined"
      class="play"
      [title]="say.playOrPauseSpace"
      (click)="playToggled.emit()"
      [disabled]="atEnd()"
    >
      <mat-icon [svgIcon]="playing() ? 'pause' : 'play'" />{{ playing() ? say.pause : say.play }}
    </button>
    <label>
      <span>{{ say.sATurn({ seconds: seconds().toFixed(1) }) }}</span>
      <mat-slider min="0.4" max="5" step="0.2">
        <input
          #pace
          matSliderThumb
          [attr.aria-label]="say.secondsATurn"
          [value]="seconds()"
          (valueChange)="paced.emit($event)"
        />
      </mat-slider>
    </label>
  `,
  styleUrl: './controls.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Controls {
  protected readonly say = SAY;
  readonly atStart = input.required<boolean>();
  readonly atEnd = input.required<boolean>();
  readonly playing = input.required<boolean>();
  readonly seconds = input.required<number>();

  readonly stepBack = output();
  readonly turnBack = output();
  readonly turnNext = output();
  readonly stepNext = output();
  readonly playToggled = output();
  readonly paced = output<number>();
}
