import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { accountFeature } from '../../subjects/account';
import { LogBooks, MOST_HELD } from '../../subjects/log';
import { numbered } from '../../base/words/counted';
import { Trouble } from '../../ui/trouble';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../ui/sentence/sentence';

const NO_ROOM = SAY.thisBrowserHasNoRoom;

/** Where the records are just now: in this browser, waiting for the server, refused by it. */
@Component({
  selector: 'sc-log-notes',
  imports: [Sentence, SentenceSlot, MatButton, RouterLink, Trouble],
  template: `
    @if (status() === 'guest') {
      <p>
        <sc-sentence [of]="say.keptInThisBrowserAnd">
          <a *scSlot="'link'" routerLink="/sign-in">{{ say.makeAnAccount }}</a>
        </sc-sentence>
      </p>
    }
    @if (books.isFull()) {
      <sc-trouble [of]="noRoom" />
    }
    @if (waiting(); as says) {
      <p role="status">{{ says }}</p>
    } @else if (books.isCutOff()) {
      <p role="status">
        {{ say.youAreOfflineThisIs({ most }) }}
      </p>
    }
    @if (refused(); as says) {
      <sc-trouble [of]="says"
        ><button matButton (click)="books.tryAgain()">{{ say.tryAgain }}</button>
        <button matButton (click)="books.forgetRefused()">{{ say.delete }}</button></sc-trouble
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
  protected readonly say = SAY;
  protected readonly noRoom = NO_ROOM;
  protected readonly books = inject(LogBooks);
  protected readonly status = inject(Store).selectSignal(accountFeature.selectStatus);
  protected readonly most = numbered(MOST_HELD);
  protected readonly waiting = computed(() => {
    const count = this.books.waiting();
    if (count === 0) return null;
    return SAY.wait({ records: count });
  });
  protected readonly refused = computed(() => {
    const all = this.books.refused();
    const [first] = all;
    if (!first) return null;
    return SAY.changesWereRefused({ changes: all.length, refused: first.refused! });
  });
}
