import { words } from '../../../base/words/say';

export const SAY = words({
  codeOnTheBoard: 'Code on the board',
  whatYouWantToBe: 'What you want to be called',
  joinWithTheCode: 'Join with the code',
  theTable: 'The table',
  youSitAtYourCoach:
    'You sit at {groupName}. Your coach sees where you are and your hand, as long as you sit; nothing of it is kept.',
  meetsNow: '{groupName} meets now.',
  sitDown: 'Sit down',
  atAnotherTableTodayType: 'At another table today? Type the code on its board.',
  atATableTodayType:
    'At a table today? Type the code on its board. Without an account you are gone from it when it ends.',
  whatIsSetForYou: 'What is set for you',
  whatYouHandedIn: 'What you handed in',
});
