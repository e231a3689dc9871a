import { keyScope } from '../../base/keys/key-scope';

/** Keys on a chart. */
export const CHART_KEYS = keyScope('On a chart', {
  on: { on: ['ArrowRight', 'ArrowDown'], shown: '→ ↓', says: 'to the next point' },
  back: { on: ['ArrowLeft', 'ArrowUp'], shown: '← ↑', says: 'to the point before' },
});
