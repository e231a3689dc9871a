import { isFreeOfButtons } from './keys';

describe('a key press where something has the focus', () => {
  /** Which of these keys are the view's while what the markup draws has the focus. */
  function free(markup: string, keys: readonly string[]): readonly string[] {
    const host = document.createElement('div');
    host.innerHTML = markup;
    document.body.append(host);
    const heard = keys.filter((key) => {
      const press = new KeyboardEvent('keydown', { key, bubbles: true });
      host.firstElementChild!.dispatchEvent(press);
      return isFreeOfButtons(press);
    });
    host.remove();
    return heard;
  }
  const KEYS = ['Enter', ' ', 'ArrowDown', 'r'];

  it('is a button’s own where it would press it', () => {
    expect(free('<button>Begin</button>', KEYS)).toEqual(['ArrowDown', 'r']);
  });

  it('is a choice’s own where it would choose, and goes on with what was chosen else', () => {
    expect(free('<input type="radio">', KEYS)).toEqual(['Enter', 'r']);
    expect(free('<button role="radio">Ask me</button>', KEYS)).toEqual(['Enter', 'r']);
  });

  it('is a field’s own, all of it', () => {
    expect(free('<input type="text">', KEYS)).toEqual([]);
  });
});
