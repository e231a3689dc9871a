import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MatDialog } from '@angular/material/dialog';
import { provideState, type Store } from '@ngrx/store';
import { of } from 'rxjs';
import { openStore, until } from '../../app.spec-support';
import { FakeWork } from '../../subjects/method/work/work.spec-support';
import { MethodStore } from '../../subjects/method';
import { Work } from '../../subjects/method/work';
import { readerFeature } from '../../subjects/settings';
import { Workshop } from './workshop';
import { workshopFeature } from './workshop.feature';

describe('the Workshop', () => {
  let fixture: ComponentFixture<Workshop>;
  let store: Store;
  let work: FakeWork;
  let agreed = false;

  beforeEach(async () => {
    await TestBed.configureTestingModule({ imports: [Workshop] }).compileComponents();
    work = new FakeWork();
    const dialog = { open: () => ({ afterClosed: () => of(agreed) }) };
    ({ store } = openStore(
      provideState(workshopFeature),
      { provide: Work, useValue: work },
      { provide: MatDialog, useValue: dialog },
    ));
    fixture = TestBed.createComponent(Workshop);
    await fixture.whenStable();
    host()
      .querySelector<HTMLButtonElement>('button[aria-label="Copy and change Front right"]')!
      .click();
    await fixture.whenStable();
  });

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  async function press(name: string): Promise<void> {
    const button = [...host().querySelectorAll('button')].find((one) =>
      one.textContent.trim().startsWith(name),
    );
    button!.click();
    await fixture.whenStable();
  }
  const proof = (): string => host().querySelector('sc-proof-panel')!.textContent;
  async function says(text: RegExp): Promise<void> {
    await until(() => {
      fixture.detectChanges();
      return text.test(proof());
    });
  }
  async function write(sequence: string): Promise<void> {
    const field = host().querySelector<HTMLInputElement>('input.mono')!;
    field.value = sequence;
    field.dispatchEvent(new Event('input'));
    await fixture.whenStable();
  }

  it('proves an approach made one’s own, shows where a broken one fails, and is content when mended', async () => {
    await press('Corner swap');
    await press('Make it my own');
    await says(/Solves all 288/);
    await press('Two corners alike on one side');
    await write("x R2 D2 R U R' D2 R U' x'");
    await says(/Fails on/);
    expect(proof()).toMatch(/goes wrong here/);
    expect(host().querySelector('.stage.here')!.textContent).toContain('fails');
    await write("x R2 D2 R U R' D2 R U' R x'");
    await says(/Solves all 288/);
    expect(new Set(work.proofs)).toEqual(new Set(['my-swap-right']));
  });

  it('says why a sequence cannot be read, beside it', async () => {
    await press('Corner swap');
    await press('Make it my own');
    await write('F U Q');
    expect(host().querySelector('sc-case-form .trouble')!.textContent).toContain('“Q”');
    await says(/cannot be tried/);
    expect(host().textContent).toContain('It cannot be used yet');
  });

  it('undoes and redoes each change', async () => {
    const titles = (): string[] =>
      [...host().querySelectorAll<HTMLSelectElement>('.stage select')].map((one) => one.value);
    const before = titles();
    const choice = host().querySelectorAll<HTMLSelectElement>('.stage select')[1]!;
    choice.value = 'pairs';
    choice.dispatchEvent(new Event('change'));
    await fixture.whenStable();
    expect(titles()).not.toEqual(before);
    document.body.dispatchEvent(
      new KeyboardEvent('keydown', { key: 'z', ctrlKey: true, bubbles: true }),
    );
    await fixture.whenStable();
    expect(titles()).toEqual(before);
  });

  it('keeps a method with what is known of its proof', async () => {
    await press('Corner swap');
    await press('Make it my own');
    await says(/Solves all/);
    const kept = spyOn(TestBed.inject(MethodStore), 'keep').and.resolveTo();
    await press('Save');
    const draft = store.selectSignal(workshopFeature.selectDraft)()!;
    expect(kept.calls.allArgs()).toEqual([[{ method: draft, proof: 'proved' }]]);
  });

  it('sets an unproved method in use only when that is agreed to', async () => {
    work.endless = true;
    await press('Corner swap');
    await press('Make it my own');
    const used = (): string => {
      const method = store.selectSignal(readerFeature.selectMethod)();
      return typeof method === 'string' ? method : method.id;
    };
    await press('Use this method');
    await import('../../subjects/method/parts/unproved');
    await fixture.whenStable();
    expect(used()).toBe('gentle');
    agreed = true;
    await press('Use this method');
    await import('../../subjects/method/parts/unproved');
    await until(() => used() === 'front-right-my-way');
    agreed = false;
  });

  it('refuses a file that is no method, and changes nothing', async () => {
    const picker = host().querySelector<HTMLInputElement>('input[type=file]')!;
    const before = store.selectSignal(workshopFeature.selectDraft)();
    const offer = async (text: string): Promise<string> => {
      const files = new DataTransfer();
      files.items.add(new File([text], 'own.json'));
      picker.files = files.files;
      picker.dispatchEvent(new Event('change'));
      await until(() => {
        fixture.detectChanges();
        return host().querySelector('.trouble') !== null;
      });
      return host().querySelector('.trouble')!.textContent;
    };
    expect(await offer('{')).toContain('not JSON');
    const document = { format: 'sleetcrest/method@1', id: 'x', title: 'X', approaches: ['pairs'] };
    await offer(JSON.stringify(document));
    await until(() => {
      fixture.detectChanges();
      return /cannot come first/.test(host().querySelector('.trouble')!.textContent);
    });
    expect(store.selectSignal(workshopFeature.selectDraft)()).toBe(before);
  });
});
