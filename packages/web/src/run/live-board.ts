/** The board's live wire, tied to what the pages hold of the lesson. */
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { openBoardWire } from './board-wire.js';
import { takeEvents } from './late-events.js';

export interface LiveBoard {
  /** Does everything that is committed reach this board as it happens, whichever process took it? */
  readonly live: boolean;
  /** Devices connected, by group. */
  readonly devices: Readonly<Record<string, number>>;
}

/** Keeps the lesson's log up to date; after a gap it is fetched whole. */
export function useLiveBoard(lessonId: string): LiveBoard {
  const cache = useQueryClient();
  const [live, setLive] = useState(false);
  const [devices, setDevices] = useState<Readonly<Record<string, number>>>({});
  useEffect(() => {
    const anew = (...keys: string[]) => {
      for (const key of keys) void cache.invalidateQueries({ queryKey: [key, lessonId] });
    };
    const taken = takeEvents(cache, lessonId);
    const close = openBoardWire(lessonId, {
      live: setLive,
      devices: setDevices,
      gap: () => anew('events', 'held'),
      held: () => anew('held', 'marks'),
      state: () => anew('lesson', 'marks'),
      event: taken.event,
    });
    return () => {
      close();
      taken.end();
    };
  }, [cache, lessonId]);
  return { live, devices };
}
