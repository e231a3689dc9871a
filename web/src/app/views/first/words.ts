import { words } from '../../base/words/say';

export const SAY = words({
  pageOf: 'Page {at} of {count}',
  theCubeAsItIs: 'The cube as it is held: touch a sticker',
  showMe: 'Show me',
  answers: 'Answers',
  turnTheCube: 'Turn the cube',
  yesThatIsIt: 'Yes, that is it.',
  notThatOneLookAgain: 'Not that one. Look again and try another.',
  back: 'Back',
  goOn: 'Go on',
  skip: 'Skip',
  goToTheBenchYou: 'Go to the Bench (you can come back to this page)',
  thatIsAllYouNeed: 'That is all you need to begin.',
  mixYourCubeShowIt: 'Mix your cube, show it on the Bench, and go one stage at a time.',
  toTheBench: 'To the Bench',
  seeThePagesAgain: 'See the pages again',
});
