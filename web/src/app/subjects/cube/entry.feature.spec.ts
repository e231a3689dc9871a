import {
  HOME_HOLD,
  paintedFromCube,
  solvedCube,
  STANDARD_SCHEME,
  stickersSeen,
  turnHold,
} from '@sleetcrest/core';
import { DEFAULT_READER } from '../settings/reader';
import { SettingsPage } from '../settings';
import { EntryPage } from './entry.actions';
import { entryFeature, type EntryState } from './entry.feature';

const SOLVED = Array.from(paintedFromCube(solvedCube()));
const empty: EntryState = {
  painted: SOLVED.map((colour, k) => (k % 9 === 4 ? colour : -1)),
  scheme: STANDARD_SCHEME,
  brush: 0,
  hold: HOME_HOLD,
  confirmed: {},
  past: [],
  future: [],
};
const run = (
  state: EntryState,
  ...actions: Parameters<typeof entryFeature.reducer>[1][]
): EntryState => actions.reduce(entryFeature.reducer, state);
const paint = (sticker: number, colour: number, continues = false) =>
  EntryPage.stickerPainted({ sticker, colour, continues });

describe('entering a cube', () => {
  it('takes back one stroke at a time, a whole sweep at once, and brings them again', () => {
    const painted = run(empty, paint(0, 1), paint(1, 2), paint(2, 2, true), paint(3, 2, true));
    const once = run(painted, EntryPage.paintingUndone());
    expect(once.painted.slice(0, 4)).toEqual([1, -1, -1, -1]);
    const twice = run(once, EntryPage.paintingUndone(), EntryPage.paintingUndone());
    expect(twice.painted).toEqual(empty.painted);
    const again = run(twice, EntryPage.paintingRedone(), EntryPage.paintingRedone());
    expect(again.painted).toEqual(painted.painted);
  });

  it('forgets what was taken back once something new is painted', () => {
    const state = run(empty, paint(0, 1), EntryPage.paintingUndone(), paint(5, 3));
    expect(run(state, EntryPage.paintingRedone())).toEqual(state);
  });

  it('has nothing to take back after painting a sticker as it was', () => {
    expect(run(empty, paint(0, -1)).past).toEqual([]);
  });

  it('can take back replacing the whole cube', () => {
    const replaced = run(empty, paint(0, 1), EntryPage.cubeReplaced({ painted: SOLVED }));
    expect(replaced.painted).toEqual(SOLVED);
    expect(run(replaced, EntryPage.paintingUndone()).painted[0]).toBe(1);
  });

  it('takes the scheme of an opened cube and of the settings', () => {
    const scheme = ['white', 'red', 'green', 'blue', 'orange', 'yellow'] as const;
    expect(run(empty, EntryPage.cubeReplaced({ painted: SOLVED, scheme })).scheme).toEqual(scheme);
    const changed = run(empty, SettingsPage.settingChanged({ change: { scheme: [...scheme] } }));
    expect(changed.scheme).toEqual(scheme);
  });

  it('counts the stickers of each colour left, below zero when there are too many', () => {
    expect(entryFeature.selectLeft.projector(empty.painted)).toEqual([8, 8, 8, 8, 8, 8]);
    const left = entryFeature.selectLeft.projector(
      SOLVED.map((colour) => (colour === 1 ? 0 : colour)),
    );
    expect(left.slice(0, 2)).toEqual([-9, 9]);
  });

  it('is judged at once: whole, unfinished or wrong', () => {
    const judge = (painted: readonly number[]) =>
      entryFeature.selectInspection.projector(painted, STANDARD_SCHEME, DEFAULT_READER.firstColour);
    expect(judge(SOLVED).legal).toBeTrue();
    expect(judge(empty.painted).problems.map(({ kind }) => kind)).toEqual(['unseen']);
    const flipped = [...SOLVED];
    [flipped[7], flipped[19]] = [flipped[19]!, flipped[7]!];
    expect(judge(flipped).problems[0]!.stickers.sort()).toEqual([19, 7]);
  });
});

describe('the picture of a cube', () => {
  it('shows the side in front in front, however it is held', () => {
    const over = turnHold(HOME_HOLD, 0, 2);
    const picture = stickersSeen(SOLVED, STANDARD_SCHEME, over);
    expect([picture[4], picture[22], picture[13]]).toEqual(['yellow', 'blue', 'red']);
    expect(stickersSeen(empty.painted, STANDARD_SCHEME, over)[0]).toBeNull();
  });
});
