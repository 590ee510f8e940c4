import type { Socket } from 'socket.io';

/** Says why, then hangs up. */
export const refuse = (socket: Socket, why: string): void => {
  socket.emit('refused', why);
  socket.disconnect(true);
};
