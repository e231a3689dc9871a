import type { Dexie } from 'dexie';

/**
 * A database of this browser, opened with the first thing asked of it, in a page or a worker. One that fails to
 * open, as while another tab holds an older one or storage is closed to us for a moment, is tried again by whatever
 * is asked next; so is one that the browser has closed.
 * @param name under which it lies; never changed, or what a version before kept would be lost
 * @param version of its shape, as IndexedDB counts; one that is open elsewhere in another waits
 * @param tables by name: `id` for the field that is the key, empty where the key is given apart
 */
export function database(
  name: string,
  version: number,
  tables: Readonly<Record<string, string>>,
): () => Promise<Dexie> {
  let opened: Promise<Dexie> | undefined;

  const open = async (): Promise<Dexie> => {
    const { Dexie } = await import('dexie');
    const made = new Dexie(name);
    // Dexie counts in tens.
    made.version(version / 10).stores({ ...tables });
    made.on('close', () => (opened = undefined));
    await made.open();
    return made;
  };

  return () => {
    opened ??= open().catch((error: unknown) => {
      opened = undefined;
      throw error;
    });
    return opened;
  };
}
