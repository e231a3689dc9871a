import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatDialogClose, MatDialogRef } from '@angular/material/dialog';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { CreateSolve, SavedSolve } from '@sleetcrest/contract';
import { type Colour, HOME_HOLD, readCubeDocument, stickersSeen } from '@sleetcrest/core';
import { readerFeature } from '../../../subjects/settings';
import {
  PAGE_SIZE,
  recordOf,
  SavedStore,
  SavedWalks,
  walkFeature,
  WalkPage,
} from '../../../subjects/walk';
import { momentSaid } from '../../../base/words/days';
import { Crown } from '../../../ui/crown/crown';
import { Trouble } from '../../../ui/trouble';
import { SAY } from './words';

/** The drawer of saved cubes: reopen, resume, rename, delete. */
@Component({
  selector: 'sc-saved-drawer',
  imports: [Crown, MatButton, MatDialogClose, MatIcon, MatIconButton, MatProgressBar, Trouble],
  templateUrl: './saved-drawer.html',
  styleUrl: './saved-drawer.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SavedDrawer {
  protected readonly say = SAY;
  private readonly store = inject(Store);
  private readonly cubes = inject(SavedStore);
  private readonly router = inject(Router);
  private readonly dialog = inject<MatDialogRef<SavedDrawer>>(MatDialogRef);

  protected readonly page = this.cubes.page;
  protected readonly loading = this.cubes.loading;
  protected readonly failure = this.cubes.failure;
  protected readonly letters = this.store.selectSignal(readerFeature.selectLetters);
  private readonly record = this.store.selectSignal(walkFeature.selectRecord);
  private readonly saved = inject(SavedWalks);
  /** Begun here, and not heard of by the server. */
  protected readonly begun = computed(() => this.saved.begun());
  protected readonly renaming = signal<string | null>(null);

  protected readonly pages = computed(() => Math.ceil((this.page()?.total ?? 0) / PAGE_SIZE));
  protected readonly items = computed(() =>
    (this.page()?.items ?? []).map((solve) => ({
      solve,
      picture: picture(solve),
      madeAt: momentSaid(solve.createdAt),
      open: solve.id === this.record()?.id,
      share: solve.stepCount ? (100 * solve.position.step) / solve.stepCount : 100,
      progress:
        solve.position.step === solve.stepCount
          ? 'solved'
          : SAY.stepOf({ step: solve.position.step + 1, stepCount: solve.stepCount }),
    })),
  );

  constructor() {
    void this.cubes.open();
  }

  protected open(solve: SavedSolve): void {
    this.take(recordOf(solve));
  }

  protected take(solve: CreateSolve): void {
    // The walk that is open may be ahead of what the server has heard.
    if (solve.id !== this.record()?.id) {
      const record = { position: { step: 0, turn: 0 }, ...solve };
      this.store.dispatch(WalkPage.savedWalkOpened({ record }));
    }
    this.dialog.close();
    void this.router.navigate(['/bench', solve.id]);
  }

  protected rename(solve: SavedSolve, name: string): void {
    this.renaming.set(null);
    const trimmed = name.trim();
    if (trimmed && trimmed !== solve.name) {
      void this.cubes.rename(solve, trimmed);
    }
  }

  protected remove(solve: SavedSolve): void {
    void this.cubes.remove(solve);
  }

  protected ask(page: number): void {
    void this.cubes.open(page);
  }
}

function picture(solve: SavedSolve): (Colour | null)[] {
  const read = readCubeDocument(solve.start);
  if (!read.ok) return Array.from({ length: 54 }, () => null);
  const { painted, scheme } = read.value;
  return stickersSeen(painted, scheme, HOME_HOLD);
}
