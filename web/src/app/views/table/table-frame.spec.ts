import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Group, Right } from '@sleetcrest/contract/accounts';
import { openStore, until } from '../../app.spec-support';
import { ForWhom } from '../../subjects/group/parts/for-whom';
import { NewPhrase } from '../../subjects/group/parts/new-phrase';
import { TableFrame } from './table-frame';
import { aGroup, groupsOf, learnerId } from './table.spec-support';
import { choiceCalled, chooseIn } from '../../ui/fields/choice.spec-support';

describe('the frame of the table', () => {
  let fixture: ComponentFixture<TableFrame>;
  let made: string[];
  let chosen: string[];
  let fails: boolean;
  let groups: ReturnType<typeof groupsOf>;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const links = (): string[] =>
    [...host().querySelectorAll('nav a')].map((one) => one.textContent.trim());

  function open(group: Group | undefined, rights?: readonly Right[]): void {
    [made, chosen, fails] = [[], [], false];
    groups = groupsOf(group);
    if (rights)
      groups.useValue.may = (right?: Right) => right !== undefined && rights.includes(right);
    groups.useValue.choose = (id?: string) => void chosen.push(id!);
    Object.assign(groups.useValue, {
      make: async (name: string) => {
        made.push(name);
        if (fails) throw new Error('Nobody answers.');
      },
    });
    openStore(groups);
    fixture = TestBed.createComponent(TableFrame);
    fixture.detectChanges();
  }
  afterEach(() => fixture.destroy());

  it('leads to what one may do in the group, and to nothing else', () => {
    const always = ['Progress', 'Plan', 'Set work', 'Learners', 'Groups'];
    for (const [rights, more] of [
      [['see'], []],
      [['see', 'plan'], ['Paper']],
      [['see', 'answer'], ['Answers']],
      [
        ['see', 'plan', 'answer', 'roster'],
        ['Answers', 'Paper'],
      ],
    ] as const) {
      open(aGroup('Amalie'), rights);
      expect(links().sort()).toEqual([...always, ...more].sort());
      fixture.destroy();
      TestBed.resetTestingModule();
    }
    open(aGroup('Amalie'));
  });

  it('chooses among several groups, and only names a single one', async () => {
    open(aGroup('Amalie'));
    expect(choiceCalled(host(), 'Group')).toBeUndefined();
    const other = { ...aGroup(), id: learnerId(77), name: 'Saturday' };
    groups.useValue.taught.set([aGroup('Amalie'), other]);
    fixture.detectChanges();
    const choice = choiceCalled(host(), 'Group')!;
    expect([...choice.options].map(({ text }) => text.trim())).toContain('Saturday');
    chooseIn(choice, other.id);
    expect(chosen).toEqual([other.id]);
  });

  it('has a coach without a group make one, and says where that failed', async () => {
    open(undefined);
    expect(text()).toContain('Your first group');
    const make = (name: string): void => {
      host().querySelector('input')!.value = name;
      host().querySelector('form')!.dispatchEvent(new Event('submit'));
    };
    make('Thursday');
    await until(() => made.length === 1);
    fails = true;
    make('Saturday');
    await until(() => {
      fixture.detectChanges();
      return text().includes('Nobody answers.');
    });
    expect(made).toEqual(['Thursday', 'Saturday']);
  });
});

describe('choosing for whom', () => {
  let fixture: ComponentFixture<ForWhom>;
  const boxes = (): HTMLInputElement[] => [
    ...(fixture.nativeElement as HTMLElement).querySelectorAll<HTMLInputElement>('input'),
  ];
  const ticked = (): boolean[] => {
    fixture.detectChanges();
    return boxes().map(({ checked }) => checked);
  };

  it('is all until somebody is chosen, and all again once nobody is', () => {
    fixture = TestBed.createComponent(ForWhom);
    fixture.componentRef.setInput('learners', aGroup('Amalie', 'Teo').learners);
    fixture.componentRef.setInput('whom', []);
    expect(ticked()).toEqual([true, false, false]);
    boxes()[2]!.click();
    expect([ticked(), fixture.componentInstance.whom()]).toEqual([
      [false, false, true],
      [learnerId(1)],
    ]);
    boxes()[1]!.click();
    expect(fixture.componentInstance.whom()).toEqual([learnerId(1), learnerId(0)]);
    boxes()[2]!.click();
    boxes()[1]!.click();
    expect(ticked()).toEqual([true, false, false]);
    boxes()[1]!.click();
    boxes()[0]!.click();
    expect(fixture.componentInstance.whom()).toEqual([]);
  });
});

describe('a new phrase', () => {
  it('is told once it is long enough, or left', async () => {
    const fixture = TestBed.createComponent(NewPhrase);
    const host = fixture.nativeElement as HTMLElement;
    const told: string[] = [];
    let left = 0;
    fixture.componentRef.setInput('name', 'Teo');
    fixture.componentInstance.told.subscribe((phrase) => told.push(phrase));
    fixture.componentInstance.left.subscribe(() => left++);
    fixture.detectChanges();
    await fixture.whenStable();
    expect(host.textContent).toContain('New passphrase for Teo');
    const [set, leave] = [...host.querySelectorAll('button')];
    const type = (phrase: string): void => {
      const field = host.querySelector('input')!;
      field.value = phrase;
      field.dispatchEvent(new Event('input'));
      fixture.detectChanges();
    };
    type('short');
    expect(set!.disabled).toBeTrue();
    type('three larches by the shore');
    expect(set!.disabled).toBeFalse();
    host.querySelector('form')!.dispatchEvent(new Event('submit'));
    leave!.click();
    expect([told, left]).toEqual([['three larches by the shore'], 1]);
  });
});
