import { words } from '@sleetcrest/core/words';

/** What is said of a document that is written wrongly. */
export const SAY = words({
  titleNeeded: 'give it a title',
  badSticker: 'a sticker is named as UFR.F is',
  badCase: 'a case is named approach/case',
  shortTitleNeeded: 'give it a short title',
  casesNeeded: 'an approach has at least one case',
  badPiece: 'a piece is named as piece, UFR or first+right is',
  badPlace: 'a place is named as UFR, UF or U is',
  badSides: 'sides are named by their letters',
  badText:
    'give a text of at most 1000 characters, or at most 12 sentences, each with what it says (`so`)',
  badSide: 'a side has nine stickers, read in rows from its top left',
  badId: 'an id is lower-case words joined by hyphens',
  sayingNeeded: 'say something',
  methodTitleNeeded: 'give the method a title',
  asksTooMuch:
    'it asks for too much: fewer cases, fewer ways to see each, or shorter turns and sentences',
  badMoment: 'a moment is written 2026-11-25T18:03:00+01:00',
  farMoment: 'a moment lies between the years {first} and {last}',
  badOffset: 'no place is further than 14 hours from Greenwich',
  badDay: 'a day is written YYYY-MM-DD',
  farDay: 'a day lies between the years {first} and {last}',
  farMomentAsked: 'a moment to ask from lies between the years 1970 and {last}',
  badColour: 'a colour is # and six digits',
  badCharacter:
    'there is a character in it that cannot be kept, such as a control character or half an emoji: take it out',
  unseenName: 'a name is written in letters that can be seen',
});
