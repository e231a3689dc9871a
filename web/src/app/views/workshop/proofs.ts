import { computed, inject, Injectable, signal } from '@angular/core';
import { type Approach, approachById } from '@sleetcrest/core/teaching/approaches';
import type { ProofState } from '@sleetcrest/contract';
import { type Proved, Work } from '../../subjects/method/work';
import { Stopped } from '../../base/work/worker-of';

/** What is known of an approach: its proof, or why it cannot be tried. */
export type Verdict = { proved: Proved } | { trouble: string };

const keyOf = (approach: Approach): string => JSON.stringify(approach);

/** Tries approaches one after another as they are edited, and remembers what came of it. */
@Injectable()
export class Proofs {
  private readonly work = inject(Work);
  private readonly verdicts = signal<ReadonlyMap<string, Verdict>>(new Map());
  private wanted: readonly Approach[] = [];
  private readonly running = signal<{ key: string; share: number } | null>(null);
  private readonly halted = signal(false);

  readonly isRunning = computed(() => this.running() !== null);

  verdict(approach: Approach): Verdict | undefined {
    return this.verdicts().get(keyOf(approach));
  }

  /** How much of its proof is done while it runs. */
  share(approach: Approach): number | undefined {
    const running = this.running();
    return running?.key === keyOf(approach) ? running.share : undefined;
  }

  /** What is known of a method made of these approaches. Built-in ones are proved by our tests. */
  state(approaches: readonly Approach[]): ProofState {
    const own = approaches.filter((one) => approachById(one.id) !== one);
    const all = own.map((one) => this.verdict(one));
    if (all.some((one) => one && !isProved(one))) return 'failing';
    return all.every((one) => one && isProved(one)) ? 'proved' : 'unproved';
  }

  /** Asks for proofs of these, the first one first; proofs of others are given up. */
  want(approaches: readonly Approach[]): void {
    this.wanted = approaches;
    this.halted.set(false);
    const running = this.running();
    if (running && keyOf(approaches[0]!) !== running.key) this.stopRunning();
    this.next();
  }

  /** Gives up until something is asked for again. */
  stop(): void {
    this.halted.set(true);
    this.stopRunning();
  }

  private stopRunning(): void {
    this.running.set(null);
    this.work.stopProof();
  }

  private next(): void {
    if (this.running() || this.halted()) return;
    const approach = this.wanted.find((one) => !this.verdict(one));
    if (!approach) return;
    const key = keyOf(approach);
    this.running.set({ key, share: 0 });
    const mine = (): boolean => this.running()?.key === key;
    this.work
      .prove(approach, (share) => {
        if (mine()) this.running.set({ key, share });
      })
      .then((proved) => this.conclude(key, { proved }))
      .catch((error: unknown) => {
        if (!(error instanceof Stopped)) this.conclude(key, { trouble: (error as Error).message });
      });
  }

  private conclude(key: string, verdict: Verdict): void {
    this.verdicts.update((verdicts) => new Map(verdicts).set(key, verdict));
    if (this.running()?.key === key) this.running.set(null);
    this.next();
  }
}

export const isProved = (verdict: Verdict): boolean =>
  'proved' in verdict && verdict.proved.proof.unsolved === null;
