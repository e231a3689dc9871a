import { words } from '@sleetcrest/core/words';

/** Why a request is refused, whatever it asks for. */
export const SAY = words({
  holdsTooMuch: 'The request holds more, or more within each other, than any here.',
  notItsName:
    'This server does not go by that name. Whoever runs it can add the name to SLEETCREST_NAMES.',
  fromElsewhere: 'Changes are taken from this application’s own pages only.',
  refused: 'The request was refused: {errors}.',
  notJson: 'The request is not JSON: mend its syntax.',
  badEncoding: 'Send the request as plain or gzipped UTF-8 JSON.',
  badCharacters: 'Send the request as UTF-8 JSON.',
  asksNoMore: 'Whoever asked has left.',
  unreachable: 'The database cannot be reached. Nothing was changed; try again shortly.',
  full: 'Too many are asking at once. Nothing was changed; try again shortly.',
  lost: 'The database was lost while it answered. Nothing was changed; try again shortly.',
  tooLong:
    'This took the database too long and was given up. Nothing was changed; ask for less of it, or try again later.',
  conflict: 'Others changed the same at this moment. Nothing was changed; try again shortly.',
  standby: 'The database takes no changes just now. Nothing was changed; try again shortly.',
  accountGone: 'This account is gone; nothing was kept.',
  belongingGone:
    'What this belongs to was deleted meanwhile. Nothing was changed; load the page again.',
  idTaken: 'Something else has this id; make a new id. Nothing was changed.',
  perhapsKept:
    'The database was lost while it kept this. It may have been kept: look before you send it again.',
  tooLarge: 'The request is too large: send at most {most, number} kB.',
  unreadable: 'The request cannot be read; check its address, headers and body.',
  ourFault: 'Something went wrong here. Nothing is known to be lost; try again.',
  nothingThere: 'There is nothing at {asked}.',
  sendJson: 'Send the request as application/json.',
});
