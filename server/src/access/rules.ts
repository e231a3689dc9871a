/**
 * Who may call each route. There is no other place where that is said: a route without a rule
 * cannot be added (`Handlers` has one for each), and a rule without a route neither.
 *
 * - `anyone`: it tells nothing of anybody, and nobody is looked up.
 * - `keeper`: whoever calls sees their own things alone, also who they are. A guest is known by a
 *   cookie, made when they first keep something.
 * - `account`: whoever is signed in, for their own things alone.
 * - `coach`: whoever is signed in as a coach, for their own things alone.
 * - `coach-of-learner`: the coach of a group that the learner in the address belongs to.
 */
export type Rule = 'anyone' | 'keeper' | 'account' | 'coach' | 'coach-of-learner';

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

  'GET /api/session': 'keeper',
  'POST /api/session': 'keeper',
  'DELETE /api/session': 'keeper',
  'POST /api/accounts': 'keeper',
  'PATCH /api/account': 'account',
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
  'DELETE /api/groups/:id': 'coach',
  'DELETE /api/groups/:id/learners/:learner': 'account',
  'POST /api/learners/:learner/phrase': 'coach-of-learner',

  'GET /api/learners/:learner/log': 'coach-of-learner',
  'GET /api/learners/:learner/log/overview': 'coach-of-learner',
  'GET /api/learners/:learner/log/groups': 'coach-of-learner',
  'GET /api/learners/:learner/log/entries/:id': 'coach-of-learner',
  'GET /api/learners/:learner/practice/cards': 'coach-of-learner',
} as const satisfies Record<string, Rule>;

export type Route = keyof typeof RULES;

/**
 * Routes asked for so often that who calls is believed from memory at first. What they do makes sure of
 * it in its own statement.
 */
export const MAKES_SURE_ITSELF: readonly Route[] = ['POST /api/log'];
