import { HttpErrorResponse } from '@angular/common/http';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import type { Handout } from '@sleetcrest/contract';
import { MethodsApi } from '../../subjects/method';
import { openStore, until } from '../../app.spec-support';
import { HandoutDialog } from './handout-dialog';

describe('the dialog for a handout', () => {
  let fixture: ComponentFixture<HandoutDialog>;
  let asked: Handout[];
  let answer: () => Promise<Blob>;
  let closed: number;

  beforeEach(async () => {
    asked = [];
    closed = 0;
    const api = {
      handout: (handout: Handout) => {
        asked.push(handout);
        return answer();
      },
    };
    openStore(
      { provide: MethodsApi, useValue: api },
      { provide: MAT_DIALOG_DATA, useValue: { method: 'gentle', stage: 'corners' } },
      { provide: MatDialogRef, useValue: { close: () => closed++ } },
    );
    fixture = TestBed.createComponent(HandoutDialog);
    await fixture.whenStable();
  });

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  async function choose(label: string, value: string): Promise<void> {
    const field = [...host().querySelectorAll('sc-choice')].find((one) =>
      one.textContent.trim().startsWith(label),
    )!;
    const select = field.querySelector('select')!;
    select.value = value;
    select.dispatchEvent(new Event('change'));
    await fixture.whenStable();
  }
  async function make(): Promise<void> {
    const button = [...host().querySelectorAll('button')].find((one) =>
      one.textContent.includes('Make the PDF'),
    )!;
    button.click();
    await until(() => {
      fixture.detectChanges();
      return !button.disabled;
    });
  }

  it('asks for the stage one came from, as one reads', async () => {
    answer = async () => new Blob(['%PDF']);
    await make();
    expect(asked).toEqual([
      jasmine.objectContaining({
        method: 'gentle',
        stage: 'corners',
        paper: 'A4',
        dialect: 'prime',
        firstColour: 'white',
        ink: 'colour',
      }),
    ]);
    expect(closed).toBe(1);
  });

  it('asks for anything else that is chosen', async () => {
    answer = async () => new Blob(['%PDF']);
    await choose('What', 'whole');
    await choose('Paper', 'LETTER');
    await choose('Turns', 'words');
    await choose('First', 'green');
    await choose('Ink', 'letters');
    expect(host().textContent).toContain('copied in black and white');
    await make();
    const { stage, paper, dialect, firstColour, ink } = asked[0]!;
    expect([stage, paper, dialect, firstColour, ink]).toEqual([
      null,
      'LETTER',
      'words',
      'green',
      'letters',
    ]);
  });

  it('stays open and says why when there is no file', async () => {
    answer = async () => {
      throw new HttpErrorResponse({ status: 503 });
    };
    await make();
    expect(host().querySelector('[role=alert]')!.textContent).toContain('cannot be reached');
    expect(closed).toBe(0);
  });
});
