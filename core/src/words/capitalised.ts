/** A text as the beginning of a sentence or a label: a colour or a place may come first in it. */
export const capitalised = (text: string): string =>
  text.charAt(0).toLocaleUpperCase('en-GB') + text.slice(1);
