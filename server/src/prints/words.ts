import { words } from '@sleetcrest/core/words';

/** What is said of pages that are printed for a group, and on them. */
export const SAY = words({
  notOfThisGroup: 'somebody in it is no learner of this group',
  notYet: 'It is not made yet; wait for it.',
  noSuchPrint: 'Nothing that was printed is known by this id; it is kept for a day.',

  titleOfPage: '{learner}, {group}',
  groupAndDay: '{group}, {day}',
  foot: '{learner} · {group} · {day}',
  pageOf: '{page, number} of {count, number}',

  caseGone: 'a case that is not there any more',
  whatIsSure: 'What is sure',
  nothingLearned: 'Nothing learned yet; it will come.',
  nothingLearnedUnderWay: 'Nothing learned yet; it will come. Under way: {open}.',
  sure: 'Sure: {sure}.',
  sureAndUnderWay: 'Sure: {sure}. Under way: {open}.',
  nothingOpen: 'Nothing is open: solve whole cubes, and look ahead.',
  toPractiseFirst: 'To practise first',
  andThen: 'And then',
  lookFirst: 'Look first',
  look: '{place}: {seen}',
  setItUp: 'Set it up',
  fromSolved: 'From solved, white up and green in front, one of these:',
  tick: 'Tick when you did it three times',
  untilNextTime: 'Until next time',
  taskUntil: '{task}, until {until}',

  forFamily: 'For {learner} and family',
  howTheyStand: 'This is how {learner} stands with the cube in {group}, on {day}.',
  practised:
    '{days, plural, =0 {{learner} has not practised here in the last ten weeks.} one {{learner} practised on one day of the last ten weeks.} other {{learner} practised on # different days of the last ten weeks.}}',
  sureByNow: 'Sure by now: {sure}. What is sure went right on several days.',
  nothingSure: 'Nothing is sure yet: each step takes several days, and that is as it should be.',
  underWay: 'Under way: {open}.',
  aboutSeconds:
    'A whole cube takes about {seconds, plural, one {a second} other {# seconds}}. Nobody is to hurry.',
  aboutMinutes:
    'A whole cube takes about {minutes, plural, one {a minute} other {# minutes}}. Nobody is to hurry.',
  untilNextTimeThese:
    'Until next time, a few minutes on some days. {count, plural, one {The page in the pack shows how this one is done:} other {The page in the pack shows how these are done:}}',
  wholeCubes: 'Until next time: whole cubes, for the joy of it.',
  short:
    'Short is better than long: with a relaxed grip, and a rest after twenty minutes. If a hand hurts, stop.',

  isSureOf: 'is sure of',
  hasMadeAStart: 'has made a start',
  byWhom: '{group}, {day}        {coach}',
});
