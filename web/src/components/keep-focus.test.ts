import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keepFocus } from './keep-focus.js';

/** A page of three lines, each with two buttons, and one button under them. */
const LINES = ['Mile', 'Camp', 'Trial']
  .map((name) => `<li><button>Change ${name}</button><button>Remove ${name}</button></li>`)
  .join('');

let end: () => void;

beforeEach(() => {
  document.body.innerHTML = `<main><ul>${LINES}</ul><button>Add</button></main>`;
  // jsdom lays nothing out: all there is stands somewhere.
  vi.spyOn(Element.prototype, 'getClientRects').mockReturnValue([{}] as unknown as DOMRectList);
  // jsdom has the focus where an element has it.
  vi.spyOn(document, 'hasFocus').mockReturnValue(true);
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
  end = keepFocus(document.body);
});

afterEach(() => {
  end();
  vi.useRealTimers();
  vi.restoreAllMocks();
  document.body.innerHTML = '';
  // All files of a worker are on one page.
  history.replaceState(null, '', '/');
});

function button(name: string): HTMLButtonElement {
  const all = [...document.querySelectorAll('button')];
  const one = all.find(({ textContent }) => textContent === name);
  if (!one) throw new Error(`No button "${name}".`);
  return one;
}

/** Where keys are, once what changed is seen. */
async function keysAre(): Promise<string | null | undefined> {
  await new Promise((seen) => requestAnimationFrame(() => requestAnimationFrame(seen)));
  return document.activeElement === document.body ? 'lost' : document.activeElement?.textContent;
}

describe('keys', () => {
  it('go on with the line that came to the place of a removed one, and from the last one back', async () => {
    button('Remove Camp').focus();
    button('Remove Camp').parentElement?.remove();
    expect(await keysAre()).toBe('Change Trial');
    button('Remove Trial').focus();
    button('Remove Trial').parentElement?.remove();
    expect(await keysAre()).toBe('Remove Mile');
  });

  it('go into what opened in the place of a button, and back to its like', async () => {
    button('Add').focus();
    const form = document.createElement('form');
    form.innerHTML = '<button>First</button><button>Cancel</button>';
    button('Add').replaceWith(form);
    expect(await keysAre()).toBe('First');
    button('Cancel').focus();
    const add = document.createElement('div');
    add.innerHTML = '<button>Help</button><button>Cancel</button>';
    form.replaceWith(add);
    expect(await keysAre()).toBe('Cancel');
  });

  it('stay on what was moved', async () => {
    button('Change Trial').focus();
    document.querySelector('ul')?.prepend(button('Change Trial').parentElement ?? '');
    expect(await keysAre()).toBe('Change Trial');
  });

  it('come back to what is closed while it works, and leave what stays closed', async () => {
    const change = button('Change Camp');
    change.focus();
    // A browser takes the focus from what is closed; jsdom leaves it.
    change.blur();
    change.disabled = true;
    expect(await keysAre()).toBe('lost');
    change.disabled = false;
    expect(await keysAre()).toBe('Change Camp');
    change.disabled = true;
    expect(await keysAre()).toBe('Change Camp');
    // A browser takes the keys a moment later, and tells nobody of it; jsdom leaves them.
    const active = vi.spyOn(document, 'activeElement', 'get').mockReturnValue(document.body);
    vi.advanceTimersByTime(1000);
    active.mockRestore();
    expect(await keysAre()).toBe('Remove Camp');
  });

  it('are not called back by a key once the page beside them is pointed at, nor from the browser’s bar', async () => {
    const key = () => document.body.dispatchEvent(new KeyboardEvent('keydown', { bubbles: true }));
    button('Remove Camp').focus();
    document.body.dispatchEvent(new Event('pointerdown', { bubbles: true }));
    button('Remove Camp').blur();
    key();
    document.querySelector('ul')?.append(document.createElement('li'));
    expect(await keysAre()).toBe('lost');
    button('Remove Camp').focus();
    button('Remove Camp').blur();
    vi.spyOn(document, 'hasFocus').mockReturnValue(false);
    document.querySelector('ul')?.append(document.createElement('li'));
    expect(await keysAre()).toBe('lost');
  });

  it('go on where a menu was opened from, though what opened it is gone', async () => {
    button('Remove Camp').focus();
    const menu = document.createElement('div');
    menu.innerHTML = '<button>Yes</button><button>No</button>';
    document.body.append(menu);
    button('Yes').focus();
    button('No').focus();
    menu.remove();
    button('Remove Camp').parentElement?.remove();
    expect(await keysAre()).toBe('Change Trial');
  });

  it('go nowhere when a dialog over the page is closed that nothing on it opened', async () => {
    const dialog = document.createElement('div');
    dialog.innerHTML = '<button>Close</button>';
    document.body.append(dialog);
    button('Close').focus();
    dialog.remove();
    expect(await keysAre()).toBe('lost');
  });

  it('are left alone on another page, and where something is pointed at', async () => {
    document.body.dispatchEvent(new Event('pointerdown', { bubbles: true }));
    button('Remove Camp').focus();
    button('Remove Camp').parentElement?.remove();
    expect(await keysAre()).toBe('lost');
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
    button('Remove Trial').focus();
    history.pushState(null, '', '/elsewhere');
    button('Remove Trial').parentElement?.remove();
    expect(await keysAre()).toBe('lost');
  });
});
