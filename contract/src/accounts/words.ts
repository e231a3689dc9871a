import { words } from '@sleetcrest/core/words';

/** What is said of an account or a group that is written wrongly. */
export const SAY = words({
  nameTooLong: 'a name has at most 40 characters',
  nameNeeded: 'give a name',
  phraseTooLong: 'a passphrase has at most 200 characters',
  phraseTooShort: 'a passphrase has at least 10 characters: three words will do',
  phraseNeeded: 'give the passphrase',
  changeNeeded: 'give a name or a passphrase to change',
  badCode: 'a code has eight letters and digits; ask your coach',
  groupNameNeeded: 'give the group a name',
  groupNameTooLong: 'a name has at most 60 characters',
  noSuchZone: 'no time zone is called that; write it as Europe/Oslo',
  groupChangeNeeded: 'give something to change',
});
