/** A room as it is changed: saved from the version one began from, and what somebody else has saved meanwhile told. */
import type { NewRoom, Room } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { call } from '../kit/request/call.js';
import { isOvertaken } from '../kit/request/overtaken.js';
import { useSentForm } from '../kit/request/use-sent-form.js';

const entered = ({ name, plan }: Room): NewRoom => ({ name, plan });

export function useRoom(room: Room) {
  const cache = useQueryClient();
  const key = ['rooms'];
  const [from, setFrom] = useState(room.version);
  /** What is sent now begins from; set where one presses, before what is drawn follows. */
  const begun = useRef(room.version);
  const begin = (version: number) => {
    begun.current = version;
    setFrom(version);
  };
  const form = useSentForm<NewRoom>({
    defaults: entered(room),
    fields: ['name'],
    send: async (body) => {
      try {
        const saved = await call('PUT /api/rooms/:room', {
          room: room.id,
          body: { ...body, from: begun.current },
        });
        cache.setQueryData<readonly Room[]>(key, (rooms) =>
          rooms?.map((r) => (r.id === room.id ? saved : r)),
        );
        begin(saved.version);
      } catch (error) {
        if (isOvertaken(error)) await cache.invalidateQueries({ queryKey: key });
        throw error;
      }
    },
  });
  const { reset, changed, submit } = form;
  const takeTheirs = useCallback(() => {
    begun.current = room.version;
    setFrom(room.version);
    reset(entered(room));
  }, [room, reset]);
  const isOld = room.version !== from;
  // Nothing of one's own would be lost: what is shown is what there is.
  useEffect(() => {
    if (isOld && !changed) takeTheirs();
  }, [isOld, changed, takeTheirs]);
  return {
    form,
    /** Has somebody else saved it since, while something is entered here? */
    overtaken: isOld && changed,
    takeTheirs,
    saveOver: () => {
      begin(room.version);
      submit();
    },
  };
}
