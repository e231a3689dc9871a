import { words } from '@sleetcrest/core/words';

/** What is printed of a method, besides what its approaches say themselves. */
export const SAY = words({
  onlyWhatMatters:
    'First colour {first}. Only what matters is painted; a sticker struck through is any colour but that one.',
  goOnWhen: 'Go on when: {goal}',
  find: 'Find',
  hold: 'Hold',
  holdSo: '{up} on top; the front, here {front}, as in the picture',
  look: 'Look',
  turn: 'Turn',
  turnThese:
    '{lineUp, select, yes {{times, plural, =1 {Line up, then these:} other {Line up, then these, # times:}}} other {{times, plural, =1 {These:} other {These, # times:}}}}',
  dependsOnTheCube: 'The turns depend on the cube: the walkthrough finds the shortest.',
  onlyLineUp: 'Lining up is all there is to do.',
  say: 'Say',
  saying: '{name}: {words}',
  why: 'Why',
  whatToLookAt: '{stage}: what to look at',
  figures:
    '{mean} looks on average, {worst} at most, {sight, select, ahead {on top, in front and on the right} other {all round}}. Read down: what is seen decides which line comes next.',
  place: '{place}:',
  seen: '{seen}: ',
  rare: 'anything else is rare: go through the cases',
  caseAfterTurning:
    '{turned, plural, =0 {{title}} =1 {Turn the whole cube a quarter to the left. {title}} =2 {Turn the whole cube half way round. {title}} other {Turn the whole cube a quarter to the right. {title}}}',
  foot: '{title} · first colour {first} · made with Sleetcrest',
  pageOf: '{page, number} of {count, number}',
  noSuchStage: '{method} has no stage {stage}',
  noSuchMethod: 'no method is called {method}',
  takesTooLong: 'it takes too long to print; print a stage of it, or try again later',
});
