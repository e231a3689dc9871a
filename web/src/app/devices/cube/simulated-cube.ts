import { Injectable, signal } from '@angular/core';
import type { Turn } from '@sleetcrest/core';
import { Subject } from 'rxjs';
import type { ReportedTurn, TurnReportingCube } from './turn-reporting-cube';
import { SAY } from './words';

/** A stand-in for a turn-reporting cube: what is turned on the screen is reported as it would be. */
@Injectable({ providedIn: 'root' })
export class SimulatedCube implements TurnReportingCube {
  readonly name = SAY.simulatedCube;
  private readonly reported = new Subject<ReportedTurn>();
  readonly turns = this.reported.asObservable();
  private readonly connected = signal(false);
  /** Whether it reports what is turned. */
  readonly isConnected = this.connected.asReadonly();

  connect(): Promise<void> {
    this.connected.set(true);
    return Promise.resolve();
  }

  disconnect(): void {
    this.connected.set(false);
  }

  /** Turns a side of the cube, as a hand would. */
  turn(turn: Turn, at: number): void {
    if (this.connected()) this.reported.next({ turn, at });
  }
}
