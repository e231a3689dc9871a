import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import {
  applyTurns,
  COLOURS,
  cubeAfter,
  DOWN,
  knownMoves,
  methodById,
  paintedFromCube,
  solvedCube,
  turnOf,
  unseenCube,
  UP,
  writePainted,
} from '@sleetcrest/core';
import { solve } from '@sleetcrest/core/engine/run';
import { fakeSolver, openStore, press, until } from '../../../app.spec-support';
import { walkFeature, WalkPage } from '../../../subjects/walk';
import { Solver } from '../../../subjects/walk/work';
import { entryFeature, EntryPage } from '../../../subjects/cube';
import { readerFeature } from '../../../subjects/settings';
import { aRecord } from '../../../subjects/walk/walk.spec-support';
import { Entry } from './entry';

describe('the entry', () => {
  let fixture: ComponentFixture<Entry>;
  let store: Store;
  let went: unknown[][];
  const SOLVED = Array.from(paintedFromCube(solvedCube()));

  beforeEach(async () => {
    await TestBed.configureTestingModule({ imports: [Entry] }).compileComponents();
    ({ store, went } = openStore({ provide: Solver, useValue: fakeSolver() }));
    store.dispatch(EntryPage.cubeReplaced({ painted: Array.from(unseenCube()), scheme: COLOURS }));
    fixture = TestBed.createComponent(Entry);
    await fixture.whenStable();
  });

  const text = (): string => (fixture.nativeElement as HTMLElement).textContent;
  const button = (name: string): HTMLButtonElement =>
    [...(fixture.nativeElement as Element).querySelectorAll('button')].find(
      (one) => one.textContent.includes(name) || one.ariaLabel === name,
    )!;
  async function click(name: string): Promise<void> {
    button(name).click();
    await fixture.whenStable();
  }
  const replace = async (painted: number[]): Promise<void> => {
    store.dispatch(EntryPage.cubeReplaced({ painted }));
    await fixture.whenStable();
  };

  it('asks for stickers until all are there, and walks no sooner', async () => {
    expect(text()).toContain('48 stickers to paint');
    expect(button('Walk it').disabled).toBeTrue();
    await click('Start from solved');
    expect(text()).toContain('It is solved already');
    expect(button('Walk it').disabled).toBeFalse();
  });

  it('says how to hold the cube as the picture shows it, and shows it so', async () => {
    await click('Start from solved');
    expect(text().replace(/\s+/g, ' ')).toContain('white up and green in front');
    await click('Turn over');
    expect(text().replace(/\s+/g, ' ')).toContain('yellow up and blue in front');
    await click('Next side');
    // Red stays on the right when the cube is turned over, so it comes to the front.
    expect(text().replace(/\s+/g, ' ')).toContain('yellow up and red in front');
    expect(store.selectSignal(entryFeature.selectPicture)()[4]).toBe('yellow');
  });

  it('names what is wrong and what to do, and marks it as the picture is held', async () => {
    const flipped = [...SOLVED];
    [flipped[7], flipped[19]] = [flipped[19]!, flipped[7]!];
    await replace(flipped);
    expect(text()).toContain('One edge is in the wrong way up');
    expect(text()).toContain('small children');
    const marks = () =>
      (fixture.nativeElement as Element).querySelectorAll('polygon.marked').length;
    expect(marks()).toBe(2);
    await click('Turn over');
    expect(marks()).toBe(2);
  });

  it('mixes a cube that can be walked, another each time', async () => {
    await click('Mix one for me');
    const first = store.selectSignal(entryFeature.selectPainted)();
    expect(button('Walk it').disabled).toBeFalse();
    await click('Mix one for me');
    expect(store.selectSignal(entryFeature.selectPainted)()).not.toEqual(first);
  });

  it('fills in what follows, marked, and lets it be painted over', async () => {
    const part = SOLVED.map((colour, s) => (s % 9 === 4 || s > 5 ? colour : -1));
    await replace(part);
    expect(text()).toContain('This is a whole cube');
    const marks = () =>
      (fixture.nativeElement as Element).querySelectorAll('polygon.follows').length;
    expect(marks()).toBe(5);
    store.dispatch(EntryPage.stickerPainted({ sticker: 0, colour: 3, continues: false }));
    await fixture.whenStable();
    expect(marks()).toBe(0);
    expect(text()).toContain('No cube looks like this.');
    expect(text()).toContain('top, row 1, column 1');
    const offered = (fixture.nativeElement as Element).querySelectorAll('sc-suspect-panel button');
    expect(new Set(Array.from(offered, (one) => one.textContent.trim()))).toEqual(
      new Set(COLOURS.map((colour) => `It is ${colour}`)),
    );
    expect(offered[0]!.textContent).toContain('white');
    await click('It is white');
    expect(store.selectSignal(entryFeature.selectPainted)()[0]).toBe(0);
    expect(text()).toContain('This is a whole cube');
  });

  it('goes to the next suspect when one was looked at again, and tells it put together wrongly', async () => {
    const part = SOLVED.map((colour, s) => (s % 9 === 4 || s > 8 ? colour : -1));
    part[0] = 3;
    await replace(part);
    const panel = (): HTMLElement | null =>
      (fixture.nativeElement as Element).querySelector('sc-suspect-panel');
    const named = new Set<string>();
    for (let k = 0; k < 54 && panel(); k++) {
      const said = panel()!.textContent;
      expect(named.has(said)).toBeFalse();
      named.add(said);
      [...panel()!.querySelectorAll('button')].at(-1)!.click();
      await fixture.whenStable();
    }
    expect(named.size).toBeGreaterThan(0);
    expect(panel()).toBeNull();
    // That was said of this cube only.
    await replace(Array.from(unseenCube()));
    await replace(part);
    expect(panel()).not.toBeNull();
  });

  it('tells how far the cube is by every method, and one white side from a layer', async () => {
    const turned = applyTurns(solvedCube(), [turnOf(UP, 1)]);
    await replace(Array.from(paintedFromCube(turned)));
    await until(() => text().includes('In other methods'));
    expect(text()).toContain('it is not a layer yet');
    expect(text()).toContain('Next in the Gentle method: Daisy.');
    await replace(Array.from(paintedFromCube(applyTurns(solvedCube(), [turnOf(DOWN, 1)]))));
    expect(text()).toContain('Next in the Gentle method: Yellow edges.');
  });

  it('undoes and redoes by keys', async () => {
    await click('Start from solved');
    press('z', { ctrlKey: true });
    await fixture.whenStable();
    expect(text()).toContain('48 stickers to paint');
    press('Z', { ctrlKey: true, shiftKey: true });
    await fixture.whenStable();
    expect(text()).toContain('whole cube');
  });

  it('begins a walk of what is painted, under an address of its own', async () => {
    await replace(SOLVED);
    await click('Walk it to solved');
    const record = store.selectSignal(walkFeature.selectRecord)()!;
    expect(record.start).toEqual(writePainted(SOLVED, COLOURS));
    expect(record.position).toEqual({ step: 0, turn: 0 });
    expect(went).toEqual([['/bench', record.id]]);
  });

  it('leads back to the walk in hand, if there is one', async () => {
    expect(text()).not.toContain('Back to');
    store.dispatch(WalkPage.walkBegun({ record: aRecord(2) }));
    await fixture.whenStable();
    const link = (fixture.nativeElement as Element).querySelector<HTMLAnchorElement>('.resume')!;
    expect(link.textContent).toContain('Cube 2');
    expect(link.pathname).toBe(`/bench/${aRecord(2).id}`);
  });

  describe('by turns', () => {
    beforeEach(async () => {
      const toggles = (fixture.nativeElement as Element).querySelectorAll('sc-segments button');
      (toggles[3] as HTMLElement).click();
      await fixture.whenStable();
    });

    async function type(turns: string): Promise<void> {
      const field = (fixture.nativeElement as Element).querySelector('textarea')!;
      field.value = turns;
      field.dispatchEvent(new Event('input'));
      await fixture.whenStable();
    }

    it('puts the cube they lead to on the picture', async () => {
      await type("(R U R' U')6");
      expect(text()).toContain('24 turns.');
      await click('Put these turns');
      expect(store.selectSignal(entryFeature.selectPainted)()).toEqual(SOLVED);
    });

    it('says which token is wrong and leaves the picture alone', async () => {
      await type('R U3');
      expect(text()).toContain('“U3” at character 3');
      expect(button('Put these turns').disabled).toBeTrue();
      expect(store.selectSignal(entryFeature.selectPainted)()).toEqual(Array.from(unseenCube()));
    });
  });

  describe('from a file', () => {
    beforeEach(async () => {
      const toggles = (fixture.nativeElement as Element).querySelectorAll('sc-segments button');
      (toggles[4] as HTMLElement).click();
      await fixture.whenStable();
    });

    async function open(name: string, content: string): Promise<void> {
      const input = (fixture.nativeElement as Element).querySelector<HTMLInputElement>(
        '[type=file]',
      )!;
      const files = new DataTransfer();
      files.items.add(new File([content], name));
      input.files = files.files;
      input.dispatchEvent(new Event('change'));
      // The field is emptied once the file has been dealt with.
      await until(() => input.value === '');
      await fixture.whenStable();
    }

    it('opens a Cube document', async () => {
      await open('cube.json', JSON.stringify(writePainted(SOLVED, COLOURS)));
      expect(store.selectSignal(entryFeature.selectPainted)()).toEqual(SOLVED);
    });

    describe('of a walk', () => {
      const scramble = cubeAfter(knownMoves('R2 U F'));
      const solved = solve(scramble, methodById('step-up')!, DOWN);
      const document = (solved as Extract<typeof solved, { ok: true }>).value;
      const { find: _, ...older } = document.steps[0]!;

      for (const [called, walk] of [
        ['today', document],
        ['an earlier version', { ...document, format: 'sleetcrest/walkthrough@1', steps: [older] }],
      ] as const) {
        it(`shows its cube and chooses its method and first colour, as written ${called}`, async () => {
          await open('walk.json', JSON.stringify(walk));
          expect(text()).not.toContain('was not opened');
          expect(store.selectSignal(entryFeature.selectPainted)()).toEqual(
            Array.from(paintedFromCube(scramble)),
          );
          const { method, firstColour } = store.selectSignal(readerFeature.selectReaderState)();
          expect([method, firstColour]).toEqual(['step-up', 'yellow']);
          expect(text()).toContain('both are chosen here now');
        });
      }

      it('says of another method that it is to be chosen', async () => {
        await open('walk.json', JSON.stringify({ ...document, method: 'my-own' }));
        expect(text()).toContain('a method that is not built in (my-own)');
      });

      it('is refused whole where a step is not as it should be', async () => {
        const steps = [{ ...document.steps[0]!, turns: 3 }];
        await open('walk.json', JSON.stringify({ ...document, steps }));
        expect(text()).toContain('walk.json was not opened: steps.0');
        expect(store.selectSignal(entryFeature.selectPainted)()).toEqual(Array.from(unseenCube()));
      });
    });

    it('refuses anything else whole, saying what is wrong with it', async () => {
      const cube = writePainted(SOLVED, COLOURS);
      const centre = { ...cube, faces: { ...cube.faces, red: Array<string>(9).fill('blue') } };
      const wrong: [string, RegExp][] = [
        ['no json', /not a JSON file/],
        ['{"format":"sleetcrest/method@1"}', /format/],
        [JSON.stringify(centre), /faces\.red\.4: the fifth sticker of the red side/],
        ['x'.repeat(70_000), /not a JSON file/],
      ];
      for (const [content, said] of wrong) {
        await open('odd.json', content);
        expect(text()).toMatch(said);
        expect(text()).toContain('odd.json was not opened');
        expect(store.selectSignal(entryFeature.selectPainted)()).toEqual(Array.from(unseenCube()));
      }
    });
  });
});
