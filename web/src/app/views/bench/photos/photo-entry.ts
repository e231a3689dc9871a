import type { ElementRef } from '@angular/core';
import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  Injector,
  input,
  type OnDestroy,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { type Colour, colourLetter, type ColourScheme, rgbOf, SIDES } from '@sleetcrest/core';
import { middleSquare, type Outline, type Photo } from '@sleetcrest/core/insight/pictures';
import type { Reader } from '../../../subjects/settings';
import { placeOnSide } from '../../../ui/crown/geometry';
import { pictureOfFile, pictureOfVideo, urlOf } from '../../../devices/camera/frames';
import { OutlineHandles } from './outline-handles';
import type { ShotsRead } from './photo-deeds';
import { PhotoReader } from './photo-reader';
import { Trouble } from '../../../ui/trouble';
import { SAY } from './words';

interface Taken {
  picture: Photo;
  url: string;
  outline: Outline | null;
}

/** The side that is up in each picture, by side number: as the Cube document reads the sides. */
const TOP_OF = [5, 0, 0, 2, 0, 0];
const DIGITS = /^\d{1,9}$/;

/** Enters a cube by six photographs of its sides: from files, a camera, or a simulated camera. */
@Component({
  selector: 'sc-photo-entry',
  imports: [MatButton, MatIcon, MatProgressBar, MatSlideToggle, OutlineHandles, Trouble],
  templateUrl: './photo-entry.html',
  styleUrl: './photo-entry.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PhotoEntry implements OnDestroy {
  protected readonly say = SAY;
  readonly scheme = input.required<ColourScheme>();
  readonly swatches = input.required<Reader['swatches']>();
  /** The stickers read and confirmed. */
  readonly entered = output<number[]>();

  private readonly photoReader = inject(PhotoReader);
  private readonly video = viewChild<ElementRef<HTMLVideoElement>>('video');
  protected readonly colourLetter = colourLetter;
  protected readonly taken = signal<readonly (Taken | null)[]>(SIDES.map(() => null));
  protected readonly read = signal<ShotsRead | null>(null);
  protected readonly confirmed = signal<ReadonlySet<number>>(new Set());
  protected readonly busy = signal(false);
  protected readonly failure = signal<string | null>(null);
  private readonly injector = inject(Injector);
  protected readonly live = signal(false);
  protected readonly adjusting = signal<number | null>(null);
  protected readonly glare = signal(false);
  private stream: MediaStream | undefined;

  protected readonly slots = computed(() =>
    SIDES.map((side) => ({
      side,
      colour: this.scheme()[side]!,
      top: this.scheme()[TOP_OF[side]!]!,
      taken: this.taken()[side] ?? null,
    })),
  );
  /** The side that is photographed next. */
  protected readonly next = computed(() => this.slots().find(({ taken }) => !taken) ?? null);
  protected readonly complete = computed(() => this.taken().every((one) => one !== null));
  protected readonly questions = computed(() => {
    const read = this.read();
    if (!read) return [];
    return read.doubtful
      .filter((sticker) => !this.confirmed().has(sticker))
      .map((sticker) => ({
        sticker,
        place: SAY.side({
          scheme: this.scheme()[Math.floor(sticker / 9)]!,
          sticker: placeOnSide(sticker),
        }),
        colour: this.scheme()[read.painted[sticker]!]!,
        seen: read.seen[sticker]!,
      }));
  });

  protected async choose(side: number, field: HTMLInputElement): Promise<void> {
    const files = [...(field.files ?? [])];
    field.value = '';
    this.failure.set(null);
    // Several files chosen at once go to this side and the ones after it.
    for (const [k, file] of files.slice(0, SIDES.length - side).entries()) {
      try {
        await this.take(side + k, await pictureOfFile(file));
      } catch {
        this.failure.set(SAY.isNotAPictureThat({ name: file.name }));
      }
    }
  }

  private async take(side: number, picture: Photo): Promise<void> {
    const url = await urlOf(picture);
    this.put(side, { picture, url, outline: null });
  }

  private put(side: number, one: Taken | null): void {
    const before = this.taken()[side];
    if (before && before.url !== one?.url) URL.revokeObjectURL(before.url);
    this.taken.update((all) => all.map((other, k) => (k === side ? one : other)));
    this.read.set(null);
    this.confirmed.set(new Set());
  }

  protected async simulate(text: string): Promise<void> {
    if (!DIGITS.test(text)) {
      this.failure.set(SAY.theSeedIsAWhole);
      return;
    }
    this.failure.set(null);
    await this.working(async () => {
      const inks = this.scheme().map((colour) => rgbOf(this.swatches()[colour]));
      const pictures = await this.photoReader.simulate(Number(text), inks, this.glare());
      for (const [side, picture] of pictures.entries()) await this.take(side, picture);
    });
  }

  protected async openCamera(): Promise<void> {
    this.failure.set(null);
    try {
      const video = { facingMode: 'environment', width: { ideal: 1280 } };
      this.stream = await navigator.mediaDevices.getUserMedia({ video });
      this.live.set(true);
      const shown = (): void => {
        const element = this.video()?.nativeElement;
        if (element) element.srcObject = this.stream!;
      };
      afterNextRender(shown, { injector: this.injector });
    } catch {
      this.failure.set(SAY.noCameraCanBeUsed);
    }
  }

  protected async snap(): Promise<void> {
    const element = this.video()?.nativeElement;
    const side = this.next()?.side;
    if (!element || side === undefined || element.videoWidth === 0) return;
    await this.take(side, pictureOfVideo(element));
    if (!this.next()) this.closeCamera();
  }

  protected closeCamera(): void {
    for (const track of this.stream?.getTracks() ?? []) track.stop();
    this.stream = undefined;
    this.live.set(false);
  }

  protected adjust(side: number): void {
    this.adjusting.update((now) => (now === side ? null : side));
  }

  protected outlineOf({ picture, outline }: Taken): Outline {
    return outline ?? middleSquare(picture.width, picture.height);
  }

  protected outlined(side: number, outline: Outline): void {
    const one = this.taken()[side];
    if (one) this.put(side, { ...one, outline });
  }

  protected remove(side: number): void {
    this.put(side, null);
  }

  protected async readAll(): Promise<void> {
    const shots = this.taken().flatMap((one) => (one ? [one] : []));
    await this.working(async () => {
      this.read.set(
        await this.photoReader.read(shots.map(({ picture, outline }) => ({ picture, outline }))),
      );
      this.confirmed.set(new Set());
    });
  }

  private async working(work: () => Promise<void>): Promise<void> {
    this.busy.set(true);
    try {
      await work();
    } catch {
      this.failure.set(SAY.thePicturesCouldNotBe);
    } finally {
      this.busy.set(false);
    }
  }

  protected confirm(sticker: number, colour: Colour): void {
    const side = this.scheme().indexOf(colour);
    this.read.update(
      (read) =>
        read && {
          ...read,
          painted: read.painted.map((was, k) => (k === sticker ? side : was)),
        },
    );
    this.confirmed.update((all) => new Set([...all, sticker]));
  }

  protected use(): void {
    const read = this.read();
    if (read && this.questions().length === 0) this.entered.emit(read.painted);
  }

  ngOnDestroy(): void {
    this.closeCamera();
    for (const one of this.taken()) if (one) URL.revokeObjectURL(one.url);
  }
}
