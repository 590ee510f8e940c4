import { afterEach, expect, jest, test } from '@jest/globals';
import { act, screen } from '@testing-library/react';
import { show } from '../testing/show.js';
import { Parts } from './Parts.js';

/** A strip 300 wide, with names of 200 each from its left edge on; a scrolled strip has them further left. */
function measured(this: Element): DOMRect {
  const strip = this.closest('[role=tablist]');
  if (this === strip) return new DOMRect(10, 0, 300, 48);
  const place = strip ? [...strip.children].indexOf(this) : -1;
  return place < 0 ? new DOMRect() : new DOMRect(10 + 200 * place - strip!.scrollLeft, 0, 200, 48);
}
afterEach(() => void jest.restoreAllMocks());

test('the name of the part one is at, and of one that has the focus, is in the middle of its strip', async () => {
  jest.spyOn(Element.prototype, 'getBoundingClientRect').mockImplementation(measured);
  const parts = ['first', 'second', 'third', 'fourth'].map((name) => ({
    id: name,
    name,
    show: () => <p>{name} shown</p>,
  }));
  const { user, at } = show(<Parts label="Parts" parts={parts} />, { path: '/page?part=third' });
  const strip = screen.getByRole('tablist');
  // Its middle is at 500 of the strip, and that of the window at 150.
  expect(strip.scrollLeft).toBe(350);
  await user.click(screen.getByRole('tab', { name: 'second' }));
  expect(strip.scrollLeft).toBe(150);
  expect(await screen.findByText('second shown')).toBeTruthy();
  expect(at()).toBe('/page?part=second');
  act(() => screen.getByRole('tab', { name: 'fourth' }).focus());
  expect(strip.scrollLeft).toBe(550);
});
