import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { type ColourScheme, methodById, writePainted, methodTitle } from '@sleetcrest/core';
import { saveText } from '../../../base/files/save-file';
import type { Opened } from './read-document';
import { Trouble } from '../../../ui/trouble';
import { SAY } from './words';

const MOST_BYTES = 256_000;

/** Opens a Cube or Walkthrough document from a file, and saves what is painted as a cube. */
@Component({
  selector: 'sc-file-entry',
  imports: [MatButton, MatIcon, Trouble],
  template: `
    <p>
      {{ say.aCubeDocumentIsA }}
    </p>
    <input
      #file
      type="file"
      class="unseen"
      tabindex="-1"
      accept=".json,application/json"
      [attr.aria-label]="say.cubeOrWalkthrough"
      (change)="open(file)"
    />
    <div class="buttons">
      <button matButton="tonal" (click)="file.click()">
        <mat-icon svgIcon="open" />{{ say.openADocument }}
      </button>
      <button matButton="outlined" (click)="save()">
        <mat-icon svgIcon="save" />{{ say.saveThePictureAsOne }}
      </button>
    </div>
    <sc-trouble [of]="failure()" />
    @if (told(); as message) {
      <p role="status">{{ message }}</p>
    }
  `,
  styles: `
    .buttons {
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
      margin: 12px 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FileEntry {
  protected readonly say = SAY;
  readonly painted = input.required<readonly number[]>();
  readonly scheme = input.required<ColourScheme>();
  readonly opened = output<Opened>();
  protected readonly failure = signal<string | null>(null);
  /** What was opened, where it is more than the picture shows. */
  protected readonly told = signal<string | null>(null);

  protected async open(input: HTMLInputElement): Promise<void> {
    const [file] = input.files ?? [];
    if (!file) return;
    this.failure.set(null);
    this.told.set(null);
    try {
      const { readDocument } = await import('./read-document');
      const opened = readDocument(file.size > MOST_BYTES ? '' : await file.text());
      if (opened.walk) this.told.set(saysOf(file.name, opened.walk));
      this.opened.emit(opened);
    } catch (error) {
      this.failure.set(
        SAY.wasNotOpenedThePicture({ name: file.name, message: (error as Error).message }),
      );
    }
    // The same file, mended, can be chosen again.
    input.value = '';
  }

  protected save(): void {
    const text = JSON.stringify(writePainted(this.painted(), this.scheme()), null, 2);
    saveText(text, 'cube.json');
  }
}

function saysOf(file: string, { method, firstColour }: Required<Opened>['walk']): string {
  const known = methodById(method);
  return known
    ? SAY.isAWalkByFirst({ file, title: methodTitle(known), firstColour })
    : SAY.isAWalkByA({ file, method, firstColour });
}
