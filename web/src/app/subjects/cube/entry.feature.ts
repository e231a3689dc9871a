import { createFeature, createReducer, createSelector, on } from '@ngrx/store';
import {
  type ColourScheme,
  type Hold,
  HOME_HOLD,
  inspect,
  sideOfColour,
  SIDES,
  STANDARD_SCHEME,
  stickersSeen,
  unseenCube,
} from '@sleetcrest/core';
import { holdAsking, inferred, nextQuestion, suspects } from '@sleetcrest/core/insight/entry';
import { Browser } from '../../base/storage/browser.actions';
import { readerFeature, SettingsApi, SettingsPage } from '../settings';
import { done, NO_PAST, redone, undone, type Past } from '../../base/undo/undoing';
import { EntryPage } from './entry.actions';

type Stickers = readonly number[];

export interface EntryState extends Past<Stickers> {
  painted: Stickers;
  scheme: ColourScheme;
  /** What each stroke will paint: a side number, or `UNSEEN` to rub out. */
  brush: number;
  /** How the picture shows the cube. */
  hold: Hold;
  /** Stickers named as wrong that were looked at again, each with the colour it does have. */
  confirmed: Readonly<Record<number, number>>;
}

/** How many paintings can be taken back. */
const MOST_UNDO = 300;

const initial: EntryState = {
  painted: Array.from(unseenCube()),
  scheme: STANDARD_SCHEME,
  brush: 0,
  hold: HOME_HOLD,
  confirmed: {},
  ...NO_PAST,
};

function painting(state: EntryState, painted: Stickers, continues = false): EntryState {
  if (painted.every((colour, sticker) => colour === state.painted[sticker])) return state;
  const past = continues ? { past: state.past, future: [] } : done(state, state.painted, MOST_UNDO);
  return { ...state, painted, ...past };
}

const painted = (
  state: EntryState,
  step: (Past<Stickers> & { now: Stickers }) | undefined,
): EntryState =>
  step ? { ...state, painted: step.now, past: step.past, future: step.future } : state;

export const entryFeature = createFeature({
  name: 'entry',
  reducer: createReducer(
    initial,
    on(Browser.stateRestored, (state, { state: { entry, reader } }) => ({
      ...state,
      ...(reader?.scheme && { scheme: reader.scheme }),
      ...entry,
    })),
    on(SettingsApi.settingsTold, (state, { settings: { scheme } }) =>
      scheme ? { ...state, scheme } : state,
    ),
    on(EntryPage.stickerPainted, (state, { sticker, colour, continues }) =>
      painting(
        state,
        state.painted.map((was, k) => (k === sticker ? colour : was)),
        // A sweep whose first sticker had that colour already has nothing to continue.
        continues && state.past.length > 0,
      ),
    ),
    on(EntryPage.stickerConfirmed, (state, { sticker }) => ({
      ...state,
      confirmed: { ...state.confirmed, [sticker]: state.painted[sticker]! },
    })),
    on(EntryPage.brushChosen, (state, { brush }) => ({ ...state, brush })),
    on(EntryPage.pictureTurned, (state, { hold }) => ({ ...state, hold })),
    on(EntryPage.cubeReplaced, (state, { painted, scheme }) => ({
      ...painting(state, painted),
      scheme: scheme ?? state.scheme,
      hold: HOME_HOLD,
      confirmed: {},
    })),
    on(EntryPage.paintingUndone, (state) => painted(state, undone(state, state.painted))),
    on(EntryPage.paintingRedone, (state) => painted(state, redone(state, state.painted))),
    on(SettingsPage.settingChanged, (state, { change }) =>
      change.scheme ? { ...state, scheme: change.scheme } : state,
    ),
  ),
  extraSelectors: ({
    selectPainted,
    selectScheme,
    selectHold,
    selectConfirmed,
    selectPast,
    selectFuture,
  }) => {
    /** The stickers painted, and those that follow from them. */
    const selectKnown = createSelector(selectPainted, (painted): Stickers =>
      Array.from(inferred(painted)),
    );
    const selectInspection = createSelector(
      selectKnown,
      selectScheme,
      readerFeature.selectFirstColour,
      (known, scheme, first) =>
        inspect({ painted: Int8Array.from(known), scheme }, sideOfColour(scheme, first)),
    );
    /** Where the laws are broken, stickers one of which must be wrong, likeliest first. */
    const selectSuspects = createSelector(
      selectPainted,
      selectScheme,
      selectInspection,
      (painted, scheme, { legal }) => (legal ? [] : suspects(painted, scheme)),
    );
    /** The likeliest wrong sticker that was not looked at again. */
    const selectSuspect = createSelector(
      selectSuspects,
      selectConfirmed,
      selectPainted,
      (all, confirmed, painted) =>
        all.find(({ sticker }) => confirmed[sticker] !== painted[sticker]) ?? null,
    );
    return {
      selectKnown,
      selectInspection,
      /** Which of them were not painted. */
      selectFollows: createSelector(
        selectPainted,
        selectKnown,
        (painted, known): ReadonlySet<number> =>
          new Set(
            known.flatMap((colour, sticker) => (colour !== painted[sticker] ? [sticker] : [])),
          ),
      ),
      selectSuspect,
      /** The sticker asked for when cubes are told by answers: the suspect again, or one unknown. */
      selectQuestion: createSelector(
        selectKnown,
        selectHold,
        selectSuspect,
        (known, hold, suspect) =>
          suspect
            ? { hold: holdAsking(suspect.sticker), sticker: suspect.sticker }
            : nextQuestion(known, hold),
      ),
      /** The colours of the stickers as the picture shows them. */
      selectPicture: createSelector(selectKnown, selectScheme, selectHold, stickersSeen),
      /** How many stickers of each colour are still to be found, by side number. */
      selectLeft: createSelector(selectKnown, (known) =>
        SIDES.map((side) => 9 - known.filter((colour) => colour === side).length),
      ),
      selectCanUndo: createSelector(selectPast, (past) => past.length > 0),
      selectCanRedo: createSelector(selectFuture, (future) => future.length > 0),
    };
  },
});
