import { words } from '@sleetcrest/core/words';

/** What a verb says of its options. */
export const SAY = words({
  approachNeeded: 'give --approach, and --method-file if it is in one',
  badSight: '--sight is {known}; {sight} is not',
  notInMethod: 'no approach of that method is called {id}; there is {known}',
  oneToProve: 'give one of --method, --approach, --method-file or --all',
  proving: 'proving {id} …',
  provedSoFar: '{percent} %  {id}  {done, number} of {of, number}',
  badNumber: '--{name} is a whole number from {least} to {most}',
  slipNeeds:
    'give --start, --meant, --hold and one of --seen-turns and --seen; --{name} is missing',
  badHold:
    '--hold is two colours of neighbouring sides, up and front, as in white/green; {text} is not',
  badMeant: '--meant is a sequence of 1 to {most} turns',
  oneSeen: 'give one of --seen-turns and --seen',
  noCube: '{says} {repair}',
});
