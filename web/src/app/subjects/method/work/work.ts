import { Injectable } from '@angular/core';
import type { Colour, ColourScheme, Method } from '@sleetcrest/core';
import { knownSurvey } from '@sleetcrest/core/engine/facts';
import { type MethodSurvey, SURVEY_VERSION } from '@sleetcrest/core/engine/prove';
import { resolveMethod } from '@sleetcrest/core/engine/run';
import type { Approach } from '@sleetcrest/core/teaching/approaches';
import { computing } from '../../../base/work/computing';
import type { methodDeeds } from './method-deeds';
import { remembered } from '../../../base/work/remembered';
import { told } from '../../../base/work/worker-of';

export type OnProgress = (share: number) => void;
export type Proved = ReturnType<(typeof methodDeeds)['prove']>;
type Outcome<K extends 'cards' | 'picture' | 'setUp' | 'beside'> = ReturnType<
  (typeof methodDeeds)[K]
>;

/** What of the worker is asked here. */
interface Part {
  methods: typeof methodDeeds;
}

/** What is computed of methods, in workers: long ones have one of their own that can be stopped. */
@Injectable({ providedIn: 'root' })
export class Work {
  private readonly quick = computing<Part>();
  private readonly surveying = computing<Part>();
  private readonly proving = computing<Part>();
  private readonly surveys = new Map<
    string,
    { survey: Promise<MethodSurvey>; told: OnProgress[] }
  >();
  private queue: Promise<unknown> = Promise.resolve();

  cards(method: Method, first: Colour, scheme: ColourScheme): Promise<Outcome<'cards'>> {
    return this.quick.ask(({ methods }) => methods.cards(method, first, scheme));
  }

  /** The first picture of a case; null where the method has no such case. */
  picture(
    caseId: string,
    method: Method,
    first: Colour,
    scheme: ColourScheme,
  ): Promise<Outcome<'picture'>> {
    return this.quick.ask(({ methods }) => methods.picture(caseId, method, first, scheme));
  }

  setUp(
    caseId: string,
    method: Method,
    seed: number,
    first: Colour,
    scheme: ColourScheme,
  ): Promise<Outcome<'setUp'>> {
    return this.quick.ask(({ methods }) => methods.setUp(caseId, method, seed, first, scheme));
  }

  beside(
    caseId: string,
    method: Method,
    seed: number,
    first: Colour,
    scheme: ColourScheme,
  ): Promise<Outcome<'beside'>> {
    return this.quick.ask(({ methods }) => methods.beside(caseId, method, seed, first, scheme));
  }

  /**
   * The survey of a method, one after another; kept in the browser, since one by pairs takes half a
   * minute. Rejects with a sentence when there is none, or with `Stopped`.
   */
  async survey(method: Method, progress: OnProgress): Promise<MethodSurvey> {
    // What never changes is known; only what is somebody's own is counted.
    const known = knownSurvey(method);
    if (known) return known;
    const approaches = resolveMethod(method);
    if (!approaches.ok) throw new Error(approaches.error);
    const key = `survey ${SURVEY_VERSION} ${JSON.stringify(approaches.value)}`;
    // Read from the store, or made, once for all who ask.
    const begun = this.surveys.get(key);
    if (begun) {
      begun.told.push(progress);
      return begun.survey;
    }
    const told = [progress];
    const survey = remembered(key, () =>
      this.made(method, (share) => {
        for (const tell of told) tell(share);
      }),
    );
    this.surveys.set(key, { survey, told });
    survey.catch(() => this.surveys.delete(key));
    return survey;
  }

  private async made(method: Method, progress: OnProgress): Promise<MethodSurvey> {
    const made = this.queue.then(() =>
      this.surveying.ask(({ methods }) =>
        methods.survey(
          method,
          told((done, of) => progress(done / of)),
        ),
      ),
    );
    this.queue = made.catch(() => undefined);
    const survey = await made;
    if (!survey.ok) throw new Error(survey.error);
    return survey.value;
  }

  stopSurveys(): void {
    this.surveying.stop();
  }

  /** Tries every start of an approach; a proof that is still running is stopped. */
  prove(approach: Approach, progress: OnProgress): Promise<Proved> {
    this.stopProof();
    return this.proving.ask(({ methods }) =>
      methods.prove(
        approach,
        told((done, of) => progress(done / of)),
      ),
    );
  }

  stopProof(): void {
    this.proving.stop();
  }
}
