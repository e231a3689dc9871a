import { Injectable, type OnDestroy } from '@angular/core';
import { proxy, wrap } from 'comlink';
import { get, set } from 'idb-keyval';
import type { Colour, ColourScheme, Method } from '@sleetcrest/core';
import {
  resolveMethod,
  SURVEY_VERSION,
  type Approach,
  type MethodSurvey,
} from '@sleetcrest/core/methods';
import type { Work as Remoted } from './work.worker';

export type OnProgress = (share: number) => void;
export type Proved = ReturnType<Remoted['prove']>;
/** The worker's functions as they are called from here: each answers later. */
type Later = {
  [K in keyof Remoted]: (...args: Parameters<Remoted[K]>) => Promise<ReturnType<Remoted[K]>>;
};
type Outcome<K extends 'cards' | 'setUp' | 'beside'> = ReturnType<Remoted[K]>;

/** One worker, begun on first use. */
class Hand {
  private worker: Worker | undefined;
  private remote: Later | undefined;
  private giveUp: ((reason: Error) => void) | undefined;

  /** Does something there; rejects when the worker cannot be started or is stopped meanwhile. */
  do<T>(deed: (remote: Later) => Promise<T>): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      if (!this.remote) {
        this.worker = new Worker(new URL('./work.worker', import.meta.url), { type: 'module' });
        this.worker.onerror = () => {
          reject(new Error('The computation could not be started: reload the page.'));
        };
        this.remote = wrap<Remoted>(this.worker) as unknown as Later;
      }
      this.giveUp = reject;
      deed(this.remote).then(resolve, reject);
    });
  }

  stop(): void {
    this.worker?.terminate();
    this.giveUp?.(new Stopped());
    this.worker = undefined;
    this.remote = undefined;
    this.giveUp = undefined;
  }
}

/** What a computation ends with that was stopped on purpose. */
export class Stopped extends Error {}

/** What is computed of methods, in workers: long ones have one of their own that can be stopped. */
@Injectable({ providedIn: 'root' })
export class Work implements OnDestroy {
  private readonly quick = new Hand();
  private readonly surveying = new Hand();
  private readonly proving = new Hand();
  private readonly surveys = new Map<string, MethodSurvey>();
  private queue: Promise<unknown> = Promise.resolve();

  cards(method: Method, first: Colour, scheme: ColourScheme): Promise<Outcome<'cards'>> {
    return this.quick.do((remote) => remote.cards(method, first, scheme));
  }

  setUp(
    caseId: string,
    method: Method,
    seed: number,
    first: Colour,
    scheme: ColourScheme,
  ): Promise<Outcome<'setUp'>> {
    return this.quick.do((remote) => remote.setUp(caseId, method, seed, first, scheme));
  }

  beside(
    caseId: string,
    method: Method,
    seed: number,
    first: Colour,
    scheme: ColourScheme,
  ): Promise<Outcome<'beside'>> {
    return this.quick.do((remote) => remote.beside(caseId, method, seed, first, scheme));
  }

  /**
   * The survey of a method, one after another; kept in the browser, since one by pairs takes half a
   * minute. Rejects with a sentence when there is none, or with `Stopped`.
   */
  async survey(method: Method, progress: OnProgress): Promise<MethodSurvey> {
    const approaches = resolveMethod(method);
    if (!approaches.ok) throw new Error(approaches.error);
    const key = `survey ${SURVEY_VERSION} ${JSON.stringify(approaches.value)}`;
    const known = this.surveys.get(key) ?? (await stored(key));
    if (known) {
      this.surveys.set(key, known);
      return known;
    }
    const made = this.queue.then(() =>
      this.surveying.do((remote) =>
        remote.survey(
          method,
          proxy((done, of) => progress(done / of)),
        ),
      ),
    );
    this.queue = made.catch(() => undefined);
    const survey = await made;
    if (!survey.ok) throw new Error(survey.error);
    this.surveys.set(key, survey.value);
    await set(key, survey.value).catch(() => undefined);
    return survey.value;
  }

  stopSurveys(): void {
    this.surveying.stop();
  }

  /** Tries every start of an approach; a proof that is still running is stopped. */
  prove(approach: Approach, progress: OnProgress): Promise<Proved> {
    this.stopProof();
    return this.proving.do((remote) =>
      remote.prove(
        approach,
        proxy((done, of) => progress(done / of)),
      ),
    );
  }

  stopProof(): void {
    this.proving.stop();
  }

  ngOnDestroy(): void {
    for (const hand of [this.quick, this.surveying, this.proving]) hand.stop();
  }
}

// Storage may be closed to us; then the survey is made anew.
const stored = (key: string): Promise<MethodSurvey | undefined> =>
  get<MethodSurvey>(key).catch(() => undefined);
