import * as z from 'zod';
import { kept, keptText } from './kept';

describe('what is kept under a key', () => {
  const KEY = 'sleetcrest.spec';
  const list = kept(KEY, z.array(z.int()));
  afterEach(() => localStorage.removeItem(KEY));

  it('is there again, until it is forgotten', () => {
    expect(list.read()).toBeUndefined();
    list.keep([1, 2]);
    expect(list.read()).toEqual([1, 2]);
    list.forget();
    expect(list.read()).toBeUndefined();
  });

  it('is nothing where it cannot be understood', () => {
    for (const text of ['{', '"a"', '[1.5]', 'null']) {
      localStorage.setItem(KEY, text);
      expect(list.read()).withContext(text).toBeUndefined();
    }
  });

  it('lies there as text where it always did', () => {
    const word = keptText(KEY);
    word.keep('a-b');
    expect([localStorage.getItem(KEY), word.read()]).toEqual(['a-b', 'a-b']);
  });

  it('is nothing where storage is closed to us, and nothing fails by it', () => {
    const closed = (): never => {
      throw new DOMException('no', 'SecurityError');
    };
    spyOn(Storage.prototype, 'getItem').and.callFake(closed);
    spyOn(Storage.prototype, 'setItem').and.callFake(closed);
    const removing = spyOn(Storage.prototype, 'removeItem').and.callFake(closed);
    expect(list.read()).toBeUndefined();
    expect(() => list.keep([1])).not.toThrow();
    expect(() => list.forget()).not.toThrow();
    removing.and.callThrough();
  });
});
