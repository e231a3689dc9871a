import { createSelector } from '@ngrx/store';
import { DEFAULT_METHOD, type Method, methodOf, METHODS, sideOfColour } from '@sleetcrest/core';
import { entryFeature } from '../cube';
import { readerFeature } from '../settings';
import { methodsFeature } from './methods.feature';

/** The side this person solves first, on the cube in hand. */
export const selectFirstSide = createSelector(
  entryFeature.selectScheme,
  readerFeature.selectFirstColour,
  sideOfColour,
);

/** The method this person learns by, written out; the usual one where theirs cannot be read. */
export const selectMethodChosen = createSelector(
  readerFeature.selectMethod,
  (chosen): Method => methodOf(chosen) ?? DEFAULT_METHOD,
);

/** What every method is called: the named ones, and people's own. */
export const selectMethodNames = createSelector(methodsFeature.selectOwn, (own) => [
  ...METHODS.map(({ id, title }) => ({ id, title })),
  ...own.map(({ method: { id, title } }) => ({ id, title })),
]);
