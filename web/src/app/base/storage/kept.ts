import type * as z from 'zod';

/** Something kept in the browser under one key. */
export interface Kept<T> {
  /** What the last visit left; undefined where there was nothing, or nothing that can be understood. */
  read(): T | undefined;
  /** Keeps it; where storage is closed to us or full it is lost with the page, and nothing else. */
  keep(value: T): void;
  forget(): void;
}

/**
 * The one way to keep something in local storage.
 * @param key under which it lies; never changed, or what a version before kept would be lost
 * @param schema what it must be: a browser may hold something of another version, or of somebody's making
 * @param as `text` where it lies there as it is, not as JSON
 */
export function kept<T>(key: string, schema: z.ZodType<T>, as: 'json' | 'text' = 'json'): Kept<T> {
  return {
    read: () => {
      try {
        const found = localStorage.getItem(key);
        if (found === null) return undefined;
        return schema.safeParse(as === 'text' ? found : JSON.parse(found)).data;
      } catch {
        // Storage may be closed to us, or hold something else.
        return undefined;
      }
    },
    keep: (value) => {
      try {
        localStorage.setItem(key, as === 'text' ? String(value) : JSON.stringify(value));
      } catch {
        // Without storage all goes on; only a reload would not find it.
      }
    },
    forget: () => {
      try {
        localStorage.removeItem(key);
      } catch {
        // Then nothing was kept.
      }
    },
  };
}
