import type { ElementRef } from '@angular/core';
import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  effect,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import {
  applyTurn,
  type Colour,
  colourLetter,
  type ColourScheme,
  copyCube,
  type Cube,
  type Hold,
  paintStickers,
  sameCube,
  type Turn,
  TURNS,
} from '@sleetcrest/core';
import type { CubeScene, StickerLook } from './scene';
import { SAY } from './words';

const REHOLD_MILLISECONDS = 650;

/** The turnable cube. What changed since the last picture is animated when it is a single thing. */
@Component({
  selector: 'sc-cube-view',
  imports: [MatIconButton, MatIcon],
  template: `
    @if (failed()) {
      <p>{{ say.thisBrowserCannotDrawThe }}</p>
    }
    <canvas
      #canvas
      tabindex="0"
      role="img"
      [attr.aria-label]="say.theCubeAsItIs"
      [hidden]="failed()"
      (keydown)="look($event)"
    ></canvas>
    @if (!failed()) {
      <button
        matIconButton
        [attr.aria-label]="say.lookFromTheFrontAgain"
        (click)="scene()?.lookAgain()"
      >
        <mat-icon svgIcon="orbit" />
      </button>
    }
  `,
  styleUrl: './cube-view.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CubeView {
  protected readonly say = SAY;
  readonly cube = input.required<Cube>();
  readonly hold = input.required<Hold>();
  readonly scheme = input.required<ColourScheme>();
  readonly swatches = input.required<Readonly<Record<Colour, string>>>();
  readonly letters = input(false);
  /** Stickers of the cube that are spoken of. */
  readonly looked = input<readonly number[]>([]);
  readonly turnMilliseconds = input(420);

  protected readonly failed = signal(false);
  protected readonly scene = signal<CubeScene | undefined>(undefined);
  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private shown: { cube: Cube; hold: Hold; look: string } | undefined;

  constructor() {
    const destroyed = inject(DestroyRef);
    afterNextRender(() => {
      void this.open(destroyed);
    });
    effect(() => this.draw());
  }

  private async open(destroyed: DestroyRef): Promise<void> {
    // three.js is by far the largest part of the application: fetched once the page is usable.
    const { CubeScene } = await import('./scene');
    const canvas = this.canvas().nativeElement;
    if (destroyed.destroyed) return;
    try {
      const scene = new CubeScene(canvas);
      const observer = new ResizeObserver(([entry]) =>
        scene.resize(entry!.contentRect.width, entry!.contentRect.height),
      );
      observer.observe(canvas);
      destroyed.onDestroy(() => {
        observer.disconnect();
        scene.dispose();
      });
      this.scene.set(scene);
    } catch {
      this.failed.set(true);
    }
  }

  private draw(): void {
    const scene = this.scene();
    const [cube, hold, looks] = [this.cube(), this.hold(), this.looks()];
    if (!scene) return;
    const look = JSON.stringify([this.swatches(), this.letters(), this.scheme()]);
    const { shown } = this;
    this.shown = { cube, hold, look };
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    if (!shown || still || shown.look !== look) scene.show(looks, hold);
    else if (sameCube(shown.cube, cube)) {
      if (shown.hold === hold) scene.show(looks, hold);
      else scene.rehold(looks, hold, REHOLD_MILLISECONDS);
    } else {
      const turn = shown.hold === hold ? turnBetween(shown.cube, cube) : undefined;
      if (turn === undefined) scene.show(looks, hold);
      else scene.turn(turn, looks, hold, this.turnMilliseconds());
    }
  }

  private looks(): StickerLook[] {
    const stickers = new Uint8Array(54);
    paintStickers(this.cube(), stickers);
    const looked = new Set(this.looked());
    return Array.from(stickers, (side, sticker) => {
      const colour = this.scheme()[side]!;
      return {
        colour: this.swatches()[colour],
        letter: this.letters() ? colourLetter(colour) : '',
        looked: looked.has(sticker),
      };
    });
  }

  protected look(event: KeyboardEvent): void {
    const by: Record<string, [number, number]> = {
      ArrowLeft: [-0.25, 0],
      ArrowRight: [0.25, 0],
      ArrowUp: [0, -0.25],
      ArrowDown: [0, 0.25],
    };
    const way = by[event.key];
    if (!way) return;
    this.scene()?.lookAround(...way);
    event.preventDefault();
    event.stopPropagation();
  }
}

/** The one turn that leads from a cube to another, if there is one. */
function turnBetween(from: Cube, to: Cube): Turn | undefined {
  for (const turn of TURNS) {
    const tried = copyCube(from);
    applyTurn(tried, turn);
    if (sameCube(tried, to)) return turn;
  }
  return undefined;
}
