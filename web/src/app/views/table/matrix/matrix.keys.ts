import { keyScope } from '../../../base/keys/key-scope';

/** Keys on a row of the matrix. */
export const MATRIX_KEYS = keyScope('On the progress table', {
  on: { on: ['ArrowRight'], shown: '→', says: 'along a row, what each standing rests on' },
  back: { on: ['ArrowLeft'], shown: '←', says: 'back along it' },
});
