import { type ComponentFixture, TestBed } from '@angular/core/testing';
import {
  approachById,
  type Case,
  type PatternApproach,
} from '@sleetcrest/core/teaching/approaches';
import { openStore } from '../../app.spec-support';
import { CaseForm, type CaseChange } from './case-form';
import { stickerName } from '@sleetcrest/core/engine/draft';

const approach = approachById('face-two') as PatternApproach;

describe('the form of a case', () => {
  let fixture: ComponentFixture<CaseForm>;
  let value: Case;

  beforeEach(async () => {
    openStore();
    fixture = TestBed.createComponent(CaseForm);
    fixture.componentRef.setInput('approach', approach);
    await show(approach.cases[0]!);
    fixture.componentInstance.changed.subscribe(({ update }) => {
      value = update(value);
      fixture.componentRef.setInput('value', value);
    });
  });

  async function show(one: Case): Promise<void> {
    value = one;
    fixture.componentRef.setInput('value', one);
    await fixture.whenStable();
  }
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const sticker = (name: string): Element => {
    const number = Array.from({ length: 54 }, (_, k) => k).find((k) => stickerName(k) === name)!;
    return host().querySelector(`[data-sticker="${number}"]`)!;
  };
  async function paint(name: string, key: string): Promise<void> {
    sticker(name).dispatchEvent(
      new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }),
    );
    await fixture.whenStable();
  }
  async function press(name: string): Promise<void> {
    const button = [...host().querySelectorAll('button')].find(
      (one) => one.textContent.trim() === name,
    )!;
    button.click();
    await fixture.whenStable();
  }
  async function set(label: string, text: string, event: string): Promise<void> {
    const field = [...host().querySelectorAll('mat-form-field')].find((one) =>
      one.querySelector('mat-label')!.textContent.startsWith(label),
    )!;
    const input = field.querySelector<HTMLInputElement>('input, select, textarea')!;
    input.value = text;
    input.dispatchEvent(new Event(event));
    await fixture.whenStable();
  }

  it('shows what is asked of each sticker, in words where it is less than a colour', () => {
    expect(sticker('UFL.U').getAttribute('aria-label')).toContain('yellow');
    expect(sticker('UBR.U').getAttribute('aria-label')).toContain('not Y');
    expect(host().querySelectorAll('.note').length).toBe(3);
  });

  it('paints by the role of a colour: green is whatever is in front', async () => {
    await paint('UFR.F', 'g');
    expect((value.seen as Record<string, unknown>)['UFR.F']).toBe('front');
    await paint('UFR.F', '0');
    expect('UFR.F' in (value.seen as object)).toBeFalse();
    await press('any side colour');
    await paint('UFR.R', 'Enter');
    expect((value.seen as Record<string, unknown>)['UFR.R']).toBe('side');
  });

  it('loses no stroke of those that come before the page is drawn again', async () => {
    const changes: CaseChange[] = [];
    fixture.componentInstance.changed.subscribe((change) => changes.push(change));
    const strokes = ['UF.U', 'UR.U', 'UB.U'].map(sticker);
    for (const one of strokes) {
      one.dispatchEvent(new KeyboardEvent('keydown', { key: 'y', bubbles: true }));
    }
    await fixture.whenStable();
    const end = changes.reduce((one, { update }) => update(one), approach.cases[0]!);
    expect(Object.keys(end.seen)).toEqual(jasmine.arrayContaining(['UF.U', 'UR.U', 'UB.U']));
  });

  it('says what cannot be read in a sequence, at its place', async () => {
    await set('Sequence', 'R U Q', 'input');
    expect(host().querySelector('.trouble')!.textContent).toContain('“Q” at character 5');
    await set('Sequence', 'R U', 'input');
    expect(host().querySelector('.trouble')).toBeNull();
    expect(value.sequence).toBe('R U');
  });

  it('keeps numbers within what makes sense', async () => {
    await set('Times', '99', 'change');
    await set('Order', '-3', 'change');
    expect([value.times, value.rank]).toEqual([12, 0]);
    await set('Times', 'many', 'change');
    expect(value.times).toBe(1);
  });

  it('lines a layer up or not', async () => {
    await set('Line up', 'U', 'change');
    expect(value.lineUp!.layer).toBe('U');
    await set('Line up', '', 'change');
    expect('lineUp' in value).toBeFalse();
  });

  it('has a case seen in several ways, each painted by itself', async () => {
    await press('Or seen another way …');
    expect((value.seen as unknown[]).length).toBe(2);
    await paint('UFR.R', 'w');
    const [first, second] = value.seen as Record<string, unknown>[];
    expect(['UFR.R' in first!, second!['UFR.R']]).toEqual([false, 'first']);
    await press('Remove this way');
    expect(value.seen).toEqual(first as never);
  });

  it('holds the case a quarter further', async () => {
    await press('Hold it a quarter further');
    expect((value.seen as Record<string, unknown>)['UFR.U']).toBe('opposite');
    expect((value.seen as Record<string, unknown>)['UBR.R']).toBe('opposite');
  });
});
