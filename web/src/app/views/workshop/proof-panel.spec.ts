import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { explainFailure, prove } from '@sleetcrest/core/engine/prove';
import { checkWording } from '@sleetcrest/core/insight/claims';
import { approachById, type PatternApproach } from '@sleetcrest/core/teaching/approaches';
import { METHODS } from '@sleetcrest/core';
import { openStore } from '../../app.spec-support';
import type { Whose } from '../../subjects/method/work';
import { ProofPanel } from './proof-panel';
import type { Verdict } from './proofs';

const whole = approachById('cycle-two') as PatternApproach;
const broken: PatternApproach = {
  ...whole,
  cases: whole.cases.map((one) =>
    one.id.endsWith('/left') ? { ...one, sequence: "F2 U L R' F2 L' R U F" } : one,
  ),
};

function verdictOf(approach: PatternApproach): Verdict {
  const proof = prove(approach);
  const failure = proof.unsolved && explainFailure(approach, proof.unsolved);
  const wording = proof.unsolved ? null : checkWording(approach);
  return { proved: { proof, failure, wording } };
}

/** A method of one's own, as the Workshop has it: a built-in one with another approach in a place of it. */
function inMethod(place: string, approach: PatternApproach): Whose {
  const base = METHODS.find(({ approaches }) => approaches.includes(place))!;
  const approaches = base.approaches.map((one) => (one === place ? approach : one));
  return { method: { format: base.format, id: 'my-way', title: 'My way', approaches } };
}

describe('the proof panel', () => {
  let fixture: ComponentFixture<ProofPanel>;

  beforeEach(async () => {
    await TestBed.configureTestingModule({ imports: [ProofPanel] }).compileComponents();
    openStore();
    fixture = TestBed.createComponent(ProofPanel);
    fixture.componentRef.setInput('approach', whole);
    fixture.componentRef.setInput('whose', inMethod('cycle-two', broken));
  });

  async function show(inputs: Record<string, unknown>): Promise<void> {
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    await fixture.whenStable();
  }
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const button = (name: string): HTMLButtonElement =>
    [...host().querySelectorAll('button')].find((one) =>
      (one.ariaLabel ?? one.textContent).trim().startsWith(name),
    )!;

  it('offers to try what was not tried, and to stop while it tries', async () => {
    let [asked, stopped] = [0, 0];
    fixture.componentInstance.asked.subscribe(() => asked++);
    fixture.componentInstance.stopped.subscribe(() => stopped++);
    await show({});
    button('Try every start').click();
    await show({ share: 0.4 });
    expect(host().querySelector('[role=progressbar]')!.getAttribute('aria-valuenow')).toBe('40');
    button('Stop').click();
    expect([asked, stopped]).toEqual([1, 1]);
  });

  it('says how many starts are solved, and in how many turns', async () => {
    await show({ verdict: verdictOf(whole) });
    expect(host().textContent).toContain('Solves all 12');
    expect(host().textContent).toContain('18 turns at worst, 10.50 on average');
  });

  it('stands before the step that goes wrong, and walks on turn by turn', async () => {
    await show({ verdict: verdictOf(broken) });
    expect(host().textContent).toMatch(/Fails on \d+ of 12/);
    const wrong = host().querySelector('li.wrong')!;
    expect(wrong.classList).toContain('now');
    expect(wrong.textContent).toContain('left');
    expect(wrong.querySelector('img')).not.toBeNull();
    const turn = (): number => Number(/turn (\d+) of/.exec(host().textContent)![1]);
    const before = turn();
    button('Next turn').click();
    await fixture.whenStable();
    expect(turn()).toBe(before + 1);
    button('Previous turn').click();
    await fixture.whenStable();
    expect(turn()).toBe(before);
  });

  it('goes to any step that is chosen', async () => {
    await show({ verdict: verdictOf(broken) });
    const steps = [...host().querySelectorAll('li')];
    steps.at(-1)!.querySelector('button')!.click();
    await fixture.whenStable();
    expect(steps.at(-1)!.classList).toContain('now');
  });

  it('says which sentence is not so, with a cube, once the turns do what they should', async () => {
    const right = approachById('ycross-two') as PatternApproach;
    const wrong = {
      ...right,
      id: 'mine',
      cases: right.cases.map((one) => ({
        ...one,
        id: one.id.replace('ycross-two', 'mine'),
        // The two edges that face up are now said to be elsewhere.
        ...(one.id.endsWith('/dot') && { sequence: "F U R U' R' F'" }),
      })),
    };
    await show({ verdict: verdictOf(wrong), whose: inMethod('ycross-two', wrong) });
    expect(host().textContent).toContain('Not so:');
    expect(host().querySelector('.untrue img')).not.toBeNull();
    expect(host().textContent).toContain(
      'After the six turns two edges have yellow on top, side by side',
    );
    expect(host().querySelectorAll('sc-crown').length).toBe(1);
    await show({ verdict: verdictOf(right) });
    expect(host().textContent).toContain('Every sentence that says something of the cube is so');
  });

  it('says why an approach cannot be tried at all', async () => {
    await show({ verdict: { trouble: 'mine/one: “Q” at character 3 is no turn' } });
    expect(host().querySelector('[role=alert]')!.textContent).toContain('“Q” at character 3');
  });
});
