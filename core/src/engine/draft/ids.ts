/** An id made of a title: lower-case words joined by hyphens. */
export const idOf = (title: string): string =>
  title
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 50)
    .replace(/-+$/, '') || 'own-method';

/** The first of `id`, `id-2`, `id-3` … that is not taken. */
export function freeId(id: string, taken: (id: string) => boolean): string {
  if (!taken(id)) return id;
  let number = 2;
  while (taken(`${id}-${number}`)) number++;
  return `${id}-${number}`;
}
