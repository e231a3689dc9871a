import { type ComponentFixture, TestBed } from '@angular/core/testing';
import {
  COLOURS,
  type Hold,
  HOME_HOLD,
  SIDES,
  turnHold,
  turnInHold,
  turnOf,
  TURNS,
  writeMove,
} from '@sleetcrest/core';
import { openStore } from '../../app.spec-support';
import { DevicePanel } from './device-panel';

describe('the hands of the simulated cube', () => {
  let fixture: ComponentFixture<DevicePanel>;
  let turned: number[];

  async function show(hold: Hold): Promise<void> {
    openStore();
    fixture = TestBed.createComponent(DevicePanel);
    fixture.componentRef.setInput('scheme', COLOURS);
    fixture.componentRef.setInput('hold', hold);
    fixture.componentRef.setInput('dialect', 'prime');
    turned = [];
    fixture.componentInstance.turned.subscribe((turn) => turned.push(turn));
    await fixture.whenStable();
  }

  const buttons = (): HTMLButtonElement[] => [
    ...(fixture.nativeElement as Element).querySelectorAll<HTMLButtonElement>('.side button'),
  ];

  it('turn each side of the cube itself, both ways', async () => {
    await show(HOME_HOLD);
    for (const button of buttons()) button.click();
    const all = SIDES.flatMap((side) => [turnOf(side, 1), turnOf(side, 3)]);
    expect(turned).toEqual(all);
  });

  it('are named by where a side lies in the hand, and by its colour for those who hear', async () => {
    const hold = turnHold(HOME_HOLD, 0, 2);
    await show(hold);
    buttons().forEach((button, k) => {
      // The turn that the name says in this hold is the turn that is done.
      const move = TURNS.find((turn) => writeMove(turn, 'prime') === button.textContent.trim())!;
      button.click();
      expect(turned[k]).toBe(turnInHold(hold, move));
    });
    expect(buttons()[0]!.ariaLabel).toBe('white side clockwise');
  });
});
