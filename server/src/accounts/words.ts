import { words } from '@sleetcrest/core/words';

/** What is said to whoever signs up, in or out. */
export const SAY = words({
  wrongPhrase: 'That is not your passphrase; nothing was changed.',
  wrongNameOrPhrase:
    'Name and passphrase do not belong together. Who has yet to choose a phrase of their own can be given a new slip by their coach.',
  noSecret: 'the database has no secret for {name}',
  chooseAnother: 'choose another than the one you were given',
  enoughCodes: 'You have as many codes as there may be; withdraw one first.',
  noSuchCode: 'You asked nobody by this code, or it is used up.',
  coachesByCode: 'coaches sign up here by a code; ask a coach who is here for one',
  nameTaken: '{name} is taken here; add something to it',
  choseTheirOwn:
    'They have chosen a passphrase of their own, which nobody else can set. Nothing was changed.',
  signInAgain: 'Your session has ended: sign in again. Nothing was changed.',
  loadAgain: 'Your session has ended: load the page again. Nothing was changed.',
  notSignedInThere: 'You are not signed in there any more.',
  tooOften:
    'That was tried too often. Wait {seconds, plural, one {a second} other {# seconds}}, then try again.',
});
