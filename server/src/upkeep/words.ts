import { words } from '@sleetcrest/core/words';

/** What is said where there is no room for more. */
export const SAY = words({
  noRoom:
    'You keep {most, number} {what}, as many as there is room for; nothing was added. {who, select, guest {Delete some you need no more, or sign up, which keeps more.} other {Delete some you need no more.}}',
  cubes: 'saved cubes',
  methods: 'methods of your own',
  plans: 'plans of a group',
  records: 'records',
  prints: 'things printed for a group',
  work: 'things handed in',
  notes: 'notes on this',
  groups: 'groups',
  answers: 'answers of practice',
  assignments: 'things set for a group',
});
