import { words } from '../../base/words/say';

export const SAY = words({
  dayMonthYear: 'day month year',
  inWords: 'in words',
  hhMm: 'hh:mm',
  openCalendar: 'Open calendar',
  openTimes: 'Open the list of times',
});
