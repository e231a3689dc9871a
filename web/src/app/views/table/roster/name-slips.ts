import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { DomSanitizer, type SafeHtml } from '@angular/platform-browser';
import type { NameSlips } from '@sleetcrest/contract/table';
import { toString as codeOf } from 'qrcode';
import { reading } from '../../../base/reading/reading';
import { SAY } from './words';

/** Slips to print and cut: a name, a phrase to begin with, and where to go. The phrases are told this once. */
@Component({
  selector: 'sc-name-slips',
  imports: [MatButton, MatIcon],
  template: `
    <div class="no-print told">
      <h2>{{ say.printTheseNow }}</h2>
      <p>
        {{ say.thePhrasesAreShownThis }}
      </p>
      <div class="go">
        <button matButton="filled" (click)="print()">
          <mat-icon svgIcon="print" />{{ say.print }}
        </button>
        <button matButton (click)="closed.emit()">{{ say.iHavePrintedThem }}</button>
      </div>
    </div>
    <div class="slips">
      @for (slip of slips(); track slip.id) {
        <article>
          <div class="code" aria-hidden="true" [innerHTML]="codeOf(slip.name)"></div>
          <div>
            <h3>{{ slip.name }}</h3>
            <p class="phrase">{{ slip.phrase }}</p>
            <p>{{ where }}</p>
            <p>{{ group() }}</p>
          </div>
        </article>
      }
    </div>
  `,
  styles: `
    @use 'blocks';

    .told {
      @include blocks.set-off($loud: true);
      padding: 12px 16px;
      margin-bottom: 12px;
    }
    .go {
      display: flex;
      gap: 8px;
    }
    .slips {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(18rem, 1fr));
    }
    article {
      display: flex;
      gap: 14px;
      padding: 14px;
      border: 1px dashed var(--line-strong);
      background: #fff;
      color: #1b2530;
      break-inside: avoid;
    }
    .code {
      flex: none;
      width: 84px;
      height: 84px;
    }
    h3,
    p {
      margin: 0;
    }
    .phrase {
      font-family: var(--mono);
      font-size: var(--type-lead);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NameSlipsView {
  protected readonly say = SAY;
  readonly slips = input.required<NameSlips['slips']>();
  readonly group = input.required<string>();
  readonly closed = output();
  private readonly safe = inject(DomSanitizer);
  protected readonly where = `${location.host}/sign-in`;

  /** Drawn by the package from a name alone: nothing of anybody's is in it that could be run. */
  private readonly codes = reading(
    () => this.slips(),
    async (slips) => {
      const all = slips.map(async ({ name }): Promise<[string, SafeHtml]> => {
        const address = `${location.origin}/sign-in?as=${encodeURIComponent(name)}`;
        const svg = await codeOf(address, { type: 'svg', margin: 0 });
        return [name, this.safe.bypassSecurityTrustHtml(svg)];
      });
      return new Map(await Promise.all(all));
    },
  );
  private readonly drawn = computed(() => this.codes.value() ?? new Map<string, SafeHtml>());
  protected readonly codeOf = (name: string): SafeHtml => this.drawn().get(name) ?? '';

  protected print(): void {
    window.print();
  }
}
