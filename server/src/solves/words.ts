import { words } from '@sleetcrest/core/words';

/** What is said of cubes that are kept. */
export const SAY = words({
  idOfAnother: 'Another cube is kept under this id; make a new id.',
  notKept: 'No cube is kept under this id; it may have been deleted.',
  beyondEnd:
    'this solve has {steps, plural, one {one step} other {# steps}}, and at its end no turn is left',
});
