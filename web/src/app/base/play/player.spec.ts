import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { until } from '../../app.spec-support';
import { player, type Player, type Plays } from './player';

describe('what is played turn by turn', () => {
  const turns = signal<readonly string[]>([]);
  let paused: number[];
  let played: Player;

  const make = (more: Partial<Plays> = {}): void => {
    turns.set(['R', 'U', 'F']);
    paused = [];
    const pause = (done: number): number => {
      paused.push(done);
      return 1;
    };
    played = TestBed.runInInjectionContext(() => player(turns, { pause, ...more }));
    TestBed.tick();
  };
  const seen = (what: () => boolean): Promise<void> =>
    until(() => {
      TestBed.tick();
      return what();
    });

  it('goes to its end and stops there, with a pause before each turn', async () => {
    make({ begins: () => true });
    expect(played.plays()).toBe(1);
    await seen(() => played.isAtEnd() && played.plays() === 0);
    expect(paused).toEqual([0, 1, 2]);
  });

  it('begins anew from its end, and goes back from the end', async () => {
    make();
    played.go(3);
    played.play();
    expect(played.at()).toBe(0);
    played.pause();
    played.play(-1);
    expect(played.at()).toBe(3);
    await seen(() => played.at() === 0 && played.plays() === 0);
  });

  it('stays within its turns by hand, and plays no more then', () => {
    make({ begins: () => true });
    played.step(9);
    expect([played.at(), played.plays()]).toEqual([3, 0]);
    played.step(-9);
    expect(played.at()).toBe(0);
  });

  it('begins with other turns where it is told to', () => {
    make({ from: () => 1 });
    played.step(1);
    expect(played.at()).toBe(2);
    turns.set(['D']);
    expect(played.at()).toBe(1);
  });
});
