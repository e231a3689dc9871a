import { Injectable } from '@angular/core';
import type { Hand, Hands } from '@sleetcrest/core/learner/timing';
import { Subject } from 'rxjs';
import type { HandsReported, TableTimer } from './table-timer';
import { SAY } from './words';

/** A stand-in for a table timer: hands are laid on it and taken off on the screen. */
@Injectable({ providedIn: 'root' })
export class SimulatedTableTimer implements TableTimer {
  readonly name = SAY.simulatedTableTimer;
  private readonly reported = new Subject<HandsReported>();
  readonly reports = this.reported.asObservable();
  private connected = false;
  private hands: Hands = { left: false, right: false };

  connect(): Promise<void> {
    this.connected = true;
    this.hands = { left: false, right: false };
    return Promise.resolve();
  }

  disconnect(): void {
    this.connected = false;
  }

  /** Lays a hand on the mat or takes it off. */
  lay(hand: Hand, down: boolean, at: number): void {
    if (!this.connected) return;
    this.hands = { ...this.hands, [hand]: down };
    this.reported.next({ hands: this.hands, at });
  }
}
