import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  computed,
  inject,
  input,
  output,
  signal,
} from '@angular/core';
import { type Colour, colourLetter, CROWN_SHAPES, CROWN_SIZE } from '@sleetcrest/core';
import { colourOfKey } from './colour-of-key';
import { neighbour, nextToPaint, sidesRead, stickerPlace } from './geometry';
import { deedOf } from '../../base/keys/key-scope';
import { CROWN_KEYS } from './crown.keys';
import { SAY } from './words';

/** Painting asked for at the crown: which sticker of the hold, and with what. */
export interface Stroke {
  sticker: number;
  /** A colour for a key that names one, null for rubbing out, undefined for the chosen brush. */
  colour: Colour | null | undefined;
  /** Whether the finger was already down: one sweep is undone at once. */
  continues: boolean;
}

/** The flat picture of a cube as it is held; also where one is painted. */
@Component({
  selector: 'sc-crown',
  templateUrl: './crown.html',
  styleUrl: './crown.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Crown {
  protected readonly say = SAY;
  /** Colours of the 54 stickers of the hold; null is left as paper. */
  readonly stickers = input.required<readonly (Colour | null)[]>();
  readonly label = input(SAY.theCubeAsItIs);
  readonly letters = input(false);
  readonly marked = input<ReadonlySet<number>>(new Set());
  /** Stickers that are spoken of. */
  readonly looked = input<ReadonlySet<number>>(new Set());
  /** Stickers that were not painted but follow from those that were. */
  readonly follows = input<ReadonlySet<number>>(new Set());
  /** The sticker that is asked for. */
  readonly asked = input<number | null>(null);
  /** Words on stickers left as paper: what is asked of them short of a colour. */
  readonly notes = input<ReadonlyMap<number, string>>(new Map());
  /** Numbers on stickers: in which order they are looked at. */
  readonly numbers = input<ReadonlyMap<number, string>>(new Map());
  /** Whether centres can be pointed at too. */
  readonly touchable = input(false);
  /** Whether stickers can be painted. */
  readonly paintable = input(false);
  readonly painted = output<Stroke>();

  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  protected readonly size = CROWN_SIZE;
  protected readonly hatch = `hatch-${nextId++}`;
  protected readonly active = signal(0);
  private sweeping = false;
  private last = -1;

  /** What it shows, for those who do not see it. */
  protected readonly read = computed(() => sidesRead(this.stickers()));
  protected readonly shapes = computed(() =>
    CROWN_SHAPES.map((shape, sticker) => {
      const colour = this.stickers()[sticker] ?? null;
      return {
        ...shape,
        sticker,
        centre: sticker % 9 === 4,
        fill: colour ? `var(--sticker-${colour})` : `url(#${this.hatch})`,
        letter: colour && this.letters() ? colourLetter(colour) : '',
        ink: `var(--on-sticker-${colour})`,
        marked: this.marked().has(sticker),
        looked: this.looked().has(sticker),
        follows: this.follows().has(sticker),
        number: this.numbers().get(sticker) ?? '',
        note: colour ? '' : (this.notes().get(sticker) ?? ''),
        says: (this.follows().has(sticker) ? SAY.follows : SAY.said)({
          place: stickerPlace(sticker),
          shows: colour ?? this.notes().get(sticker) ?? SAY.notPainted,
        }),
      };
    }),
  );

  protected down(event: PointerEvent): void {
    if (!this.paintable() || event.button !== 0) return;
    this.sweeping = true;
    this.last = -1;
    this.stroke(event, false);
  }

  protected move(event: PointerEvent): void {
    if (this.sweeping) this.stroke(event, true);
  }

  protected up(): void {
    this.sweeping = false;
  }

  private stroke(event: PointerEvent, continues: boolean): void {
    // A touch keeps sending its events to where it began: ask what is under the finger now.
    const under = document.elementFromPoint(event.clientX, event.clientY);
    const sticker = Number(under?.getAttribute('data-sticker') ?? -1);
    if (sticker < 0 || sticker === this.last || !this.host.nativeElement.contains(under)) return;
    this.last = sticker;
    this.active.set(sticker);
    if (sticker % 9 !== 4 || this.touchable()) {
      this.painted.emit({ sticker, colour: undefined, continues });
    }
  }

  protected key(event: KeyboardEvent, sticker: number): void {
    const deed = deedOf(CROWN_KEYS, event);
    if (!this.paintable() || deed === undefined) return;
    if (deed === 'go') this.focus(neighbour(sticker, event.key));
    else if (deed === 'paint') this.paint(sticker, undefined);
    else {
      this.paint(sticker, colourOfKey(event.key));
      this.focus(nextToPaint(sticker));
    }
    event.preventDefault();
    event.stopPropagation();
  }

  private paint(sticker: number, colour: Colour | null | undefined): void {
    if (sticker % 9 !== 4 || this.touchable()) {
      this.painted.emit({ sticker, colour, continues: false });
    }
  }

  private focus(sticker: number): void {
    this.active.set(sticker);
    this.host.nativeElement.querySelector<SVGElement>(`[data-sticker="${sticker}"]`)?.focus();
  }
}

let nextId = 0;
