// A device at a bench, with Kivex's own bench store, outbox, wire and database in it (the database is fake-indexeddb). It
// can crash and be started again, lose its network, run out of room, and have a clock that is wrong by a day.
import 'fake-indexeddb/auto';
import { createBench } from '../packages/web/build/bench/bench-store.js';
import { openDevice } from '../packages/web/build/bench/device-store.js';
import { openWire } from '../packages/web/build/bench/wire.js';
import { RequestProblem } from '../packages/web/build/kit/request/request.js';
import { openNetwork } from './network.mjs';
import { Browser } from './people.mjs';

/** Names of devices that have no room left. */
const full = new Set();
const realAdd = IDBObjectStore.prototype.add;
IDBObjectStore.prototype.add = function add(...args) {
  if (full.has(this.transaction.db.name)) throw new DOMException('no room', 'QuotaExceededError');
  return realAdd.apply(this, args);
};

export class Device {
  /** Counts its starts: what an earlier start still does comes to nothing. */
  start = 0;
  skew = 0;
  student = undefined;

  constructor(name, portNow, told) {
    this.name = name;
    this.portNow = portNow;
    /** Is told of every entry the server acknowledges. */
    this.told = told;
  }

  async open() {
    this.network = await openNetwork(this.portNow);
    this.browser = new Browser(() => this.network.base);
    this.boot();
  }

  boot() {
    const now = ++this.start;
    const mine = () => now === this.start;
    const gone = () => new RequestProblem(0, 'this device was switched off');
    const ports = {
      openDevice: () => openDevice(this.name),
      call: async (route, given) => {
        const [method, path] = route.split(' ');
        const body = given?.body;
        if (!mine()) throw gone();
        const reply = await this.browser.send(method, path, body).catch(() => ({ status: 0 }));
        if (!mine()) throw gone();
        const { status, body: answer } = reply;
        if (status < 200 || status >= 300)
          throw new RequestProblem(
            status,
            answer?.detail ?? 'away',
            answer?.errors ?? [],
            Number(reply.headers?.get('retry-after')) || undefined,
          );
        if (path === '/api/bench/events') this.acknowledged(body, answer);
        return answer;
      },
      openWire: (on, as) => {
        const guarded = Object.fromEntries(
          Object.entries(on).map(([name, tell]) => [name, (...args) => (mine() ? tell(...args) : undefined)]),
        );
        const wire = openWire(guarded, as, {
          address: this.network.base,
          headers: { cookie: this.browser.cookie },
        });
        (this.wires ??= []).push(wire);
        return {
          ...wire,
          send: async (batch) => {
            if (!mine()) throw gone();
            const receipt = await wire.send(batch);
            if (receipt) this.acknowledged(batch, receipt);
            return receipt;
          },
        };
      },
      later: (run, ms) => {
        const timer = setTimeout(() => mine() && run(), ms);
        return () => clearTimeout(timer);
      },
      now: () => new Date(Date.now() + this.skew),
    };
    this.bench = createBench(ports);
  }

  acknowledged(batch, receipt) {
    for (const id of receipt.accepted) this.told(id, batch.student);
    for (const id of receipt.held) this.told(id, batch.student, true);
  }

  get state() {
    return this.bench.getState();
  }

  /** Switched off without a word; what it keeps stays. */
  crash() {
    this.start++;
    for (const wire of this.wires ?? []) wire.close();
    this.wires = [];
    full.delete(this.name);
  }

  async restart() {
    this.crash();
    this.boot();
    await this.state.open();
  }

  setFull(isFull) {
    if (isFull) full.add(this.name);
    else full.delete(this.name);
  }

  /** Somebody joins here. @returns whether it went through. */
  async join(code, student, pin) {
    const reply = await this.browser
      .send('POST', '/api/join', { code, student, pin })
      .catch(() => ({ status: 0 }));
    if (reply.status !== 204) return false;
    this.student = student;
    await this.state.open();
    return true;
  }

  async leave() {
    this.student = undefined;
    await this.state.leave();
  }

  close() {
    this.crash();
    this.network.close();
  }
}
