import {
  ChangeDetectionStrategy,
  Component,
  computed,
  ElementRef,
  inject,
  input,
  output,
} from '@angular/core';
import type { Outline, Point } from '@sleetcrest/core/insight/pictures';
import { deedOf } from '../../../base/keys/key-scope';
import { OUTLINE_KEYS } from './photos.keys';
import { SAY } from './words';

const STEPS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
const CORNERS = [SAY.topLeft, SAY.topRight, SAY.bottomRight, SAY.bottomLeft];

/** Four corners that are drawn, or moved by arrow keys, to where the side lies in a picture. */
@Component({
  selector: 'sc-outline-handles',
  template: `
    <svg [attr.viewBox]="'0 0 ' + width() + ' ' + height()" (pointermove)="drag($event)">
      <polygon [attr.points]="points()" />
      @for (corner of outline(); track $index) {
        <circle
          tabindex="0"
          role="slider"
          [attr.aria-label]="say.corner({ name: names[$index]! })"
          [attr.aria-valuenow]="round(corner[0])"
          [attr.aria-valuetext]="round(corner[0]) + ', ' + round(corner[1])"
          [attr.cx]="corner[0]"
          [attr.cy]="corner[1]"
          [attr.r]="width() / 16"
          (pointerdown)="grab($event, $index)"
          (pointerup)="held = -1"
          (keydown)="key($event, $index)"
        />
      }
    </svg>
  `,
  styles: `
    :host,
    svg {
      position: absolute;
      inset: 0;
      width: 100%;
      height: 100%;
      touch-action: none;
    }
    polygon {
      fill: none;
      stroke: #ffffff;
      stroke-width: 3;
      paint-order: stroke;
      vector-effect: non-scaling-stroke;
    }
    circle {
      fill: rgb(185 120 26 / 65%);
      stroke: #ffffff;
      stroke-width: 2;
      vector-effect: non-scaling-stroke;
      cursor: grab;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OutlineHandles {
  protected readonly say = SAY;
  readonly width = input.required<number>();
  readonly height = input.required<number>();
  readonly outline = input.required<Outline>();
  readonly outlined = output<Outline>();

  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  protected readonly names = CORNERS;
  protected held = -1;
  protected readonly points = computed(() => this.outline().join(' '));
  protected readonly round = Math.round;

  protected grab(event: PointerEvent, corner: number): void {
    this.held = corner;
    (event.target as Element).setPointerCapture(event.pointerId);
  }

  protected drag(event: PointerEvent): void {
    if (this.held < 0) return;
    const box = this.host.getBoundingClientRect();
    this.move(this.held, [
      ((event.clientX - box.left) / box.width) * this.width(),
      ((event.clientY - box.top) / box.height) * this.height(),
    ]);
  }

  protected key(event: KeyboardEvent, corner: number): void {
    const deed = deedOf(OUTLINE_KEYS, event);
    const step = STEPS[event.key];
    if (deed === undefined || !step) return;
    event.preventDefault();
    const [x, y] = this.outline()[corner]!;
    const far = this.width() / (deed === 'far' ? 20 : 100);
    this.move(corner, [x + step[0] * far, y + step[1] * far]);
  }

  private move(corner: number, [x, y]: Point): void {
    const inside: Point = [
      Math.min(this.width(), Math.max(0, x)),
      Math.min(this.height(), Math.max(0, y)),
    ];
    this.outlined.emit(
      this.outline().map((point, k) => (k === corner ? inside : point)) as unknown as Outline,
    );
  }
}
