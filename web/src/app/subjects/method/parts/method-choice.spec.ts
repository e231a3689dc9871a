import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MatDialog } from '@angular/material/dialog';
import type { SavedMethod } from '@sleetcrest/contract';
import { methodById } from '@sleetcrest/core';
import { approachById, type PatternApproach } from '@sleetcrest/core/teaching/approaches';
import { of } from 'rxjs';
import { openStore, until } from '../../../app.spec-support';
import { copied } from '../../settings';
import { MethodChoice, type MethodChosen } from './method-choice';
import { MethodsApi } from '../methods-api';

const builtIn = approachById('ycross-repeat') as PatternApproach;
const OWN_CROSS = { ...builtIn, id: 'my-cross' };

const own = (id: string, proof: SavedMethod['proof']): SavedMethod => ({
  method: {
    ...(copied(methodById('gentle')!) as SavedMethod['method']),
    id,
    title: `Method ${id}`,
    approaches: methodById('gentle')!.approaches.map((one) =>
      one === 'ycross-repeat' ? OWN_CROSS : one,
    ) as SavedMethod['method']['approaches'],
  },
  proof,
  createdAt: '2026-11-05T18:30:00.000Z',
  updatedAt: '2026-11-05T18:30:00.000Z',
});

describe('the choice of a method', () => {
  let fixture: ComponentFixture<MethodChoice>;
  let chosen: MethodChosen[];
  let agreed: boolean;
  let asked: number;

  beforeEach(async () => {
    asked = 0;
    const dialog = {
      open: () => {
        asked++;
        return { afterClosed: () => of(agreed) };
      },
    };
    openStore(
      { provide: MatDialog, useValue: dialog },
      {
        provide: MethodsApi,
        useValue: {
          list: async () => [
            own('sure', 'proved'),
            own('rough', 'failing'),
            own('new', 'unproved'),
          ],
        },
      },
    );
    fixture = TestBed.createComponent(MethodChoice);
    fixture.componentRef.setInput('value', 'gentle');
    chosen = [];
    fixture.componentInstance.chosen.subscribe((method) => chosen.push(method));
    await fixture.whenStable();
  });

  const select = (): HTMLSelectElement =>
    (fixture.nativeElement as Element).querySelector('select')!;
  async function choose(id: string): Promise<void> {
    select().value = id;
    select().dispatchEvent(new Event('change'));
    await import('./unproved');
    await fixture.whenStable();
  }

  it('offers the six named methods and those made here', () => {
    const offered = [...select().options].map(({ value }) => value);
    expect(offered).toEqual([
      'gentle',
      'side-match',
      'white-up',
      'front-right',
      'five-beat',
      'step-up',
      'sure',
      'rough',
      'new',
    ]);
  });

  it('gives a named one by its id, a proved one written out, without a question', async () => {
    await choose('step-up');
    await choose('sure');
    expect(chosen[0]).toBe('step-up');
    expect((chosen[1] as { title: string }).title).toBe('Method sure');
    expect(asked).toBe(0);
  });

  it('asks plainly before one that fails or is not proved, and stays as it was if declined', async () => {
    agreed = false;
    await choose('rough');
    await until(() => asked === 1);
    await choose('new');
    await until(() => asked === 2);
    await fixture.whenStable();
    expect([chosen.length, select().value]).toEqual([0, 'gentle']);
    agreed = true;
    await choose('rough');
    await until(() => chosen.length === 1);
  });

  it('shows a method in use that the server did not tell of', async () => {
    const method = own('elsewhere', 'proved').method;
    fixture.componentRef.setInput('value', method);
    await fixture.whenStable();
    expect(select().value).toBe('elsewhere');
  });
});
