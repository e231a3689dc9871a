/** A share of one as people say it: more digits for what is rare. */
export function percent(share: number): string {
  if (share === 0) return 'never';
  const value = share * 100;
  if (value >= 99.95) return share === 1 ? 'always' : 'over 99.9 %';
  if (value < 0.05) return 'under 0.1 %';
  return `${value.toFixed(1)} %`;
}
