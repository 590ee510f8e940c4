// The network between one device and the servers: a proxy on loopback that can be cut, and that leads each connection to
// one server or another.
import { connect, createServer } from 'node:net';

/** @param portNow the port a new connection leads to. */
export async function openNetwork(portNow) {
  const open = new Set();
  let cut = false;
  const proxy = createServer((near) => {
    if (cut) return near.destroy();
    const far = connect(portNow(), '127.0.0.1');
    open.add(near);
    const end = () => {
      near.destroy();
      far.destroy();
      open.delete(near);
    };
    for (const side of [near, far]) side.on('error', end).on('close', end);
    near.pipe(far).pipe(near);
  });
  await new Promise((resolve) => proxy.listen(0, '127.0.0.1', resolve));
  return {
    base: `http://127.0.0.1:${proxy.address().port}`,
    cut: () => {
      cut = true;
      for (const near of open) near.destroy();
    },
    mend: () => {
      cut = false;
    },
    close: () => {
      for (const near of open) near.destroy();
      proxy.close();
    },
  };
}
