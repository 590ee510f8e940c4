/** The bench of this page: its store, tied to the network, the device and the clock. */
import { call } from '../kit/request/call.js';
import { createBench } from './bench-store.js';
import { openDevice } from './device-store.js';
import { rememberWho } from './who-writes.js';
import { openWire } from './wire.js';

let stands: () => void;
const standing = new Promise<void>((resolve) => (stands = resolve));
/** The bench is drawn: what comes after this is no part of the first load. */
export function benchStands(): void {
  performance.mark('bench stands');
  stands();
}

export const useBench = createBench({
  openDevice: () => openDevice(),
  call,
  openWire: (on, as) => openWire(on, as, { after: standing }),
  ...(typeof localStorage === 'undefined' ? {} : { who: rememberWho(localStorage) }),
  later: (run, ms) => {
    const timer = setTimeout(run, ms);
    return () => clearTimeout(timer);
  },
  now: () => new Date(),
});

/** Where a bench stands. */
const address = '/bench';

/** On its own address the server is asked, and the device's store opened, while the page is still fetched and drawn. */
let ahead =
  typeof location !== 'undefined' && location.pathname === address ? useBench.getState().open() : undefined;

/** Opens the bench, or waits for it where that has begun with the page. */
export function openBench(): Promise<void> {
  const begun = ahead ?? useBench.getState().open();
  ahead = undefined;
  return begun;
}

// A device that comes back to the network or the foreground tries at once.
const tryNow = (): void => useBench.getState().wake();
if (typeof addEventListener === 'function') addEventListener('online', tryNow);
if (typeof document !== 'undefined')
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') tryNow();
  });
