/** While a lesson runs and its teacher looks at another face of it: calls of the benches, told in a corner. */
import type { Lesson } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { clearTold, tellElsewhere, Toasts, untell } from '../kit/Toasts.js';
import type { openBoardWire } from '../run/board-wire.js';
import { callTold, openCalls, openTold } from './call-told.js';
import { boardLogOf } from './lesson-queries.js';

/** The wire is fetched when it is first wanted: most faces do without it. */
const boardWire = async (): Promise<typeof openBoardWire> =>
  (await import('../run/board-wire.js')).openBoardWire;

export default function Elsewhere({
  lesson,
  wire = boardWire,
}: {
  readonly lesson: Lesson;
  /** How the board's wire is come by; another one in tests. */
  readonly wire?: () => Promise<typeof openBoardWire>;
}) {
  const { pathname } = useLocation();
  const go = useNavigate();
  const cache = useQueryClient();
  const board = `/lessons/${lesson.id}/run`;
  const away = lesson.state === 'running' && pathname !== board;
  /** Calls told since one left the board: none is told twice. */
  const known = useRef(new Set<string>());
  const { id, groupList } = lesson;
  useEffect(() => {
    if (!away) {
      known.current.clear();
      return;
    }
    let end: (() => void) | undefined;
    let gone = false;
    const action = { label: 'To the board', does: () => void go(board) };
    /** What stood open before one came, or was called while the wire was down. */
    const lookBack = async () => {
      const { events } = await cache.fetchQuery({ ...boardLogOf(id), staleTime: 0 });
      if (gone) return;
      const open = openCalls(events);
      for (const told of openTold(open, { groupList }, known.current)) tellElsewhere({ ...told, action });
      for (const call of open) known.current.add(call.id);
    };
    void wire().then((openWire) => {
      if (gone) return;
      const nothing = () => undefined;
      end = openWire(id, {
        live: nothing,
        // Offline, the face itself says so; the wire asks again when it is back.
        gap: () => void lookBack().catch(nothing),
        held: nothing,
        state: nothing,
        devices: nothing,
        event: (event) => {
          if (event.body.type === 'call-answered') untell(event.body.call);
          const told = callTold(event, { groupList });
          if (!told || known.current.has(told.id)) return;
          known.current.add(told.id);
          tellElsewhere({ ...told, action });
        },
      });
    });
    return () => {
      gone = true;
      end?.();
      clearTold();
    };
  }, [away, id, groupList, board, go, cache, wire]);
  return <Toasts />;
}
