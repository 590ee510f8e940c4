/** The board's live wire: the log of the lesson as it grows, and which devices are there. */
import { boardSpace, type WireEvent } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { io } from 'socket.io-client';

export interface LiveBoard {
  readonly connected: boolean;
  /** Devices connected, by group. */
  readonly devices: Readonly<Record<string, number>>;
}

/** Keeps the lesson's log up to date; after a gap it is fetched whole. */
export function useLiveBoard(lessonId: string): LiveBoard {
  const cache = useQueryClient();
  const [connected, setConnected] = useState(false);
  const [devices, setDevices] = useState<Readonly<Record<string, number>>>({});
  useEffect(() => {
    const socket = io(boardSpace, {
      path: '/live',
      auth: { lesson: lessonId },
      transports: ['websocket', 'polling'],
      reconnectionDelayMax: 5000,
    });
    socket.on('ready', () => {
      setConnected(true);
      // What was committed between the page's first fetch and this moment must not be missed.
      void cache.invalidateQueries({ queryKey: ['events', lessonId] });
    });
    const knockAgain = () => {
      // Turned away or hung up on, the socket does not come back by itself.
      if (!socket.active) timer = setTimeout(() => socket.connect(), 2000);
    };
    let timer: ReturnType<typeof setTimeout> | undefined;
    socket.on('connect_error', knockAgain);
    socket.on('disconnect', () => {
      setConnected(false);
      setDevices({});
      knockAgain();
    });
    socket.on('presence', ({ group, devices: n }: { group: string; devices: number }) =>
      setDevices((now) => ({ ...now, [group]: n })),
    );
    socket.on('lesson-event', (event: WireEvent) => {
      cache.setQueryData<readonly WireEvent[]>(['events', lessonId], (events) =>
        !events || events.some((e) => e.id === event.id)
          ? events
          : [...events, event].sort((a, b) => a.seq - b.seq),
      );
    });
    socket.on('lesson-state', () => {
      void cache.invalidateQueries({ queryKey: ['lesson', lessonId] });
      void cache.invalidateQueries({ queryKey: ['marks', lessonId] });
    });
    return () => {
      clearTimeout(timer);
      socket.off('disconnect');
      socket.disconnect();
    };
  }, [cache, lessonId]);
  return { connected, devices };
}
