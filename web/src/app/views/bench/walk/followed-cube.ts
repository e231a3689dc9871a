import { DestroyRef, inject, Injectable, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { Store } from '@ngrx/store';
import {
  applyTurn,
  copyCube,
  type Cube,
  isWholeCube,
  type Turn,
  turnSeenInHold,
  writeMove,
} from '@sleetcrest/core';
import type { Position } from '@sleetcrest/contract';
import { readerFeature } from '../../../subjects/settings';
import { forward, stateAt, walkFeature, WalkPage } from '../../../subjects/walk';
import { follow } from './following';
import { SimulatedCube } from '../../../devices/cube/simulated-cube';
import type { TurnReportingCube } from '../../../devices/cube/turn-reporting-cube';

/** A turn that was not the one meant, in words. */
export interface NoticedSlip {
  did: string;
  meant: string;
}

/**
 * A connected cube, and the walk that follows it: each turn it reports moves the walk on, back, or
 * is noticed as a slip until the cube is on the walk again.
 */
@Injectable()
export class FollowedCube {
  private readonly store = inject(Store);
  private readonly device: TurnReportingCube = inject(SimulatedCube);
  private readonly scene = this.store.selectSignal(walkFeature.selectScene);
  private readonly dialect = this.store.selectSignal(readerFeature.selectDialect);

  /** The cube as the device has turned it; null while none is connected. */
  readonly cube = signal<Cube | null>(null);
  readonly slip = signal<NoticedSlip | null>(null);
  readonly halfWay = signal(false);
  /** How many turns were done since the cube left the walk. */
  private astray = 0;

  constructor() {
    this.device.turns.pipe(takeUntilDestroyed()).subscribe(({ turn }) => {
      this.turned(turn);
    });
    inject(DestroyRef).onDestroy(() => {
      this.device.disconnect();
    });
  }

  /** Takes the connected cube to look as the walk's does now. */
  async connect(): Promise<void> {
    const scene = this.scene();
    if (!scene) return;
    await this.device.connect(scene.cube);
    this.cube.set(copyCube(scene.cube));
    this.back();
  }

  disconnect(): void {
    this.device.disconnect();
    this.cube.set(null);
    this.back();
  }

  private back(): void {
    this.slip.set(null);
    this.halfWay.set(false);
    this.astray = 0;
  }

  private turned(turn: Turn): void {
    const [scene, before] = [this.scene(), this.cube()];
    if (!scene || !before) return;
    const cube = copyCube(before);
    applyTurn(cube, turn);
    this.cube.set(cube);
    const followed = follow(scene.timeline, scene.position, cube);
    this.halfWay.set(followed.kind === 'half-way');
    if (followed.kind === 'half-way') return;
    if (followed.kind === 'on-the-walk') {
      this.back();
      this.store.dispatch(WalkPage.positionReached({ position: followed.position }));
      return;
    }
    this.astray++;
    this.slip.update((known) => known ?? this.noticed(turn));
  }

  private noticed(turn: Turn): NoticedSlip {
    const { timeline } = this.scene()!;
    const next = this.ahead(1);
    const move = timeline.frames[next.step]?.moves[next.turn - 1];
    const dialect = this.dialect();
    // A turn of the whole cube is not felt: it is held as the next turn asks for.
    const { hold } = stateAt(timeline, { ...next, turn: Math.max(0, next.turn - 1) });
    return {
      did: writeMove(turnSeenInHold(hold, turn), dialect),
      meant: move === undefined ? 'none' : writeMove(move, dialect),
    };
  }

  /** The position so many turns after where the walk stands. */
  private ahead(turns: number): Position {
    const { timeline, position } = this.scene()!;
    let now = position;
    for (let k = 0; k < turns;) {
      const next = forward(timeline, now);
      if (next.step === now.step && next.turn === now.turn) break;
      const move = timeline.frames[next.step]?.moves[next.turn - 1];
      // Going to the next step, and turning the whole cube, are no turns.
      if (next.turn > 0 && move !== undefined && !isWholeCube(move)) k++;
      now = next;
    }
    return now;
  }

  /** How far the hands have meant to be: where they left the walk, and the turns since. */
  intended(): Position {
    return this.ahead(this.astray);
  }
}
