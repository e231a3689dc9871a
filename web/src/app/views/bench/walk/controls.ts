import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatSlider, MatSliderThumb } from '@angular/material/slider';

/** Next and back by turn and by step, play, and the pace of playing. */
@Component({
  selector: 'sc-controls',
  imports: [MatButton, MatIcon, MatIconButton, MatSlider, MatSliderThumb],
  template: `
    <button
      matIconButton
      aria-label="Step back"
      title="Step back (↑)"
      (click)="stepBack.emit()"
      [disabled]="atStart()"
    >
      <mat-icon svgIcon="previous-step" />
    </button>
    <button
      matButton="outlined"
      title="Turn back (←)"
      (click)="turnBack.emit()"
      [disabled]="atStart()"
    >
      <mat-icon svgIcon="previous" />Back
    </button>
    <button
      matButton="filled"
      class="next"
      title="Next turn (→)"
      (click)="turnNext.emit()"
      [disabled]="atEnd()"
    >
      <mat-icon svgIcon="next" iconPositionEnd />Next turn
    </button>
    <button
      matIconButton
      aria-label="Next step"
      title="Next step (↓)"
      (click)="stepNext.emit()"
      [disabled]="atEnd()"
    >
      <mat-icon svgIcon="next-step" />
    </button>
    <button
      matButton="outlined"
      class="play"
      title="Play or pause (space)"
      (click)="playToggled.emit()"
      [disabled]="atEnd()"
    >
      <mat-icon [svgIcon]="playing() ? 'pause' : 'play'" />{{ playing() ? 'Pause' : 'Play' }}
    </button>
    <label>
      <span>{{ seconds().toFixed(1) }} s a turn</span>
      <mat-slider min="0.4" max="5" step="0.2">
        <input
          #pace
          matSliderThumb
          aria-label="Seconds a turn"
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
