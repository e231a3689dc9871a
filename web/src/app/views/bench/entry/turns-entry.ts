import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatHint, MatInput, MatLabel } from '@angular/material/input';
import {
  applyMoves,
  type ColourScheme,
  countTurns,
  FRONT,
  HOME_HOLD,
  paintedFromCube,
  readMoves,
  solvedCube,
  UP,
} from '@sleetcrest/core';
import { SAY } from './words';

/** Enters a cube by the turns that lead to it from a solved one. */
@Component({
  selector: 'sc-turns-entry',
  imports: [MatButton, MatFormField, MatHint, MatInput, MatLabel],
  template: `
    <mat-form-field appearance="outline">
      <mat-label>{{ say.turnsFromASolvedCube }}</mat-label>
      <textarea
        #field
        matInput
        rows="3"
        spellcheck="false"
        autocapitalize="off"
        placeholder="R U2 F' (L D)2"
        aria-describedby="turns-said"
        (input)="text.set(field.value)"
      ></textarea>
      <mat-hint>{{ say.rOrRiForThe }}</mat-hint>
    </mat-form-field>
    <p id="turns-said" [class.wrong]="!read().ok" role="status">{{ said() }}</p>
    <button matButton="tonal" [disabled]="!usable()" (click)="use()">
      {{ say.putTheseTurnsOnThe }}
    </button>
  `,
  styles: `
    mat-form-field {
      --mat-form-field-container-text-font: var(--mono);
      width: 100%;
    }
    p {
      min-height: 1.5em;
      margin: 8px 0;
      color: var(--quiet);
    }
    .wrong {
      color: var(--trouble);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TurnsEntry {
  protected readonly say = SAY;
  /** The stickers of the cube these turns lead to. */
  readonly entered = output<number[]>();

  readonly scheme = input.required<ColourScheme>();

  protected readonly text = signal('');
  protected readonly read = computed(() => readMoves(this.text()));
  protected readonly usable = computed(() => {
    const read = this.read();
    return read.ok && read.value.length > 0;
  });
  protected readonly said = computed(() => {
    const read = this.read();
    if (!read.ok) return `${read.error.message}.`;
    const count = countTurns(read.value);
    return count === 0 ? this.howToHold() : SAY.turns({ count });
  });

  private howToHold(): string {
    const scheme = this.scheme();
    return SAY.holdTheSolvedCubeWith({ up: scheme[UP]!, front: scheme[FRONT]! });
  }

  protected use(): void {
    const read = this.read();
    if (!read.ok) return;
    const cube = solvedCube();
    applyMoves(cube, HOME_HOLD, read.value);
    this.entered.emit(Array.from(paintedFromCube(cube)));
  }
}
