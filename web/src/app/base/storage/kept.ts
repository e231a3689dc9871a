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
 * The one way to keep something in local storage, as JSON.
 * @param key under which it lies; never changed, or what a version before kept would be lost
 * @param schema what it must be: a browser may hold something of another version, or of somebody's making
 */
export function kept<T>(key: string, schema: z.ZodType<T>): Kept<T> {
  const lying = keptText(key);
  return {
    read: () => understood(lying.read(), schema),
    keep: (value) => lying.keep(JSON.stringify(value)),
    forget: () => lying.forget(),
  };
}

/** The same for a text as it is, where any will do, or what checks it is not here yet. */
export function keptText(key: string): Kept<string> {
  return {
    read: () => {
      try {
        return localStorage.getItem(key) ?? undefined;
      } catch {
        // Storage may be closed to us.
        return undefined;
      }
    },
    keep: (text) => {
      try {
        localStorage.setItem(key, text);
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

/** What a text of JSON says, if it is what it must be. */
export function understood<T>(text: string | undefined, schema: z.ZodType<T>): T | undefined {
  if (text === undefined) return undefined;
  try {
    return schema.safeParse(JSON.parse(text)).data;
  } catch {
    return undefined;
  }
}
