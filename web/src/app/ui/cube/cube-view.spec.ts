import { type ComponentFixture, TestBed } from '@angular/core/testing';
import {
  applyTurn,
  COLOURS,
  copyCube,
  HOME_HOLD,
  solvedCube,
  SWATCHES,
  turnHold,
  TURNS,
} from '@sleetcrest/core';
import { openStore, until } from '../../app.spec-support';
import { CubeView } from './cube-view';
import { CubeScene } from './scene';

describe('the turning cube', () => {
  let fixture: ComponentFixture<CubeView>;
  let done: string[];

  async function open(): Promise<void> {
    openStore();
    fixture = TestBed.createComponent(CubeView);
    for (const [name, value] of Object.entries({
      cube: solvedCube(),
      hold: HOME_HOLD,
      scheme: COLOURS,
      swatches: SWATCHES,
    })) {
      fixture.componentRef.setInput(name, value);
    }
    const host = fixture.nativeElement as HTMLElement;
    await until(() => done.length > 0 || host.textContent.includes('cannot draw'));
  }

  async function set(inputs: Record<string, unknown>): Promise<void> {
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    await fixture.whenStable();
  }

  beforeEach(() => {
    done = [];
    spyOn(window, 'matchMedia').and.returnValue({ matches: false } as MediaQueryList);
    spyOn(CubeScene.prototype, 'show').and.callFake(() => done.push('show'));
    spyOn(CubeScene.prototype, 'turn').and.callFake((turn: number) => done.push(`turn ${turn}`));
    spyOn(CubeScene.prototype, 'rehold').and.callFake(() => done.push('rehold'));
  });

  it('animates a single turn and a new hold, and shows anything else at once', async () => {
    await open();
    expect(done).toEqual(['show']);
    const turned = copyCube(solvedCube());
    applyTurn(turned, TURNS[4]!);
    await set({ cube: turned });
    await set({ hold: turnHold(HOME_HOLD, 1, 1) });
    const far = copyCube(turned);
    [0, 7, 12].forEach((turn) => applyTurn(far, TURNS[turn]!));
    await set({ cube: far });
    await set({ letters: true });
    expect(done).toEqual(['show', 'turn 4', 'rehold', 'show', 'show']);
  });

  it('moves nothing for those who asked for less motion', async () => {
    (window.matchMedia as jasmine.Spy).and.returnValue({ matches: true });
    await open();
    await set({ hold: turnHold(HOME_HOLD, 1, 1) });
    expect(done).toEqual(['show', 'show']);
  });

  it('says so where it cannot be drawn', async () => {
    spyOn(HTMLCanvasElement.prototype, 'getContext').and.returnValue(null);
    spyOn(console, 'error');
    await open();
    expect((fixture.nativeElement as Element).textContent).toContain(
      'cannot draw the turning cube',
    );
  });
});
