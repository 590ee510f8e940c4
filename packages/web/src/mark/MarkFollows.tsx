/** What follows from the marks as they stand: what wants a person, giving them out, on paper and as sheets. */
import { Box } from '@chakra-ui/react';
import type { Lesson, MarkTable } from '@kivex/contract';
import { Printer, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from '../kit/Button.js';
import { FileLink } from '../kit/FileLink.js';
import { Notice } from '../kit/Notice.js';
import { address } from '../kit/request/call.js';
import { SheetLinks } from '../kit/SheetLinks.js';
import { Follows, type Consequence } from '../lessons/Follows.js';
import { HeldNotice } from '../lessons/HeldNotice.js';
import { GiveOut } from './GiveOut.js';
import { GradebookPart } from './GradebookPart.js';
import { markFacts } from './mark-follows.js';

interface MarkFollowsProps {
  readonly lesson: Lesson;
  readonly marks: MarkTable;
  /** Questions of students that wait. */
  readonly asked: number;
  /** Where one can go from mark to mark: how. */
  readonly go:
    | {
        readonly next: (wanted: 'open' | 'flagged') => void;
        readonly question: () => void;
      }
    | undefined;
  readonly problem: string | undefined;
  /** Takes the last decision of this visit back; undefined where there is none. */
  readonly undo: (() => void) | undefined;
}

export function MarkFollows({ lesson, marks, asked, go, problem, undo }: MarkFollowsProps) {
  const { rows } = marks;
  const actions: Readonly<Partial<Record<string, ReactNode>>> = go
    ? {
        open: (
          <Button variant="look" onClick={() => go.next('open')}>
            Look at the next (n)
          </Button>
        ),
        flagged: <Button onClick={() => go.next('flagged')}>Go to the next (Shift+F)</Button>,
      }
    : {};
  const facts = markFacts(marks, lesson.state).map((fact): Consequence => ({
    ...fact,
    action: actions[fact.key],
  }));
  const waiting: readonly Consequence[] = asked
    ? [
        {
          key: 'asked',
          tone: 'look',
          text: `${asked} ${asked === 1 ? 'question' : 'questions'} from students.`,
          action: go && <Button onClick={go.question}>Go to the first</Button>,
        },
      ]
    : [];
  return (
    <Follows consequences={[...facts, ...waiting]}>
      <HeldNotice lesson={lesson} />
      {problem && <Notice tone="stop">{problem}</Notice>}
      {undo && (
        <Button onClick={undo}>
          <Undo2 size={18} aria-hidden /> Take the last mark back (u)
        </Button>
      )}
      <GiveOut lesson={lesson} rows={rows} />
      {rows.some((r) => r.given !== 'no') && (
        <GradebookPart lesson={lesson} given={rows.map((r) => `${r.given} ${r.points}`).join()} />
      )}
      {rows.some((r) => r.cells.length) && (
        <>
          <Box>
            <Box fontWeight="600" fontSize="sm" mb="1">
              On paper
            </Box>
            <Box display="flex" gap="1.5" flexWrap="wrap">
              {(['reports', 'slips'] as const).map((form) => (
                <FileLink
                  key={form}
                  size="small"
                  href={address(
                    'GET /api/lessons/:lesson/marks/reports.pdf',
                    { lesson: lesson.id },
                    { form },
                  )}
                >
                  <Printer size={14} aria-hidden /> {form === 'reports' ? 'Reports' : 'Slips'}
                </FileLink>
              ))}
            </Box>
          </Box>
          <SheetLinks
            what="Marks"
            at={(kind) => address('GET /api/lessons/:lesson/marks/sheet/:kind', { lesson: lesson.id, kind })}
          />
          <SheetLinks
            what="How each mark came about"
            at={(kind) =>
              address('GET /api/lessons/:lesson/marks/history/sheet/:kind', { lesson: lesson.id, kind })
            }
          />
        </>
      )}
    </Follows>
  );
}
