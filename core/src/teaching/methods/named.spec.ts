import { aboutMethod, METHODS, shortTitle } from './named.js';

describe('what a method is called', () => {
  it('is its name for a built-in one, and what sets it apart beside it: together its title', () => {
    for (const method of METHODS)
      expect(`${shortTitle(method)}: ${aboutMethod(method)}`).toBe(method.title);
  });

  it('is all that its coach wrote for one of one’s own, whatever stands in it', () => {
    const own = { id: 'own', title: 'Thursdays: with three turns' };
    expect(shortTitle(own)).toBe(own.title);
    expect(aboutMethod(own)).toBe('');
  });
});
