import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { cubeSchema, describeErrors, fieldErrors } from '@sleetcrest/contract';
import {
  readCubeDocument,
  writePainted,
  type ColourScheme,
  type PaintedCube,
} from '@sleetcrest/core';

const MOST_BYTES = 64_000;

/** Opens a Cube document from a file, and saves what is painted as one. */
@Component({
  selector: 'sc-file-entry',
  imports: [MatButton, MatIcon],
  template: `
    <p>A Cube document is a JSON file with the colours of the six sides, as this page saves it.</p>
    <input
      #file
      type="file"
      class="unseen"
      tabindex="-1"
      accept=".json,application/json"
      aria-label="Cube document"
      (change)="open(file)"
    />
    <div class="buttons">
      <button matButton="tonal" (click)="file.click()">
        <mat-icon svgIcon="open" />Open a Cube document
      </button>
      <button matButton="outlined" (click)="save()">
        <mat-icon svgIcon="save" />Save the picture as one
      </button>
    </div>
    @if (failure(); as message) {
      <p class="wrong" role="alert">{{ message }}</p>
    }
  `,
  styles: `
    .buttons {
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
      margin: 12px 0;
    }
    .wrong {
      color: var(--trouble);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FileEntry {
  readonly painted = input.required<readonly number[]>();
  readonly scheme = input.required<ColourScheme>();
  readonly opened = output<PaintedCube>();
  protected readonly failure = signal<string | null>(null);

  protected async open(input: HTMLInputElement): Promise<void> {
    const [file] = input.files ?? [];
    if (!file) return;
    this.failure.set(null);
    try {
      this.opened.emit(readDocument(file.size > MOST_BYTES ? '' : await file.text()));
    } catch (error) {
      this.failure.set(
        `${file.name} was not opened: ${(error as Error).message}. The picture is as it was.`,
      );
    }
    // The same file, mended, can be chosen again.
    input.value = '';
  }

  protected save(): void {
    const text = JSON.stringify(writePainted(this.painted(), this.scheme()), null, 2);
    const url = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
    const link = Object.assign(document.createElement('a'), { href: url, download: 'cube.json' });
    link.click();
    URL.revokeObjectURL(url);
  }
}

/** @throws Error saying what to mend. */
function readDocument(text: string): PaintedCube {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    throw new Error('it is not a JSON file');
  }
  const parsed = cubeSchema.safeParse(json);
  if (!parsed.success) throw new Error(describeErrors(fieldErrors(parsed.error)));
  const read = readCubeDocument(parsed.data);
  if (!read.ok) throw new Error(`${read.error.path}: ${read.error.message}`);
  return read.value;
}
