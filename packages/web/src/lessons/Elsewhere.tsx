/** While a lesson runs and its teacher looks at another face of it: calls of the benches, told in a corner. */
import type { Lesson } from '@kivex/contract';
import { useEffect } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { clearTold, tellElsewhere, Toasts } from '../kit/Toasts.js';
import { callTold } from './call-told.js';

export default function Elsewhere({ lesson }: { readonly lesson: Lesson }) {
  const { pathname } = useLocation();
  const go = useNavigate();
  const board = `/lessons/${lesson.id}/run`;
  const away = lesson.state === 'running' && pathname !== board;
  useEffect(() => {
    if (!away) return;
    let end: (() => void) | undefined;
    let gone = false;
    // The wire is fetched when it is first wanted: most faces do without it.
    void import('../run/board-wire.js').then(({ openBoardWire }) => {
      if (gone) return;
      const nothing = () => undefined;
      end = openBoardWire(lesson.id, {
        live: nothing,
        gap: nothing,
        held: nothing,
        state: nothing,
        devices: nothing,
        event: (event) => {
          const told = callTold(event, lesson);
          if (told) tellElsewhere({ ...told, action: { label: 'To the board', does: () => void go(board) } });
        },
      });
    });
    return () => {
      gone = true;
      end?.();
      clearTold();
    };
  }, [away, lesson, board, go]);
  return <Toasts />;
}
