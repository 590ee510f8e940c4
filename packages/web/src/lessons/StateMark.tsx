/** The state of a lesson in a word and a shape. */
import type { LessonState } from '@kivex/contract';
import { CalendarClock, CircleCheckBig, Flame, PenLine } from 'lucide-react';
import { Mark } from '../kit/Mark.js';

const states = {
  planned: { word: 'planned', icon: CalendarClock, tone: 'tell' },
  running: { word: 'running', icon: Flame, tone: 'chosen' },
  marking: { word: 'to be marked', icon: PenLine, tone: 'look' },
  released: { word: 'marks released', icon: CircleCheckBig, tone: 'go' },
} as const satisfies Record<LessonState, object>;

export function StateMark({ state }: { readonly state: LessonState }) {
  const { word, icon: Icon, tone } = states[state];
  return (
    <Mark tone={tone}>
      <Icon size={16} aria-hidden /> {word}
    </Mark>
  );
}
