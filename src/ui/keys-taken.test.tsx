/** @jest-environment jsdom */
import { keyIsTaken } from './keys-taken';

function press(html: string, selector: string, key: string, pressing?: readonly string[]): boolean {
  document.body.innerHTML = html;
  let taken = false;
  const hear = (event: KeyboardEvent) => {
    taken = keyIsTaken(event, pressing);
  };
  document.addEventListener('keydown', hear);
  const target = document.querySelector(selector) ?? document.body;
  target.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
  document.removeEventListener('keydown', hear);
  return taken;
}

describe('a letter acts on the page only where nothing else takes it', () => {
  test('on the page itself it does', () => expect(press('<p>x</p>', 'p', 'u')).toBe(false));

  test.each([
    ['a field', '<input />', 'input'],
    ['the parts of a date', '<span role="spinbutton" contenteditable="true">27</span>', 'span'],
    ['a long text', '<textarea></textarea>', 'textarea'],
  ])('typed into %s it does not', (_, html, selector) =>
    expect(press(html, selector, 'u')).toBe(true),
  );

  test.each(['dialog', 'menu', 'listbox'])('with a %s over the page it does not', (role) =>
    expect(press(`<p>x</p><div role="${role}"></div>`, 'p', 'u')).toBe(true),
  );

  test('Enter on a button is the button’s own, a slider moves by arrows and lets letters pass', () => {
    expect(press('<button>x</button>', 'button', 'Enter')).toBe(true);
    expect(press('<button>x</button>', 'button', 'u')).toBe(false);
    expect(press('<input type="range" />', 'input', 'ArrowLeft')).toBe(true);
    expect(press('<input type="range" />', 'input', 'z')).toBe(false);
  });
});
