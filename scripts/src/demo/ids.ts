import { createHash } from 'node:crypto';

/** An id made of a text: the same whenever the demo is. */
export const idFrom = (text: string): string => {
  const hex = createHash('sha256').update(text).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
};
