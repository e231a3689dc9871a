import { chosenRooms, ROOMS, roomsOf } from './chosen.js';

describe('the rooms that are tested', () => {
  it('are all where nothing is asked for, else those that are named', () => {
    expect(chosenRooms([])).toEqual(ROOMS);
    expect(chosenRooms(['web', 'core'])).toEqual(['core', 'web']);
    expect(() => chosenRooms(['attic'])).toThrowError(/no room attic: give some of core, memory/);
  });

  it('are what changed and what stands on it', () => {
    expect(roomsOf(['core/src/index.ts'])).toEqual(ROOMS);
    expect(roomsOf(['cli/src/main.ts'])).toEqual(['cli']);
    expect(roomsOf(['web/src/main.ts', 'README.md'])).toEqual(['web', 'journeys']);
    expect(roomsOf(['contract/src/index.ts'])).not.toContain('memory');
    expect(roomsOf(['e2e/tests/learn.spec.ts'])).toEqual(['journeys']);
    expect(roomsOf(['docs/words.md'])).toEqual([]);
    // Nobody knows what a changed lock file breaks.
    expect(roomsOf(['package-lock.json'])).toEqual(ROOMS);
  });
});
