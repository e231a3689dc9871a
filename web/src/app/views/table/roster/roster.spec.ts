import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Invitation, Right } from '@sleetcrest/contract/accounts';
import type { AddLearners } from '@sleetcrest/contract/table';
import { openStore, pressNotice, until } from '../../../app.spec-support';
import { GroupApi, TableApi } from '../../../subjects/group';
import { aGroup, groupsOf, learnerId } from '../table.spec-support';
import { Roster } from './roster';
import { choiceCalled, chooseIn } from '../../../ui/fields/choice.spec-support';

describe('who belongs to a group', () => {
  let fixture: ComponentFixture<Roster>;
  let asked: unknown[][];
  let codes: Invitation[];
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const shown = (name: string): HTMLButtonElement | undefined =>
    [...host().querySelectorAll('button')].find((one) => one.textContent.trim().startsWith(name));
  const button = (name: string): HTMLButtonElement => shown(name)!;
  const seen = (what: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return what();
    });

  beforeEach(async () => {
    asked = [];
    codes = [];
    const noted =
      (name: string, answer: unknown) =>
      async (...given: unknown[]) => {
        asked.push([name, ...given.slice(1)]);
        return answer;
      };
    const groups = groupsOf(aGroup('Amalie'));
    Object.assign(groups.useValue, {
      leave: noted('leave', undefined),
      change: noted('change', undefined),
    });
    openStore(
      groups,
      { provide: TableApi, useValue: { calendars: async () => [] } },
      {
        provide: GroupApi,
        useValue: {
          setPhrase: async (learner: string, phrase: string) => {
            asked.push(['phrase', learner, phrase]);
          },
          checkNames: noted('check', { taken: [{ name: 'Odd', free: 'Odd 2' }] }),
          addLearners: async (_: string, { learners }: AddLearners) => {
            asked.push(['add', learners.map(({ name }) => name)]);
            return {
              slips: learners.map((one) => ({ ...one, phrase: 'apple arrow attic badge' })),
            };
          },
          invite: async (_: string, rights: Right[]) => {
            asked.push(['invite', rights]);
            const code = { code: 'HJKMNPRT', rights, until: '2026-11-29T10:00:00.000Z' };
            codes = [code];
            return code;
          },
          invitations: async () => codes,
          withdraw: async (_: string, code: string) => {
            asked.push(['withdraw', code]);
            codes = [];
          },
        },
      },
    );
    fixture = TestBed.createComponent(Roster);
    await seen(() => text().includes('1 learner'));
  });
  afterEach(() => fixture.destroy());

  async function paste(names: string): Promise<void> {
    const field = host().querySelector('textarea')!;
    field.value = names;
    field.dispatchEvent(new Event('input'));
    await seen(() => !button('Check the list').disabled);
    button('Check the list').click();
    await seen(() => host().querySelector('.found') !== null);
  }

  it('shows what is in a list before anybody is added, and adds only what is good', async () => {
    await paste('Teo\nOdd\nAmalie\nUna');
    await seen(() => text().includes('already in use'));
    const rows = [...host().querySelectorAll('.found li')].map((row) =>
      row.textContent.replace(/\s+/g, ' ').trim(),
    );
    expect(rows[0]).toContain('will be added');
    expect(rows[1]).toContain('is a name already in use');
    expect(rows[2]).toContain('belongs to this group already');
    button('Use “Odd 2”').click();
    await seen(() => shown('Add 3 learners') !== undefined);
    button('Add 3 learners').click();
    await seen(() => text().includes('Print these now'));
    expect(asked.at(-1)).toEqual(['add', ['Teo', 'Odd 2', 'Una']]);
  });

  it('has a slip to print for each, with a code that opens the page, told this once', async () => {
    await paste('Teo');
    await seen(() => shown('Add 1 learner') !== undefined);
    button('Add 1 learner').click();
    await seen(() => host().querySelector('.slips svg') !== null);
    const slip = host().querySelector('.slips article')!.textContent;
    expect(slip).toContain('Teo');
    expect(slip).toContain('apple arrow attic badge');
    expect(slip).toContain('/sign-in');
    button('I have printed them').click();
    await seen(() => text().includes('1 learner'));
    expect(text()).not.toContain('apple arrow');
  });

  it('asks another coach to help with the rights that are ticked', async () => {
    button('Make a code').click();
    await seen(() => text().includes('HJKMNPRT'));
    expect(asked.at(-1)).toEqual(['invite', ['plan', 'answer']]);
    button('Withdraw').click();
    await seen(() => !text().includes('HJKMNPRT'));
    expect(asked.at(-1)).toEqual(['withdraw', 'HJKMNPRT']);
  });

  it('takes a learner out once that is said twice', async () => {
    button('Remove').click();
    fixture.detectChanges();
    expect(asked).toEqual([]);
    await pressNotice('Remove', () => fixture.detectChanges());
    await seen(() => asked.length === 1);
    expect(asked[0]).toEqual(['leave', learnerId(0)]);
  });

  it('sets a new phrase that is long enough, or leaves it as it is', async () => {
    const type = async (phrase: string): Promise<void> => {
      button('New passphrase').click();
      await seen(() => host().querySelector('[name=phrase]') !== null);
      const field = host().querySelector<HTMLInputElement>('[name=phrase]')!;
      field.value = phrase;
      field.dispatchEvent(new Event('input'));
      fixture.detectChanges();
    };
    await type('too short');
    expect(button('Set it').disabled).toBeTrue();
    button('Leave it as it is').click();
    await seen(() => host().querySelector('[name=phrase]') === null);
    await type('a lamp in the hall');
    button('Set it').click();
    await seen(() => asked.length === 1 && host().querySelector('[name=phrase]') === null);
    expect(asked[0]).toEqual(['phrase', learnerId(0), 'a lamp in the hall']);
  });

  it('changes how the group learns, and puts it away', async () => {
    chooseIn(choiceCalled(host(), 'Time zone')!, 'Europe/Oslo');
    await seen(() => asked.length === 1);
    expect(asked[0]).toEqual(['change', { zone: 'Europe/Oslo' }]);
    await seen(() => !button('Archive').disabled);
    button('Archive').click();
    await seen(() => asked.length === 2);
    expect(asked[1]).toEqual(['change', { archived: true }]);
  });
});
