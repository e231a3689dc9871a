import { keyScope } from '../../../base/keys/key-scope';

/** Keys on a walk. */
export const WALK_KEYS = keyScope('Walking', {
  next: { on: ['ArrowRight'], shown: '→', says: 'next turn' },
  back: { on: ['ArrowLeft'], shown: '←', says: 'turn back' },
  stepNext: { on: ['ArrowDown', 'Shift+ArrowRight'], shown: '↓, Shift →', says: 'next step' },
  stepBack: { on: ['ArrowUp', 'Shift+ArrowLeft'], shown: '↑, Shift ←', says: 'step back' },
  play: { on: ['Space'], shown: 'Space', says: 'play or pause' },
  stage: { on: ['([1-9])'], shown: '1 … 9', says: 'go to that stage' },
});
