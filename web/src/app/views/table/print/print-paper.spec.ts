import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { AskPrint, PrintJob } from '@sleetcrest/contract/table';
import { openStore, until } from '../../../app.spec-support';
import { TableApi } from '../../../subjects/group';
import { aGroup, groupsOf, learnerId } from '../table.spec-support';
import { PrintPaper } from './print-paper';

describe('paper to hand out', () => {
  let fixture: ComponentFixture<PrintPaper>;
  let jobs: PrintJob[];
  let asked: AskPrint[];
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const shown = (name: string): HTMLButtonElement | undefined =>
    [...host().querySelectorAll('button')].find((one) => one.textContent.trim() === name);
  const button = (name: string): HTMLButtonElement => shown(name)!;
  const seen = (what: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return what();
    });

  beforeEach(async () => {
    [jobs, asked] = [[], []];
    openStore(groupsOf(aGroup('Amalie', 'Teo')), {
      provide: TableApi,
      useValue: {
        prints: async () => jobs.map((job) => ({ ...job })),
        print: async (_: string, given: AskPrint) => {
          asked.push(given);
          const { id, kind, day } = given;
          jobs.push({
            id,
            kind,
            day,
            state: 'working',
            done: 1,
            of: 2,
            askedAt: '2026-11-26T18:00:00.000Z',
          });
        },
        removePrint: async (_: string, id: string) => {
          jobs = jobs.filter((job) => job.id !== id);
        },
      },
    });
    fixture = TestBed.createComponent(PrintPaper);
    await seen(() => text().includes('Nothing yet.'));
  });
  afterEach(() => fixture.destroy());

  it('is made while one does other things: how far it is, and then the file', async () => {
    button('Make it').click();
    await seen(() => text().includes('1 of 2'));
    expect(asked[0]).toEqual(jasmine.objectContaining({ kind: 'pack', paper: 'A4', for: null }));
    expect(host().querySelector('mat-progress-bar')).not.toBeNull();
    jobs[0]!.state = 'done';
    await seen(() => shown('Download') !== undefined);
    expect(text()).toContain('2 learners');
  });

  it('is for some alone, and is cancelled', async () => {
    const teo = [...host().querySelectorAll('mat-checkbox')].find((one) =>
      one.textContent.includes('Teo'),
    )!;
    teo.querySelector('input')!.click();
    await seen(() => true);
    button('Make it').click();
    await seen(() => shown('Cancel') !== undefined);
    expect(asked[0]!.for).toEqual([learnerId(1)]);
    button('Cancel').click();
    await seen(() => text().includes('Nothing yet.'));
  });

  it('says where it could not be made', async () => {
    button('Make it').click();
    await seen(() => jobs.length === 1);
    jobs[0]!.state = 'failed';
    await seen(() => text().includes('It could not be made.'));
  });
});
