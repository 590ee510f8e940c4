/** For tests of components: what browsers have and the pretend one of the tests has not. Imported before anything is drawn. */

class Watcher {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}
const missing: Record<string, unknown> = {
  ResizeObserver: Watcher,
  // Chakra's controls make pointer events of their own when what is focused loses the focus.
  PointerEvent: class extends MouseEvent {},
  IntersectionObserver: Watcher,
  matchMedia: (media: string) => ({
    media,
    matches: false,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }),
  scrollTo: () => undefined,
  CSS: { escape: (text: string) => text.replace(/[^\w-]/g, (c) => `\\${c}`), supports: () => false },
};
for (const [name, stand] of Object.entries(missing))
  if (!(name in globalThis) || name === 'scrollTo')
    Object.defineProperty(globalThis, name, { value: stand, writable: true, configurable: true });

// Nothing is drawn, so nobody waits for a screen: a frame is over at once. Fields and dialogs wait for many.
globalThis.requestAnimationFrame = (draw) => Number(setTimeout(() => draw(performance.now()), 1));
globalThis.cancelAnimationFrame = (frame) => clearTimeout(frame);

// Nothing is drawn: axe asks for a canvas and does without.
HTMLCanvasElement.prototype.getContext = (() => null) as never;
Element.prototype.scrollIntoView ??= () => undefined;
Element.prototype.scrollTo ??= () => undefined;
Element.prototype.hasPointerCapture ??= () => false;
Element.prototype.releasePointerCapture ??= () => undefined;

// Most of a search by role is asking how each element looks, most of it twice. What was worked out stands until anything
// of the page changes.
const styleOf = globalThis.getComputedStyle.bind(globalThis);
let known = new WeakMap<Element, CSSStyleDeclaration>();
const changes = new MutationObserver(() => (known = new WeakMap()));
changes.observe(document, { subtree: true, childList: true, attributes: true, characterData: true });
globalThis.getComputedStyle = (element) => {
  if (changes.takeRecords().length) known = new WeakMap();
  const before = known.get(element);
  if (before) return before;
  const style = styleOf(element);
  known.set(element, style);
  return style;
};
