import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Work, WriteNote } from '@sleetcrest/contract/table';
import { randomCube, randomFrom, writeCubeDocument } from '@sleetcrest/core';
import { openStore, until } from '../../../app.spec-support';
import { TableApi } from '../../../subjects/group';
import { aGroup, groupsOf, learnerId } from '../table.spec-support';
import { WorkView } from './work-view';

const ID = '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e4';
const aQuestion = (k: number, change: Partial<Work> = {}): Work => ({
  id: `${ID}0${k}`,
  group: `${ID}99`,
  groupName: 'Thursday',
  words: `What now, ${k}?`,
  learner: { id: learnerId(k), name: `Learner ${k}` },
  handed: {
    what: 'question',
    cube: writeCubeDocument(randomCube(randomFrom(k))),
  },
  handedAt: '2026-11-25T18:00:00.000Z',
  markedAt: null,
  unread: true,
  notes: [],
  ...change,
});

describe('what was handed in', () => {
  let fixture: ComponentFixture<WorkView>;
  let all: Work[];
  let wrote: WriteNote[];
  /** Whether nobody answers what is written. */
  let isAway: boolean;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const seen = (what: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return what();
    });
  const changed = async (id: string, change: Partial<Work>): Promise<Work> => {
    all = all.map((one) => (one.id === id ? { ...one, ...change } : one));
    return all.find((one) => one.id === id)!;
  };

  async function open(own: boolean): Promise<void> {
    [all, wrote] = [[aQuestion(1), aQuestion(2, { unread: false })], []];
    isAway = false;
    openStore(groupsOf(aGroup('Learner 1', 'Learner 2')), {
      provide: TableApi,
      useValue: {
        work: async () => all,
        ownWork: async () => all,
        readWork: (id: string) => changed(id, { unread: false }),
        markWork: (id: string, marked: boolean) =>
          changed(id, { markedAt: marked ? '2026-11-26T10:00:00.000Z' : null }),
        writeOn: async (id: string, note: WriteNote) => {
          wrote.push(note);
          if (isAway) throw new Error('Nobody answers just now.');
          const { place, words } = note;
          const written = { id: note.id, by: 'Runa', byLearner: false, place, words };
          return changed(id, { notes: [{ ...written, writtenAt: '2026-11-26T10:00:00.000Z' }] });
        },
      },
    });
    fixture = TestBed.createComponent(WorkView);
    fixture.componentRef.setInput('own', own);
    await seen(() => host().querySelectorAll('.work').length === 2);
  }
  afterEach(() => fixture.destroy());
  const first = (): HTMLButtonElement => host().querySelector('.work')!;
  const field = (): HTMLTextAreaElement => host().querySelector('textarea')!;
  const type = (words: string): void => {
    field().value = words;
    field().dispatchEvent(new Event('input'));
    fixture.detectChanges();
  };
  const send = (): void => void host().querySelector('form')!.dispatchEvent(new Event('submit'));

  it('is new until it is looked at; then it has been read', async () => {
    await open(false);
    expect(first().textContent).toContain('new');
    first().click();
    await seen(() => !first().classList.contains('unread'));
    expect(text()).toContain('What now, 1?');
    expect(host().querySelector('sc-crown')).not.toBeNull();
  });

  it('is answered and marked by a coach', async () => {
    await open(false);
    first().click();
    await seen(() => host().querySelector('textarea') !== null);
    type('Turn the top until it matches.');
    send();
    await seen(() => text().includes('Turn the top until it matches.'));
    expect(wrote[0]!.place).toEqual({ turn: null, stage: null });
    const mark = [...host().querySelectorAll('button')].find((one) =>
      one.textContent.includes('Mark as answered'),
    )!;
    mark.click();
    await seen(() => text().includes('Not answered after all'));
  });

  it('is not marked by a learner, who sees their own', async () => {
    await open(true);
    first().click();
    await seen(() => text().includes('What now, 1?'));
    expect(text()).not.toContain('Mark as answered');
    expect(first().textContent).toContain('Thursday');
  });

  it('keeps what is written until it was heard, and sends it again as the same', async () => {
    await open(false);
    first().click();
    await seen(() => host().querySelector('textarea') !== null);
    isAway = true;
    type('Look at the top first.');
    send();
    await seen(() => text().includes('Nobody answers just now.'));
    await fixture.whenStable();
    expect(field().value).toBe('Look at the top first.');
    isAway = false;
    send();
    await seen(() => host().querySelector('ol')!.textContent.includes('Look at the top first.'));
    await seen(() => field().value === '');
    expect(wrote.map(({ id }) => id)).toEqual([wrote[0]!.id, wrote[0]!.id]);
    type('And then the front.');
    send();
    await seen(() => wrote.length === 3);
    expect(wrote[2]!.id).not.toBe(wrote[0]!.id);
  });

  it('leaves what is written with the work it was meant for', async () => {
    await open(false);
    const [one, other] = [...host().querySelectorAll<HTMLButtonElement>('.work')];
    one!.click();
    await seen(() => host().querySelector('textarea') !== null);
    type('For the first alone');
    other!.click();
    await seen(() => text().includes('What now, 2?'));
    await seen(() => field().value === '');
    send();
    expect(wrote).toEqual([]);
    one!.click();
    await seen(() => field().value === 'For the first alone');
  });
});
