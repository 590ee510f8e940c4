/** For tests: a live server of the real kind, on a port of its own, that says what the test has it say. */
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { Server, type Socket } from 'socket.io';

export interface PretendLive {
  readonly address: string;
  /** Sockets in the order in which they came; ended ones stay. */
  readonly came: Socket[];
  /** Resolves with the n-th socket that comes, counted from 1. */
  arrival(n: number): Promise<Socket>;
  /** Turns everybody away at the door while it is set. */
  shut: boolean;
  close(): Promise<void>;
}

/** Opens it for one kind of visitor. @param space the namespace they come to. */
export async function pretendLive(space: string): Promise<PretendLive> {
  const http = createServer();
  const io = new Server(http, { path: '/live' });
  const waiting: { readonly n: number; readonly done: (socket: Socket) => void }[] = [];
  await new Promise<void>((done) => http.listen(0, '127.0.0.1', done));
  const live: PretendLive = {
    address: `http://127.0.0.1:${(http.address() as AddressInfo).port}`,
    came: [],
    arrival: (n) =>
      new Promise((done) => {
        const there = live.came[n - 1];
        if (there) done(there);
        else waiting.push({ n, done });
      }),
    shut: false,
    close: () => io.close(),
  };
  io.of(space)
    .use((_, next) => {
      if (live.shut) next(new Error('shut'));
      else next();
    })
    .on('connection', (socket) => {
      live.came.push(socket);
      for (const { n, done } of waiting) if (n === live.came.length) done(socket);
    });
  return live;
}

/** Resolves once something holds; looks again every few milliseconds. @throws after five seconds, naming it. */
export async function soon(what: string, holds: () => boolean): Promise<void> {
  for (const until = Date.now() + 5_000; !holds();) {
    if (Date.now() > until) throw new Error(`it never came about that ${what}`);
    await new Promise((done) => setTimeout(done, 10));
  }
}
