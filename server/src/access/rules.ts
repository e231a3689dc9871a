import type { Right } from '@sleetcrest/contract/accounts';

/**
 * Who may call each route. There is no other place where that is said: a route without a rule
 * cannot be added (`Handlers` has one for each), and a rule without a route neither.
 *
 * Who signed in by a phrase that was given to them has yet to choose one of their own: they are let in by
 * `anyone`, `visitor` and `beginner` alone.
 *
 * - `anyone`: it tells nothing of anybody, and nobody is looked up.
 * - `visitor`: whoever calls, to say or to learn who they are.
 * - `keeper`: whoever calls, for their own things alone. A guest is known by a cookie, made when they
 *   first keep something.
 * - `account`: whoever is signed in, for their own things alone.
 * - `beginner`: the same.
 * - `coach`: whoever is signed in as a coach, for their own things alone.
 * - `learner-see`, `learner-roster`: whoever teaches a group that the learner in the address belongs to,
 *   with that right.
 * - `group-own`: the coach of the group in the address; also of one that is archived.
 * - `group-see` … `group-roster`: its coach, and an assistant with that right.
 * - `group-in`: its learners alone.
 * - `live-see`, `live-plan`: the same of the group whose session is in the address.
 * - `live-sit`: whoever sits at that session, guests too.
 */
export type Rule =
  | 'anyone'
  | 'visitor'
  | 'keeper'
  | 'account'
  | 'beginner'
  | 'coach'
  | 'group-own'
  | 'group-in'
  | 'live-sit'
  | `${'learner' | 'group' | 'live'}-${Right}`;

export const RULES = {
  // What is asked for most comes first: routes are looked through in this order.
  'GET /api/log': 'account',
  'POST /api/log': 'account',
  'POST /api/log/batch': 'account',
  'POST /api/log/remove': 'account',
  'POST /api/log/restore': 'account',
  'POST /api/log/tags': 'account',
  'GET /api/log/overview': 'account',
  'GET /api/log/groups': 'account',
  'GET /api/log/export': 'account',
  'GET /api/log/entries/:id': 'account',
  'PATCH /api/log/entries/:id': 'account',
  'GET /api/log/entries/:id/history': 'account',
  'GET /api/log/changes': 'account',

  'GET /api/practice/reviews': 'account',
  'POST /api/practice/reviews': 'account',
  'GET /api/practice/cards': 'account',

  'GET /api/health': 'anyone',
  'GET /api/ready': 'anyone',
  'GET /api/openapi.json': 'anyone',
  'POST /api/handouts': 'anyone',

  'GET /api/session': 'visitor',
  'POST /api/session': 'visitor',
  'DELETE /api/session': 'visitor',
  'POST /api/accounts': 'visitor',
  'PATCH /api/account': 'beginner',
  'DELETE /api/account': 'account',
  'POST /api/account/sign-out-everywhere': 'account',
  'GET /api/account/export': 'account',

  'GET /api/settings': 'account',
  'PATCH /api/settings': 'account',

  'GET /api/solves': 'keeper',
  'POST /api/solves': 'keeper',
  'GET /api/solves/:id': 'keeper',
  'PATCH /api/solves/:id': 'keeper',
  'DELETE /api/solves/:id': 'keeper',
  'POST /api/solves/:id/restore': 'keeper',

  'GET /api/methods': 'keeper',
  'PUT /api/methods/:id': 'keeper',
  'DELETE /api/methods/:id': 'keeper',
  'POST /api/methods/:id/restore': 'keeper',

  'GET /api/groups': 'account',
  'POST /api/groups': 'coach',
  'POST /api/groups/join': 'account',
  'PATCH /api/groups/:id': 'group-own',
  'DELETE /api/groups/:id': 'coach',
  'GET /api/groups/:id/export': 'group-own',
  'POST /api/groups/:id/assistants': 'group-own',
  'DELETE /api/groups/:id/assistants/:coach': 'account',
  'POST /api/groups/:id/roster/check': 'group-roster',
  'POST /api/groups/:id/roster': 'group-roster',
  'DELETE /api/groups/:id/learners/:learner': 'account',
  'POST /api/groups/:id/learners/:learner/move': 'group-roster',
  'POST /api/learners/:learner/phrase': 'learner-roster',

  'GET /api/learners/:learner/log': 'learner-see',
  'GET /api/learners/:learner/log/overview': 'learner-see',
  'GET /api/learners/:learner/log/groups': 'learner-see',
  'GET /api/learners/:learner/log/entries/:id': 'learner-see',
  'GET /api/learners/:learner/practice/cards': 'learner-see',

  'GET /api/groups/:id/matrix': 'group-see',
  'GET /api/groups/:id/plans': 'group-see',
  'PUT /api/groups/:id/plans/:plan': 'group-plan',
  'DELETE /api/groups/:id/plans/:plan': 'group-plan',
  'GET /api/groups/:id/calendar': 'group-see',
  'POST /api/groups/:id/calendar': 'group-own',
  'GET /api/groups/:id/calendar/:secret': 'anyone',

  'GET /api/groups/:id/assignments': 'group-see',
  'POST /api/groups/:id/assignments': 'group-plan',
  'DELETE /api/groups/:id/assignments/:assignment': 'group-plan',
  'GET /api/assignments': 'account',
  'PUT /api/assignments/:assignment/said': 'account',

  'GET /api/groups/:id/prints': 'group-plan',
  'POST /api/groups/:id/prints': 'group-plan',
  'GET /api/groups/:id/prints/:print': 'group-plan',
  'DELETE /api/groups/:id/prints/:print': 'group-plan',

  'GET /api/groups/:id/work': 'group-answer',
  'GET /api/work': 'account',
  'POST /api/work': 'account',
  'POST /api/work/:work/notes': 'account',
  'PUT /api/work/:work/read': 'account',
  'PUT /api/work/:work/marked': 'account',

  'GET /api/live': 'keeper',
  'POST /api/live/join': 'keeper',
  'POST /api/groups/:id/live': 'group-plan',
  'POST /api/groups/:id/live/join': 'group-in',
  'GET /api/live/:live/board': 'live-see',
  'PATCH /api/live/:live': 'live-plan',
  'DELETE /api/live/:live': 'live-plan',
  'DELETE /api/live/:live/hands/:learner': 'live-see',
  'GET /api/live/:live/seat': 'live-sit',
  'PUT /api/live/:live/here': 'live-sit',
  'DELETE /api/live/:live/here': 'live-sit',
} as const satisfies Record<string, Rule>;

export type Route = keyof typeof RULES;

/** Rules that let in who has yet to choose a phrase of their own. */
export const LETS_BEGIN: readonly Rule[] = ['anyone', 'visitor', 'beginner'];

/**
 * Routes asked for so often that who calls is believed from memory at first. What they do makes sure of
 * it, and of what their rule asks, in its own statement.
 */
export const MAKES_SURE_ITSELF: readonly Route[] = ['POST /api/log', 'PUT /api/live/:live/here'];
