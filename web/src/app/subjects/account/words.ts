import { words } from '../../base/words/say';

export const SAY = words({
  theGroupOfLearners: 'the group of {learners, plural, one {# learner} other {# learners}}',
  plannedSessions: '{planned, plural, one {# planned session} other {# planned sessions}}',
  tasks: '{tasks, plural, one {# task} other {# tasks}}',
  piecesOfWorkThatOthers:
    '{pieces, plural, one {# piece} other {# pieces}} of work that others handed in',
  commentsOnWork: '{comments, plural, one {# comment} other {# comments}} on work',
  withItGoes: 'With it goes: {parts}.',
});
