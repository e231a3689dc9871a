import { inject, Injectable } from '@angular/core';
import type { ColourScheme, Cube, Hold, Method, Move, Side, Turn } from '@sleetcrest/core';
import { type GlancePlan, knownFigures, type Sight } from '@sleetcrest/core/insight/glance';
import type { WrongTurn } from '@sleetcrest/core/insight/slips';
import type { CameOut, Done } from '@sleetcrest/core/learner/exercises';
import { knownPath, PATH_VERSION, type PathStage } from '@sleetcrest/core/learner/path';
import type { FirstGoal } from '@sleetcrest/core/puzzle/search';
import type { Approach } from '@sleetcrest/core/teaching/approaches';
import { computing } from '../../../base/work/computing';
import type { GlanceFigures, learnDeeds, LookedAt } from './learn-deeds';
import { remembered } from '../../../base/work/remembered';
import { type OnProgress, Work } from '../../method/work';

type Shown = Extract<ReturnType<(typeof learnDeeds)['show']>, { ok: true }>['value'];
type SetUpShown = Extract<ReturnType<(typeof learnDeeds)['setUp']>, { ok: true }>['value'];
export type { GlanceFigures, LookedAt, SetUpShown, Shown };

/** To be raised when the same approach gives another plan of looks. */
const GLANCE_VERSION = 2;

/** What of the worker is asked here. */
interface Part {
  learn: typeof learnDeeds;
}

/** What is computed for learning, in workers of its own: cards must not wait for plans. */
@Injectable({ providedIn: 'root' })
export class LearningWork {
  private readonly work = inject(Work);
  private readonly planning = computing<Part>();
  private readonly showing = computing<Part>();

  /** The path of a method; kept in the browser, since it takes some seconds. */
  async path(method: Method, progress: OnProgress): Promise<readonly PathStage[]> {
    const known = knownPath(method);
    if (known) return known;
    const survey = await this.work.survey(method, progress);
    return remembered(`path ${PATH_VERSION} ${JSON.stringify(survey)}`, async () => {
      const path = await this.planning.ask(({ learn }) => learn.path(method, survey));
      if (!path.ok) throw new Error(path.error);
      return path.value;
    });
  }

  /** A cube on which a case waits; another for each seed. */
  async show(caseId: string, method: Method, first: Side, seed: number): Promise<Shown> {
    const shown = await this.showing.ask(({ learn }) => learn.show(caseId, method, first, seed));
    if (!shown.ok) throw new Error(shown.error);
    return shown.value;
  }

  /** The same on a cube that is soon made from a solved one. */
  async setUp(caseId: string, method: Method, first: Side, seed: number): Promise<SetUpShown> {
    const made = await this.showing.ask(({ learn }) => learn.setUp(caseId, method, first, seed));
    if (!made.ok) throw new Error(made.error);
    return made.value;
  }

  /** What the first wrong turn of a sequence was, and what takes it back. */
  wrongTurn(
    sequence: readonly Move[],
    done: number,
    did: Turn,
    hold: Hold,
    scheme: ColourScheme,
  ): Promise<WrongTurn> {
    return this.showing.ask(({ learn }) => learn.wrongTurn(sequence, done, did, hold, scheme));
  }

  /** Stickers, few and in sight, that tell how a case came out on a cube in hand. */
  tellingStickers(done: Done, method: Method, first: Side): Promise<number[]> {
    return this.showing.ask(({ learn }) => learn.tellingStickers(done, method, first));
  }

  /** How it came out by what is seen of it, by sticker of the cube; −1 where nothing is. */
  cameOut(
    done: Done,
    method: Method,
    first: Side,
    seen: readonly number[],
    scheme: ColourScheme,
  ): Promise<CameOut> {
    return this.showing.ask(({ learn }) => learn.cameOut(done, method, first, seen, scheme));
  }

  /** How far planned turns get, and the fewest there are, for each first colour. */
  firstSteps(
    goal: FirstGoal,
    before: Cube,
    after: Cube,
    first: Side,
  ): Promise<ReturnType<(typeof learnDeeds)['firstSteps']>> {
    return this.showing.ask(({ learn }) => learn.firstSteps(goal, before, after, first));
  }

  /** Whether turns lead to a picture, and few that do; or why not, and to the nearest. */
  picture(
    painted: readonly number[],
    scheme: ColourScheme,
  ): Promise<Awaited<ReturnType<(typeof learnDeeds)['picture']>>> {
    return this.showing.ask(({ learn }) => learn.picture(painted, scheme));
  }

  /** What to look at first; kept in the browser. */
  glance(approach: Approach, sight: Sight): Promise<GlancePlan> {
    if (knownFigures(approach, sight)) {
      return this.planning.ask(({ learn }) => learn.glance(approach.id, sight));
    }
    return remembered(`glance ${GLANCE_VERSION} ${sight} ${JSON.stringify(approach)}`, () =>
      this.planning.ask(({ learn }) => learn.glance(approach, sight)),
    );
  }

  /** What a plan of looks comes to; kept in the browser. */
  glanceFigures(approach: Approach, sight: Sight): Promise<GlanceFigures> {
    const known = knownFigures(approach, sight);
    // What ships was done from every start by a spec.
    if (known) return Promise.resolve({ ...known, walked: known.open === 0 || null });
    const key = `glance figures ${GLANCE_VERSION} ${sight} ${JSON.stringify(approach)}`;
    return remembered(key, () =>
      this.planning.ask(({ learn }) => learn.glanceFigures(approach, sight)),
    );
  }

  /** What was to be looked at, and what rules out what was said. */
  apart(
    approach: Approach,
    cube: Cube,
    hold: Hold,
    said: string,
  ): Promise<{ looked: readonly LookedAt[]; rulesOut: number }> {
    return this.planning.ask(({ learn }) => learn.apart(approach, cube, hold, said));
  }
}
