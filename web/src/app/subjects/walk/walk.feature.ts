import { createFeature, createReducer, createSelector, on } from '@ngrx/store';
import type { Stage, Walkthrough } from '@sleetcrest/core';
import type { Position } from '@sleetcrest/contract';
import { Browser } from '../../base/storage/browser.actions';
import { back, forward, layOut, lookedAt, ridgeOf, stateAt, turnsDone, within } from './timeline';
import { Keeping, Pace, SavedCubes, Solving, WalkPage } from './walk.actions';
import {
  isFurther,
  isUnsent,
  samePlan,
  sameRecord,
  type KeptWalk,
  type WalkRecord,
} from './walk-record';
import { SAY } from './words';

export interface WalkState {
  record: WalkRecord | null;
  /** The record as the server last confirmed it; null when it never did. */
  kept: WalkRecord | null;
  /** Walks that were left before the server had heard all of them. */
  left: readonly KeptWalk[];
  walkthrough: Walkthrough | null;
  /** The stages of its method. */
  stages: readonly Stage[];
  /** Of each step, the stickers that decide its case. */
  deciding: readonly (readonly number[])[];
  /** Of each step, the pieces to be found that it does not name. */
  sought: readonly (readonly number[])[];
  /** Why there is no walkthrough, in a sentence. */
  failure: string | null;
  playing: boolean;
  /** How the last try to keep the record went. */
  server: 'reached' | 'unreachable' | 'refused';
  refusal: string | null;
}

const initial: WalkState = {
  record: null,
  kept: null,
  left: [],
  walkthrough: null,
  stages: [],
  deciding: [],
  sought: [],
  failure: null,
  playing: false,
  server: 'reached',
  refusal: null,
};

/** Takes another walk in hand; what the server has not heard of the one before waits its turn. */
function begin(state: WalkState, record: WalkRecord, known: WalkRecord | null): WalkState {
  const waiting = current(state).filter(isUnsent);
  const left = [...state.left, ...waiting];
  const ahead = left.find((one) => one.record.id === record.id);
  return {
    ...initial,
    record: ahead?.record ?? record,
    kept: known,
    left: left.filter((one) => one !== ahead),
  };
}

const DELETED = SAY.thisCubeWasDeletedFrom;

/** What the server has of the walk in hand; one that another device walked further goes on there. */
function heard(
  record: WalkRecord,
  kept: WalkRecord,
  sent: Position | undefined,
): Pick<WalkState, 'record' | 'kept' | 'refusal'> {
  const unmoved = sent && record.position.step === sent.step && record.position.turn === sent.turn;
  const further = unmoved && isFurther(kept.position, sent) && samePlan(record, kept);
  return {
    record: further ? { ...record, position: kept.position } : record,
    kept,
    refusal: null,
  };
}

const current = ({ record, kept: known }: WalkState): KeptWalk[] =>
  record ? [{ record, kept: known }] : [];

function moved(
  state: WalkState,
  move: (timeline: ReturnType<typeof layOut>, position: Position) => Position,
  playing = false,
): WalkState {
  const { record, walkthrough } = state;
  if (!record || !walkthrough) return state;
  const timeline = timelineOf(walkthrough);
  const position = move(timeline, record.position);
  const atEnd = position.step === timeline.frames.length;
  return { ...state, record: { ...record, position }, playing: playing && !atEnd };
}

// The same walkthrough is laid out once, for the reducer and the selectors alike.
const laidOut = new WeakMap<Walkthrough, ReturnType<typeof layOut>>();
function timelineOf(walkthrough: Walkthrough): ReturnType<typeof layOut> {
  let timeline = laidOut.get(walkthrough);
  if (!timeline) laidOut.set(walkthrough, (timeline = layOut(walkthrough)));
  return timeline;
}

