/** What the palette offers: pages, the faces of the lesson one is in, lessons, practicals, classes, and things to do. */
import type { ClassHead, LessonHead, PracticalHead, StaffMe } from '@kivex/contract';
import type { Choice } from '../kit/matching.js';
import { day } from '../kit/moments.js';
import { barPlaces } from '../kit/shell/bar-places.js';

/** A choice and where it leads, or what it does. */
export type PaletteEntry = Choice &
  ({ readonly to: string } | { readonly does: 'theme' | 'help' | 'sign-out' });

interface Known {
  readonly me: StaffMe;
  readonly path: string;
  readonly lessons: readonly LessonHead[];
  readonly practicals: readonly PracticalHead[];
  readonly classes: readonly ClassHead[];
  readonly faces: readonly { readonly path: string; readonly name: string }[];
}

export function paletteEntries({ me, path, lessons, practicals, classes, faces }: Known): PaletteEntry[] {
  const here = /^\/lessons\/(?!new)([^/]+)/.exec(path)?.[1];
  const teaching = me.role !== 'technician';
  return [
    ...(here
      ? faces.map((face) => ({
          id: `face ${face.path}`,
          name: face.name,
          group: 'This lesson',
          to: `/lessons/${here}/${face.path}`,
        }))
      : []),
    ...(teaching
      ? ([
          { id: 'new-lesson', name: 'New lesson', group: 'To do', to: '/lessons/new' },
          {
            id: 'together',
            name: 'Mark what wants a person, of all lessons',
            also: 'like answers together',
            group: 'To do',
            to: '/marking',
          },
        ] as const)
      : []),
    {
      id: 'theme',
      name: 'Change the theme',
      group: 'To do',
      also: 'projector dark prep room daylight',
      does: 'theme',
    },
    { id: 'kept', name: 'Find a kept sample by its code', group: 'To do', to: '/kept' },
    { id: 'devices', name: 'Try the devices: camera, probe, gradebook', group: 'To do', to: '/devices' },
    { id: 'help', name: 'Keyboard shortcuts', group: 'To do', does: 'help' },
    { id: 'sign-out', name: 'Sign out', group: 'To do', does: 'sign-out' },
    ...barPlaces(me.role).map(({ to, name }) => ({ id: to, name, group: 'Pages', to })),
    ...lessons.map((l) => ({
      id: `lesson ${l.id}`,
      name: `${l.className}: ${l.title}`,
      also: `${day(l.startsAt)} ${l.room}`,
      group: 'Lessons',
      to: `/lessons/${l.id}/${teaching ? 'plan' : 'prepare'}`,
    })),
    ...practicals.map((p) => ({
      id: `practical ${p.id}`,
      name: p.title,
      also: p.summary,
      group: 'Practicals',
      to: `/practicals/${p.id}`,
    })),
    ...(teaching
      ? classes.map((c) => ({
          id: `class ${c.id}`,
          name: c.name,
          group: 'Classes',
          to: `/classes/${c.id}`,
        }))
      : []),
  ];
}
