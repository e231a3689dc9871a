import { createSelector } from '@ngrx/store';
import { DEFAULT_METHOD, type Method, methodOf, sideOfColour } from '@sleetcrest/core';
import { entryFeature } from '../cube';
import { readerFeature } from '../settings';

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
