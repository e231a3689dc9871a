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
  const lying = keptText(key);
  return {
    read: () => understood(lying.read(), schema, as),
    keep: (value) => lying.keep(as === 'text' ? String(value) : JSON.stringify(value)),
    forget: () => lying.forget(),
  };
}

/** The same for a text of any kind, where no check is needed, or none may be sent yet. */
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

/** What a text says, if it is what it must be. */
export function understood<T>(
  text: string | undefined,
  schema: z.ZodType<T>,
  as: 'json' | 'text' = 'json',
): T | undefined {
  if (text === undefined) return undefined;
  try {
    return schema.safeParse(as === 'text' ? text : JSON.parse(text)).data;
  } catch {
    return undefined;
  }
}
