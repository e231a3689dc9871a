import { newPlan } from './draft';
import { NEW, PlanInHand } from './plan-in-hand';

const KEPT = '2026-11-26T10:00:00.000Z';

describe('the plan in hand', () => {
  const plan = newPlan('2026-12-03', ['a', 'b'], 1);
  let hand: PlanInHand;
  beforeEach(() => (hand = new PlanInHand()));

  it('takes back change after change, and no further than where it was put', () => {
    hand.put('g', plan, null);
    hand.change({ minutes: 45 });
    hand.change({ minutes: 30, note: 'bring tea' });
    hand.undo();
    expect(hand.plan()).toEqual({ ...plan, minutes: 45 });
    hand.undo();
    expect([hand.plan(), hand.canUndo()]).toEqual([plan, false]);
    hand.undo();
    expect(hand.plan()).toEqual(plan);
  });

  it('takes back the last forty changes', () => {
    hand.put('g', plan, null);
    for (let k = 0; k < 60; k++) hand.change({ note: String(k) });
    let undone = 0;
    for (; hand.canUndo(); undone++) hand.undo();
    expect([undone, hand.plan()!.note]).toEqual([40, '19']);
  });

  it('can still be taken back once it was kept, and goes on from what was kept', () => {
    hand.put('g', plan, null);
    hand.change({ minutes: 45 });
    hand.kept({ plan: hand.plan()!, changedAt: KEPT });
    expect([hand.basis, hand.canUndo()]).toEqual([KEPT, true]);
    hand.undo();
    expect([hand.plan(), hand.basis]).toEqual([plan, KEPT]);
  });

  it('forgets what another plan was before', () => {
    hand.put('g', plan, null);
    hand.change({ minutes: 45 });
    hand.put('g', newPlan('2026-12-10', [], 2), KEPT);
    expect(hand.canUndo()).toBeFalse();
  });

  it('is changed and taken back only where there is one', () => {
    hand.change({ minutes: 45 });
    hand.undo();
    expect([hand.plan(), hand.canUndo()]).toEqual([null, false]);
  });

  it('is where the address says in its own group alone', () => {
    expect(hand.isAt('g', NEW)).toBeFalse();
    hand.put('g', plan, null);
    // By the id it will have, and as the one that is new.
    expect([hand.isAt('g', NEW), hand.isAt('g', plan.id)]).toEqual([true, true]);
    expect([hand.isAt('g', undefined), hand.isAt('other', plan.id)]).toEqual([false, false]);
    hand.kept({ plan, changedAt: KEPT });
    expect([hand.isAt('g', NEW), hand.isAt('g', plan.id)]).toEqual([false, true]);
  });
});
