/** The state of a lesson in a word and a shape. */
import { chakra } from '@chakra-ui/react';
import type { LessonState } from '@kivex/contract';
import { CalendarClock, CircleCheckBig, Flame, PenLine } from 'lucide-react';

const states = {
  planned: { word: 'planned', icon: CalendarClock, color: 'ink.soft', bg: 'slate.50' },
  running: { word: 'running', icon: Flame, color: 'permanganate', bg: 'permanganate.wash' },
  marking: { word: 'to be marked', icon: PenLine, color: 'saffron', bg: 'saffron.wash' },
  released: { word: 'marks released', icon: CircleCheckBig, color: 'verdigris', bg: 'verdigris.wash' },
} as const satisfies Record<LessonState, object>;

export function StateMark({ state }: { readonly state: LessonState }) {
  const { word, icon: Icon, color, bg } = states[state];
  return (
    <chakra.span
      display="inline-flex"
      alignItems="center"
      gap="1.5"
      px="2.5"
      py="0.5"
      borderRadius="round"
      bg={bg}
      color={color}
      fontWeight="600"
      fontSize="sm"
      whiteSpace="nowrap"
    >
      <Icon size={16} aria-hidden /> {word}
    </chakra.span>
  );
}
