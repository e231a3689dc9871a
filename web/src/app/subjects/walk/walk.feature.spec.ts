import { Keeping, Pace, Solving, WalkPage } from './walk.actions';
import { walkFeature, type WalkState } from './walk.feature';
import { changesBetween, samePlan, sameRecord } from './walk-record';
import { aRecord, aWalk, GENTLE_STAGES } from './walk.spec-support';

const run = (
  state: WalkState,
  ...actions: Parameters<typeof walkFeature.reducer>[1][]
): WalkState => actions.reduce(walkFeature.reducer, state);
const blank = walkFeature.reducer(undefined, { type: 'none' });
const record = aRecord();
const walkthrough = aWalk();
const begun = run(
  blank,
  WalkPage.walkBegun({ record }),
  Solving.walkMade({ planned: { walkthrough, stages: GENTLE_STAGES, deciding: [], sought: [] } }),
);

describe('a walk', () => {
  it('goes forward, back, and to a step', () => {
    const on = run(begun, WalkPage.turnDone(), WalkPage.turnDone());
    expect(on.record!.position).not.toEqual(record.position);
    expect(run(on, WalkPage.turnUndone(), WalkPage.turnUndone()).record).toEqual(record);
    expect(run(on, WalkPage.stepChosen({ step: 7 })).record!.position).toEqual({
      step: 7,
      turn: 0,
    });
    expect(run(on, WalkPage.stepChosen({ step: -1 })).record!.position).toEqual({
      step: 0,
      turn: 0,
    });
  });

  it('goes nowhere before it is made', () => {
    const unmade = run(blank, WalkPage.walkBegun({ record }));
    expect(run(unmade, WalkPage.turnDone())).toEqual(unmade);
  });

  it('plays until it is paused, moved by hand, or over', () => {
    const playing = run(begun, WalkPage.playToggled(), Pace.turnDue());
    expect(playing.playing).toBeTrue();
    expect(run(playing, WalkPage.playToggled()).playing).toBeFalse();
    expect(run(playing, WalkPage.turnUndone()).playing).toBeFalse();
    const last = run(playing, WalkPage.stepChosen({ step: walkthrough.steps.length - 1 }));
    const length = walkFeature.selectScene.projector(
      walkthrough,
      GENTLE_STAGES,
      [],
      [],
      last.record,
    )!.frame!.moves.length;
    const due = Array.from({ length }, () => Pace.turnDue());
    const over = run({ ...last, playing: true }, ...due);
    expect(over.record!.position).toEqual({ step: walkthrough.steps.length, turn: 0 });
    expect(over.playing).toBeFalse();
  });

  it('comes back to a position of an older plan as far as it exists', () => {
    const far = aRecord(1, { position: { step: 900, turn: 3 } });
    const made = run(
      blank,
      WalkPage.savedWalkOpened({ record: far }),
      Solving.walkMade({
        planned: { walkthrough, stages: GENTLE_STAGES, deciding: [], sought: [] },
      }),
    );
    expect(made.record!.position).toEqual({ step: walkthrough.steps.length, turn: 0 });
  });

  it('is kept, being kept, unreachable or refused', () => {
    const keeping = ({ record: r, kept, server }: WalkState) =>
      walkFeature.selectKeeping.projector(r, kept, server);
    expect(keeping(begun)).toBe('keeping');
    const kept = run(begun, Keeping.recordKept({ record }));
    expect(keeping(kept)).toBe('kept');
    expect(keeping(run(kept, WalkPage.turnDone()))).toBe('keeping');
    expect(keeping(run(kept, Keeping.recordWaits({ record })))).toBe('unreachable');
    const refused = run(kept, Keeping.recordRefused({ id: record.id, message: 'gone' }));
    expect([keeping(refused), refused.refusal]).toEqual(['refused', 'gone']);
    expect(keeping(run(refused, WalkPage.keepAgainAsked({ id: 'other' })))).toBe('keeping');
  });

  it('is not forgotten when another is begun before the server heard of it', () => {
    const unheard = (state: WalkState) =>
      walkFeature.selectUnsent.projector(state).map((one) => one.record);
    const moved = run(begun, Keeping.recordKept({ record }), WalkPage.stepChosen({ step: 4 }));
    const other = run(moved, WalkPage.walkBegun({ record: aRecord(2) }));
    expect(unheard(other)).toEqual([moved.record!, aRecord(2)]);
    const one = run(other, Keeping.recordKept({ record: moved.record! }));
    expect(unheard(one)).toEqual([aRecord(2)]);
    expect(unheard(run(one, Keeping.recordKept({ record: aRecord(2) })))).toEqual([]);
    // Taken in hand again, it is where it was left, not where the server last saw it.
    const back = run(other, WalkPage.savedWalkOpened({ record }));
    expect(back.record).toEqual(moved.record);
    expect(unheard(back)).toEqual([aRecord(2), moved.record!]);
  });

  it('is dropped from what waits when it is refused after it was left', () => {
    const other = run(begun, WalkPage.walkBegun({ record: aRecord(2) }));
    const refused = run(other, Keeping.recordRefused({ id: record.id, message: 'gone' }));
    expect(refused.left).toEqual([]);
    expect(refused.server).toBe('reached');
  });

  it('ignores an answer about a walk that is no longer in hand', () => {
    expect(run(begun, Keeping.recordKept({ record: aRecord(2) })).kept).toBeNull();
  });
});

describe('what is sent of a record', () => {
  it('is what changed and nothing else', () => {
    const moved = { ...record, position: { step: 2, turn: 1 } };
    expect(changesBetween(record, moved)).toEqual({
      position: moved.position,
      from: record.position,
    });
    expect(changesBetween(record, { ...record, name: 'Mine' })).toEqual({ name: 'Mine' });
    expect(Object.keys(changesBetween(record, { ...record, firstColour: 'blue' }))).toEqual([
      'start',
      'method',
      'firstColour',
      'position',
    ]);
    expect(changesBetween(record, record)).toEqual({});
  });

  it('compares cubes by what is on them', () => {
    const copy = JSON.parse(JSON.stringify(record)) as typeof record;
    expect(samePlan(record, copy) && sameRecord(record, copy)).toBeTrue();
    expect(samePlan(record, aRecord(2))).toBeFalse();
  });
});