export const walkFeature = createFeature({
  name: 'walk',
  reducer: createReducer(
    initial,
    on(Browser.stateRestored, (state, { state: { walk, left = [] } }) => ({
      ...state,
      ...walk,
      left,
    })),
    on(WalkPage.walkBegun, (state, { record }) => begin(state, record, null)),
    on(WalkPage.savedWalkOpened, (state, { record }) => begin(state, record, record)),
    on(Solving.walkMade, (state, { planned }) =>
      moved({ ...state, ...planned, failure: null }, within),
    ),
    on(Solving.walkFailed, (state, { message }) => ({
      ...state,
      walkthrough: null,
      failure: message,
      playing: false,
    })),
    on(WalkPage.turnDone, (state) => moved(state, forward)),
    on(Pace.turnDue, (state) => moved(state, forward, state.playing)),
    on(WalkPage.turnUndone, (state) => moved(state, back)),
    on(WalkPage.stepChosen, (state, { step }) =>
      moved(state, (timeline) => within(timeline, { step: Math.max(0, step), turn: 0 })),
    ),
    on(WalkPage.positionReached, (state, { position }) =>
      moved(state, (timeline) => within(timeline, position)),
    ),
    on(WalkPage.playToggled, (state) => ({ ...state, playing: !state.playing })),
    on(WalkPage.planChanged, (state, { change }) =>
      state.record
        ? { ...state, record: { ...state.record, ...change }, walkthrough: null, playing: false }
        : state,
    ),
    on(WalkPage.walkRenamed, (state, { id, name }) =>
      state.record?.id === id ? { ...state, record: { ...state.record, name } } : state,
    ),
    on(WalkPage.keepAgainAsked, (state, { id }) =>
      state.record
        ? {
            ...state,
            record: { ...state.record, id },
            kept: null,
            server: 'reached',
            refusal: null,
          }
        : state,
    ),
    on(Keeping.recordKept, (state, { record, sent }) => ({
      ...state,
      server: 'reached' as const,
      ...(state.record?.id === record.id ? heard(state.record, record, sent) : {}),
      left: state.left
        .map((one) => (one.record.id === record.id ? { ...one, kept: record } : one))
        .filter(isUnsent),
    })),
    on(Keeping.recordWaits, (state, { record }) => ({
      ...state,
      ...(state.record?.id === record.id ? { server: 'unreachable' as const } : {}),
      // What was left need be remembered here no longer: it waits to be sent.
      left: state.left.filter((one) => one.record !== record),
    })),
    on(SavedCubes.cubeDeleted, (state, { id }) =>
      state.record?.id === id ? { ...state, server: 'refused' as const, refusal: DELETED } : state,
    ),
    on(SavedCubes.cubeBroughtBack, (state, { id }) =>
      state.record?.id === id ? { ...state, server: 'reached' as const, refusal: null } : state,
    ),
    on(Keeping.recordRefused, (state, { id, message }) => ({
      ...state,
      ...(state.record?.id === id ? { server: 'refused' as const, refusal: message } : {}),
      left: state.left.filter((one) => one.record.id !== id),
    })),
  ),
  extraSelectors: ({
    selectWalkState,
    selectRecord,
    selectKept,
    selectWalkthrough,
    selectStages,
    selectDeciding,
    selectSought,
    selectServer,
  }) => {
    const selectPosition = createSelector(selectRecord, (record) => record?.position ?? null);
    /** Everything the walk shows at the position reached; null until it is made. */
    const selectScene = createSelector(
      selectWalkthrough,
      selectStages,
      selectDeciding,
      selectSought,
      selectRecord,
      (walkthrough, stages, deciding, sought, record) => {
        if (!walkthrough || !record) return null;
        const { position } = record;
        const timeline = timelineOf(walkthrough);
        const { cube, hold } = stateAt(timeline, position);
        return {
          walkthrough,
          timeline,
          position,
          cube,
          hold,
          frame: timeline.frames[position.step] ?? null,
          before: timeline.frames[position.step - 1] ?? null,
          /** The stickers of the cube to be looked at now. */
          looked: lookedAt(timeline, position, deciding, sought),
          turnsDone: turnsDone(timeline, position),
          ridge: ridgeOf(walkthrough, timeline, position, stages),
        };
      },
    );
    return {
      selectPosition,
      /** What the server has yet to hear, earliest first; what it refused is not offered again. */
      selectUnsent: createSelector(selectWalkState, (state): KeptWalk[] => [
        ...state.left,
        ...(state.server === 'refused' ? [] : current(state).filter(isUnsent)),
      ]),
      selectScene,
      selectKeeping: createSelector(
        selectRecord,
        selectKept,
        selectServer,
        (record, known, server) => {
          if (server !== 'reached') return server;
          return record && known && sameRecord(record, known) ? 'kept' : 'keeping';
        },
      ),
    };
  },
});

/** What `selectScene` gives once a walk is made. */
export type WalkScene = NonNullable<ReturnType<typeof walkFeature.selectScene>>;
