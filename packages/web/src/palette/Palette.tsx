/** Goes to any lesson, practical, class or page, or does one of a few things, from the keyboard: Ctrl+K. */
import { useMemo } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { Combobox } from '../kit/Combobox.js';
import { Dialog } from '../kit/Dialog.js';
import type { PaletteProps } from '../kit/shell/Shell.js';
import { facesOf } from '../lessons/faces.js';
import { useLessons } from '../lessons/lesson-queries.js';
import { useClasses } from '../people/class-queries.js';
import { usePracticals } from '../practicals/practical-queries.js';
import { paletteEntries } from './palette-entries.js';

export default function Palette({ me, close, acts }: PaletteProps) {
  const go = useNavigate();
  const { pathname } = useLocation();
  const lessons = useLessons();
  const practicals = usePracticals();
  const classes = useClasses(me.role !== 'technician');
  const entries = useMemo(
    () =>
      paletteEntries({
        me,
        path: pathname,
        lessons: lessons.data?.pages.flat() ?? [],
        practicals: practicals.data ?? [],
        classes: classes.data ?? [],
        faces: facesOf(me.role),
      }),
    [me, pathname, lessons.data, practicals.data, classes.data],
  );
  return (
    <Dialog open close={close} title="Go to" first="input">
      <Combobox
        aria-label="Go to"
        placeholder="A lesson, a practical, a class, a page"
        choices={entries}
        value=""
        inside
        onChoose={(id) => {
          const entry = entries.find((e) => e.id === id);
          if (!entry) return;
          close();
          if ('to' in entry) void go(entry.to);
          else acts[entry.does]();
        }}
      />
    </Dialog>
  );
}
