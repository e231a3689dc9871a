import { database } from './database';

describe('a database of this browser', () => {
  const NAME = 'sleetcrest spec database';
  const open = database(NAME, 2, { things: 'id', notes: '' });
  afterEach(async () => {
    const opened = await open();
    await opened.delete();
  });

  it('is tried again after it failed to open once', async () => {
    spyOn(indexedDB, 'open').and.throwError(new DOMException('not now', 'UnknownError'));
    await expectAsync(open()).toBeRejected();
    (indexedDB.open as jasmine.Spy).and.callThrough();
    const opened = await open();
    await opened.table('things').put({ id: 'a' });
    expect(await opened.table('things').count()).toBe(1);
  });

  it('is opened again where the browser has closed it', async () => {
    const first = await open();
    await first.table('notes').put('kept', 'a');
    first.close();
    const again = await open();
    expect(await again.table('notes').get('a')).toBe('kept');
  });

  it('has what was kept there before it was asked in this way', async () => {
    const asked = indexedDB.open(NAME, 2);
    asked.onupgradeneeded = () => {
      asked.result.createObjectStore('things', { keyPath: 'id' });
      asked.result.createObjectStore('notes');
    };
    const before = await new Promise<IDBDatabase>((resolve) => {
      asked.onsuccess = () => resolve(asked.result);
    });
    const writing = before.transaction('things', 'readwrite');
    writing.objectStore('things').put({ id: 'old' });
    await new Promise((resolve) => (writing.oncomplete = resolve));
    // Still open in another tab, of the version before.
    expect(await (await open()).table('things').get('old')).toEqual({ id: 'old' });
    before.close();
  });
});
