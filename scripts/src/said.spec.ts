import { tell, ToldError } from './said.js';

describe('what is told of a failure', () => {
  it('is our own sentence, the full disk wherever it shows, or all there is to know', () => {
    expect(tell(new ToldError('Do this.'))).toBe('Do this.');
    const full = 'could not extend file "base/5": No space left on device';
    expect(tell(new Error(full))).toContain('The disk is full');
    expect(tell(new Error('odd'))).toContain('said.spec');
  });
});
