import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { accountFeature } from '../../subjects/account';
import { LogBooks, MOST_HELD } from '../../subjects/log';
import { counted, numbered } from '../../base/words/counted';
import { Trouble } from '../../ui/trouble';

const NO_ROOM =
  'This browser has no room left: what you told last is kept only as long as this page is open. ' +
  'Make room, or stay until the server can be reached.';

/** Where the records are just now: in this browser, waiting for the server, refused by it. */
@Component({
  selector: 'sc-log-notes',
  imports: [MatButton, RouterLink, Trouble],
  template: `
    @if (status() === 'guest') {
      <p>
        Kept in this browser. <a routerLink="/sign-in">Make an account</a> and it moves in with you.
      </p>
    }
    @if (books.isFull()) {
      <sc-trouble [of]="noRoom" />
    }
    @if (waiting(); as says) {
      <p role="status">{{ says }}</p>
    } @else if (books.isCutOff()) {
      <p role="status">
        You are offline: this is what is held here, up to your newest
        {{ most }} records.
      </p>
    }
    @if (refused(); as says) {
      <sc-trouble [of]="says"
        ><button matButton (click)="books.tryAgain()">Try again</button>
        <button matButton (click)="books.forgetRefused()">Delete</button></sc-trouble
      >
    }
  `,
  styles: `
    @use 'blocks';

    p {
      @include blocks.set-off;
      margin-top: 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogNotes {
  protected readonly noRoom = NO_ROOM;
  protected readonly books = inject(LogBooks);
  protected readonly status = inject(Store).selectSignal(accountFeature.selectStatus);
  protected readonly most = numbered(MOST_HELD);
  protected readonly waiting = computed(() => {
    const count = this.books.waiting();
    if (count === 0) return null;
    const what = counted(count, 'of your records waits', 'of your records wait');
    return `${what} here until the server can be reached.`;
  });
  protected readonly refused = computed(() => {
    const all = this.books.refused();
    const [first] = all;
    if (!first) return null;
    return `${counted(all.length, 'change was', 'changes were')} refused: ${first.refused!}`;
  });
}
