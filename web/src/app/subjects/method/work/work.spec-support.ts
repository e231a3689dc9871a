import { type Colour, type ColourScheme, type Method, sideOfColour } from '@sleetcrest/core';
import { explainFailure, type MethodSurvey, prove } from '@sleetcrest/core/engine/prove';
import { resolveMethod } from '@sleetcrest/core/engine/run';
import { setUpFor } from '@sleetcrest/core/engine/set-up';
import { checkWording } from '@sleetcrest/core/insight/claims';
import { caseBeside, caseCards } from '@sleetcrest/core/shown/cases';
import type { Approach } from '@sleetcrest/core/teaching/approaches';
import { Stopped } from '../../../base/work/worker-of';
import type { OnProgress } from './work';

/** Stands for the workers: the same functions, called here; a survey is made up, as it takes long. */
export class FakeWork {
  proofs: string[] = [];
  /** While set, surveys and proofs wait for `stop…`. */
  endless = false;
  private giveUp: (reason: Error) => void = () => undefined;

  cards = (method: Method, first: Colour, scheme: ColourScheme) =>
    Promise.resolve(caseCards(method, sideOfColour(scheme, first), scheme));
  picture = (id: string, method: Method, first: Colour, scheme: ColourScheme) => {
    const cards = caseCards(method, sideOfColour(scheme, first), scheme);
    const card = cards.ok ? cards.value.find((one) => one.id === id) : undefined;
    return Promise.resolve(card?.pictures[0] ?? null);
  };
  setUp = (id: string, method: Method, seed: number, first: Colour, scheme: ColourScheme) =>
    Promise.resolve(setUpFor(id, method, seed, sideOfColour(scheme, first)));
  beside = (id: string, method: Method, seed: number, first: Colour, scheme: ColourScheme) =>
    Promise.resolve(caseBeside(id, method, seed, sideOfColour(scheme, first), scheme));

  survey = (method: Method, progress: OnProgress): Promise<MethodSurvey> => {
    progress(0.5);
    return this.answer(() => aSurvey(method));
  };

  prove = (approach: Approach, progress: OnProgress) => {
    this.proofs.push(approach.id);
    progress(0.5);
    return this.answer(() => {
      const proof = prove(approach);
      const wording = proof.unsolved ? null : checkWording(approach);
      const failure = proof.unsolved && explainFailure(approach, proof.unsolved);
      return { proof, failure, wording };
    });
  };

  stopSurveys = (): void => this.giveUp(new Stopped());
  stopProof = (): void => this.giveUp(new Stopped());

  private answer<T>(value: () => T): Promise<T> {
    return new Promise((resolve, reject) => {
      this.giveUp = reject;
      if (!this.endless) {
        try {
          resolve(value());
        } catch (error) {
          reject(error instanceof Error ? error : new Error(String(error)));
        }
      }
    });
  }
}

/** A survey in which every stage takes ten turns and every case comes up in half of the solves. */
export function aSurvey(method: Method): MethodSurvey {
  const approaches = resolveMethod(method);
  const stages = approaches.ok ? approaches.value : [];
  const turns = (count: number): number[] => [...new Array<number>(count).fill(0), 1];
  return {
    method: method.id,
    turns: turns(10 * stages.length),
    stages: stages.map(({ id, stage, cases }) => ({
      approach: id,
      stage,
      turns: turns(10),
      looks: 2,
      holds: 1,
      cases: cases.map((one) => ({ case: one.id, chance: 0.5, times: 1 })),
    })),
  };
}
