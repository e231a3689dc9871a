import { existsSync } from 'node:fs';
import { installPackage } from './debian.js';

const CHROMIUM = '/usr/bin/chromium';
// The program itself: what lies in /usr/bin starts it as its child, which outlives a kill.
const WITHOUT_WINDOWS = '/usr/lib/chromium/chromium-headless-shell';

/** Debian's Chromium as people have it: for pictures and for what a page costs them. */
export function browserOfPeople(): string {
  if (!existsSync(CHROMIUM)) installPackage('chromium');
  return CHROMIUM;
}

/**
 * The same Chromium built without windows, in which a page costs a third less: for tests. Where
 * Debian does not have it, the whole one.
 */
export function browserOfTests(): string {
  if (existsSync(WITHOUT_WINDOWS)) return WITHOUT_WINDOWS;
  try {
    installPackage('chromium-headless-shell');
    return WITHOUT_WINDOWS;
  } catch {
    return browserOfPeople();
  }
}
