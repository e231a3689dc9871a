import { words } from '../../base/words/say';

export const SAY = words({
  group: 'Group',
  ofTheGroup: 'Of the group',
  progress: 'Progress',
  plan: 'Plan',
  setWork: 'Set work',
  answers: 'Answers',
  paper: 'Paper',
  learners: 'Learners',
  groups: 'Groups',
  board: 'Board',
  yourFirstGroup: 'Your first group',
  makeAGroupAddYour:
    'Make a group, add your learners, and see here how far each of them is, what to do next and with whom.',
  fetchingYourGroups: 'Fetching your groups',
  myTable: 'My table',
});
