// Loaded once in each worker of the tests of components: a pretend browser laid over plain Node, where modules are shared
// and stay warm. A context of its own for each file took a third longer.
import { JSDOM } from 'jsdom';
import './pages.mjs';

const { window } = new JSDOM('<!doctype html><html><head></head><body></body></html>', {
  url: 'http://localhost/',
  pretendToBeVisual: true,
});

/** What Node has too, but the pretend browser's documents take only their own of. */
const ofItsOwn =
  /^(?:Event|EventTarget|CustomEvent|MessageEvent|Blob|File|FileReader|FormData|DOMException)$/;
const offered = {
  ...Object.getOwnPropertyDescriptors(window.EventTarget.prototype),
  ...Object.getOwnPropertyDescriptors(window),
};
delete offered.constructor;
for (const [name, descriptor] of Object.entries(offered)) {
  if (name in globalThis && !ofItsOwn.test(name)) continue;
  const { value, get, set } = descriptor;
  const isMethod = typeof value === 'function' && !/^[A-Z]/.test(name);
  Object.defineProperty(globalThis, name, {
    configurable: true,
    enumerable: true,
    ...('value' in descriptor
      ? { writable: true, value: isMethod ? value.bind(window) : value }
      : { get: get?.bind(window), set: set?.bind(window) }),
  });
}
for (const name of ['window', 'self', 'top', 'parent', 'frames'])
  Object.defineProperty(globalThis, name, { value: globalThis, configurable: true, writable: true });

// Said here because the library that says it for each file is loaded once.
globalThis.IS_REACT_ACT_ENVIRONMENT = true;
// React would keep the place in the code of each element, and how long each took to draw, for tools nobody has open.
delete console.createTask;
delete console.timeStamp;

await import('../../packages/web/build/testing/browser.js');

// Libraries reach for the window of an element as well as for the one there is: they find the same there.
const alike = [
  ...['requestAnimationFrame', 'cancelAnimationFrame', 'scrollTo', 'getComputedStyle', 'matchMedia'],
  ...['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval'],
];
for (const name of [...alike, ...Object.getOwnPropertyNames(globalThis).filter((n) => !(n in window))])
  Object.defineProperty(window, name, {
    configurable: true,
    get: () => globalThis[name],
    set(value) {
      globalThis[name] = value;
    },
  });
