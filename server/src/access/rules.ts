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
 * - `learner-see`: whoever teaches a group that the learner in the address belongs to, with that right.
 * - `learner-phrase`: the same, of the group that made the learner's account.
 * - `group-own`: the coach of the group in the address; also of one that is archived.
 * - `group-see` … `group-phrase`: its coach, and an assistant with that right.
 * - `group-in`: its learners alone.
 * - `group-help`: its coach, to end the help of the assistant in the address; or that assistant.
 * - `group-leave`: the learner in the address, to leave it; or whoever may change who belongs to it.
 * - `live-see`, `live-plan`: the same of the group whose session is in the address.
 * - `live-sit`: whoever sits at that session, guests too.
 * - `work-side`: who handed in the work in the address, or whoever may answer in its group, while that
 *   learner belongs to it. `work-answer`: the latter alone.
 * - `assignment-own`: a learner for whom what is in the address was set.
 *
 * Where what is asked about stands in the body, the rule is `account` and the service asks the scope named
 * beside it in `SCOPES`, in the statement that does it.
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
  | 'group-help'
  | 'group-leave'
  | 'live-sit'
  | 'work-side'
  | 'work-answer'
  | 'assignment-own'
  | `${'learner' | 'group' | 'live'}-${Right}`;

export const RULES = {
  // What is asked for most comes first: the routes of a subject are looked through in this order.
  'PUT /api/live/:live/here': 'live-sit',
  'GET /api/live/:live/seat': 'live-sit',
  'GET /api/live/:live/board': 'live-see',
  'GET /api/live': 'keeper',
  'POST /api/live/join': 'keeper',
  'POST /api/groups/:id/live': 'group-plan',
  'POST /api/groups/:id/live/join': 'group-in',
  'PATCH /api/live/:live': 'live-plan',
  'DELETE /api/live/:live': 'live-plan',
  'DELETE /api/live/:live/hands/:learner': 'live-see',
  'DELETE /api/live/:live/seats/:learner': 'live-plan',
  'POST /api/live/:live/code': 'live-plan',
  'DELETE /api/live/:live/here': 'live-sit',

  'POST /api/log': 'account',
  'GET /api/log': 'account',
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
  'GET /api/account/leaving': 'account',
  'GET /api/account/sessions': 'account',
  'DELETE /api/account/sessions/:session': 'account',
  'GET /api/coach-invitations': 'coach',
  'POST /api/coach-invitations': 'coach',
  'DELETE /api/coach-invitations/:code': 'coach',

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
  'DELETE /api/groups/:id': 'group-own',
  'GET /api/groups/:id/leaving': 'group-own',
  'POST /api/groups/:id/code': 'group-roster',
  'GET /api/groups/:id/export': 'group-own',
  'POST /api/groups/:id/assistants': 'group-own',
  'DELETE /api/groups/:id/assistants/:coach': 'group-help',
  'GET /api/groups/:id/invitations': 'group-own',
  'DELETE /api/groups/:id/invitations/:code': 'group-own',
  'POST /api/groups/:id/roster/check': 'group-roster',
  'POST /api/groups/:id/roster': 'group-roster',
  'DELETE /api/groups/:id/learners/:learner': 'group-leave',
  'POST /api/groups/:id/learners/:learner/move': 'group-roster',
  'POST /api/learners/:learner/phrase': 'learner-phrase',
  'GET /api/moves': 'account',
  'POST /api/moves/:to': 'account',
  'DELETE /api/moves/:to': 'account',

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
  'POST /api/groups/:id/calendar': 'group-see',
  'GET /api/groups/:id/calendars': 'group-own',
  'DELETE /api/groups/:id/calendars/:coach': 'group-own',
  'GET /api/groups/:id/calendar/:secret': 'anyone',

  'GET /api/groups/:id/assignments': 'group-see',
  'POST /api/groups/:id/assignments': 'group-plan',
  'DELETE /api/groups/:id/assignments/:assignment': 'group-plan',
  'GET /api/assignments': 'account',
  'PUT /api/assignments/:assignment/said': 'assignment-own',

  'GET /api/groups/:id/prints': 'group-plan',
  'POST /api/groups/:id/prints': 'group-plan',
  'GET /api/groups/:id/prints/:print': 'group-plan',
  'DELETE /api/groups/:id/prints/:print': 'group-plan',

  'GET /api/groups/:id/work': 'group-answer',
  'GET /api/work': 'account',
  'POST /api/work': 'account',
  'POST /api/work/:work/notes': 'work-side',
  'PUT /api/work/:work/read': 'work-side',
  'PUT /api/work/:work/marked': 'work-answer',
} as const satisfies Record<string, Rule>;

export type Route = keyof typeof RULES;

/** Rules that let in who has yet to choose a phrase of their own. */
export const LETS_BEGIN: readonly Rule[] = ['anyone', 'visitor', 'beginner'];

/**
 * Routes asked for so often that who calls is believed from memory at first. What they do makes sure of
 * it, and of what their rule asks, in its own statement.
 */
export const MAKES_SURE_ITSELF: readonly Route[] = [
  'POST /api/log',
  'PUT /api/live/:live/here',
  'GET /api/live/:live/seat',
];

/** What a service asks of what stands in a body, in the statement that does it; the rule is who may ask at all. */
export const SCOPES = {
  /** The group in the body is one whoever asks learns in, and it goes on. */
  'POST /api/work': 'learner of the group',
  /** The code in the body is that of a group, or one by which whoever asks was asked to help. */
  'POST /api/groups/join': 'knows the code',
  /** The other group is the same coach's, and whoever asks may change who belongs to it; else the learner is asked. */
  'POST /api/groups/:id/learners/:learner/move': 'may change both groups',
  /** The code in the body is on a board. */
  'POST /api/live/join': 'knows the code',
  /** The move waits for the word of whoever asks. */
  'POST /api/moves/:to': 'is asked',
  'DELETE /api/moves/:to': 'is asked',
} as const satisfies Partial<Record<Route, string>>;
