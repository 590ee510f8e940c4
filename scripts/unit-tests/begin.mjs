// What a file of tests of pages finds in a worker that has run others: what they put in the place of a global is taken out,
// what they kept is forgotten.

/** The globals of the worker before its first file. */
const first = Object.getOwnPropertyDescriptors(globalThis);

export function begin() {
  for (const [name, descriptor] of Object.entries(first)) {
    const now = Object.getOwnPropertyDescriptor(globalThis, name);
    if ('value' in descriptor && now?.configurable && now.value !== descriptor.value)
      Object.defineProperty(globalThis, name, descriptor);
  }
  // A file that wants a store of the device has put it there by an import, which comes once in a worker.
  if (globalThis.indexedDB) globalThis.indexedDB = new globalThis.IDBFactory();
  if (!globalThis.document) return;
  globalThis.document.body.replaceChildren();
  globalThis.localStorage.clear();
  globalThis.sessionStorage.clear();
  globalThis.history.replaceState(null, '', '/');
}
