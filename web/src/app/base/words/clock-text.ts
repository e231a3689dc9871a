import { SAY } from './words';

/** Seconds as a clock shows them: `9.07`, `1:23.42`, `1:02:03.00`. */
export function clockText(seconds: number, decimals = 2): string {
  const unit = 10 ** decimals;
  const whole = Math.round(seconds * unit);
  const rest = (whole % (60 * unit)) / unit;
  const minutes = Math.floor(whole / (60 * unit)) % 60;
  const hours = Math.floor(whole / (3600 * unit));
  const two = (part: number): string => String(part).padStart(2, '0');
  const text = rest.toFixed(decimals);
  if (hours > 0)
    return `${hours}:${two(minutes)}:${text.padStart(decimals ? decimals + 3 : 2, '0')}`;
  if (minutes > 0) return `${minutes}:${text.padStart(decimals ? decimals + 3 : 2, '0')}`;
  return text;
}

/** Seconds in words for a screen reader. */
export function secondsSaid(seconds: number): string {
  const minutes = Math.floor(seconds / 60);
  const rest = (seconds - minutes * 60).toFixed(2);
  return minutes === 0
    ? SAY.seconds({ seconds: rest })
    : SAY.minutesAndSeconds({ minutes, seconds: rest });
}
