/** Mark: a row a student, an item a column; unsure ones first to hand; every change kept with its reason. */
import type { MarkQuestion, MarkRow } from '@kivex/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Printer } from 'lucide-react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { Box } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { Button } from '../kit/Button.js';
import { OneOf } from '../kit/Choices.js';
import { FileLink } from '../kit/FileLink.js';
import { isTyping } from '../kit/is-typing.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { SheetLinks } from '../kit/SheetLinks.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface, type Consequence } from '../lessons/Follows.js';
import { HeldNotice } from '../lessons/HeldNotice.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { useBoardLog, useMarks } from '../lessons/lesson-queries.js';
import { useLiveBoard } from '../run/live-board.js';
import { ChecksDesk } from './ChecksDesk.js';
import { GiveOut } from './GiveOut.js';
import { LikeAnswers } from './LikeAnswers.js';
import { useQuestions } from './Questions.js';
import { ReportView } from './ReportView.js';
import { SchemeDesk } from './SchemeDesk.js';
import { MarkDesk } from './MarkDesk.js';
import { columnsOf } from './mark-columns.js';
import { markFacts } from './mark-follows.js';
import { markId, MarksTable, type Place } from './MarksTable.js';
import { movedPlace, nextPlace, steps } from './places.js';
import { address, call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';

export default function MarkPage() {
  const lesson = useThisLesson();
  const cache = useQueryClient();
  const marks = useMarks(lesson.id);
  const events = useBoardLog(lesson.id);
  useLiveBoard(lesson.id);
  const [place, setPlace] = useState<Place>();
  const [order, setOrder] = useState<readonly MarkRow[]>();
  const [draft, setDraft] = useState<{ points: number } | undefined>();
  const logLength = events.data?.events.length;
  useEffect(() => {
    // A hand-in seen on the wire brings new marks.
    if (logLength !== undefined) void cache.invalidateQueries({ queryKey: ['marks', lesson.id] });
  }, [cache, lesson.id, logLength]);

  const away = useMutation({
    ...nowOrNever,
    mutationFn: ({ student, absent }: { student: string; absent: boolean }) =>
      call('PUT /api/lessons/:lesson/marks/absent/:student', {
        lesson: lesson.id,
        student,
        body: { absent },
      }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['marks', lesson.id] }),
  });
  const { mutate: setAway } = away;
  const presence = useCallback((student: string, absent: boolean) => setAway({ student, absent }), [setAway]);
  const asked = useQuestions(lesson.id).data ?? noQuestions;
  const rows = marks.data?.rows ?? noRows;
  const columns = useMemo(() => columnsOf(lesson, rows), [lesson, rows]);
  const cells = useMemo(
    () =>
      new Map(
        (order ?? rows).flatMap((row) =>
          columns.map((c) => [markId({ student: row.student.id, column: c.key }), c.of(row)]),
        ),
      ),
    [order, rows, columns],
  );

  const choose = useCallback((next: Place | undefined) => {
    setPlace(next);
    setDraft(undefined);
    if (next) document.getElementById(markId(next))?.focus();
  }, []);
  const [params, setParams] = useSearchParams();
  const wanted = params.get('view');
  const view = views.find((v) => v.id === wanted)?.id ?? 'table';
  const nextOpen = useCallback(() => {
    const next = nextPlace(order ?? rows, columns, place, (row, column) => Boolean(column.of(row)?.open));
    if (next && view === 'report') setParams({ view, student: next.student }, { replace: true });
    choose(next);
  }, [order, rows, columns, place, choose, view, setParams]);

  const reports = useMemo(() => (order ?? rows).filter((r) => r.cells.length), [order, rows]);
  const shownId = params.get('student') ?? place?.student;
  const reportAt = Math.max(
    0,
    reports.findIndex((r) => r.student.id === shownId),
  );
  const openReport = useCallback(
    (student: string | undefined) => {
      if (student) setParams({ view: 'report', student }, { replace: true });
    },
    [setParams],
  );
  const chooseIn = useCallback(
    (next: Place | undefined) => {
      if (view === 'report' && next && next.student !== reports[reportAt]?.student.id)
        openReport(next.student);
      choose(next);
    },
    [view, reports, reportAt, openReport, choose],
  );
  useEffect(() => {
    if (view !== 'table' && view !== 'report') return;
    const press = (event: KeyboardEvent) => {
      if (isTyping(event)) return;
      const step = steps[event.key];
      if (event.key === 'n') nextOpen();
      else if (view === 'report' && (event.key === 'PageDown' || event.key === 'PageUp')) {
        event.preventDefault();
        choose(undefined);
        openReport(reports[reportAt + (event.key === 'PageDown' ? 1 : -1)]?.student.id);
      } else if (place && step) {
        event.preventDefault();
        const next = movedPlace(order ?? rows, columns, place, step);
        if (next) chooseIn(next);
      } else if (place && /^[0-9]$/.test(event.key)) {
        const cell = cells.get(markId(place));
        if (!cell || Number(event.key) > cell.max) return;
        event.preventDefault();
        setDraft({ points: Number(event.key) });
      }
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, [view, place, order, rows, columns, cells, choose, chooseIn, nextOpen, openReport, reports, reportAt]);

  if (marks.isPending || events.isPending) return <Loading what="the marks" />;
  if (marks.error || events.error)
    return (
      <Failed
        error={marks.error ?? events.error}
        again={() => {
          void marks.refetch();
          void events.refetch();
        }}
      />
    );
  const cell = place && cells.get(markId(place));
  const row = place && rows.find((r) => r.student.id === place.student);
  const marked = rows.filter((r) => r.cells.length);
  const waiting = asked.filter((q) => q.answer === null);
  const toQuestion = () => {
    const [first] = waiting;
    const of = first && rows.find((r) => r.student.id === first.student.id);
    const column = of && columns.find((c) => c.of(of)?.key === first.key);
    if (of && column) choose({ student: of.student.id, column: column.key });
  };
  const facts = markFacts(marks.data, lesson.state).map((fact): Consequence =>
    fact.key === 'open'
      ? {
          ...fact,
          action:
            view !== 'table' && view !== 'report' ? undefined : (
              <Button variant="look" onClick={nextOpen}>
                Look at the next (n)
              </Button>
            ),
        }
      : fact,
  );

  const follows = (
    <Follows
      consequences={[
        ...facts,
        ...(waiting.length
          ? [
              {
                key: 'asked',
                tone: 'look' as const,
                text: `${waiting.length} ${waiting.length === 1 ? 'question' : 'questions'} from students.`,
                action: (view === 'table' || view === 'report') && (
                  <Button onClick={toQuestion}>Go to the first</Button>
                ),
              },
            ]
          : []),
      ]}
    >
      <HeldNotice lesson={lesson} />
      {away.error && <Notice tone="stop">{away.error.message}</Notice>}
      <GiveOut lesson={lesson} rows={rows} />
      {marked.length > 0 && (
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
  const switcher = (
    <Box mb="2">
      <OneOf
        label="How the marks are shown"
        choices={views}
        chosen={view}
        choose={(next) => setParams(next === 'table' ? {} : { view: next }, { replace: true })}
      />
    </Box>
  );
  if (view === 'scheme')
    return (
      <>
        {switcher}
        <SchemeDesk key={marks.data.scheme.id} lesson={lesson} standing={marks.data.scheme} />
      </>
    );
  if (view === 'checks')
    return (
      <>
        {switcher}
        <ChecksDesk lesson={lesson} rows={rows} follows={follows} />
      </>
    );
  if (view === 'like' && marked.length)
    return (
      <>
        {switcher}
        <LikeAnswers lesson={lesson} rows={rows} follows={follows} />
      </>
    );

  return (
    <>
      {switcher}
      <Surface
        follows={
          cell && row ? (
            <MarkDesk
              key={cell.id}
              lesson={lesson}
              row={row}
              cell={cell}
              events={events.data.events}
              questions={asked.filter((q) => q.student.id === row.student.id && q.key === cell.key)}
              draft={draft}
              close={() => choose(undefined)}
              next={nextOpen}
            />
          ) : (
            follows
          )
        }
      >
        {view === 'report' && reports[reportAt] ? (
          <ReportView
            lesson={lesson}
            row={reports[reportAt]}
            at={reportAt + 1}
            of={reports.length}
            columns={columns}
            place={place}
            choose={choose}
            step={(by) => {
              choose(undefined);
              openReport(reports[reportAt + by]?.student.id);
            }}
          />
        ) : (
          <Tile p="3">
            {!marked.length ? (
              <Empty title="No marks yet">
                They are computed as soon as somebody hands in, and for everybody when the lesson ends.
              </Empty>
            ) : (
              <MarksTable
                lesson={lesson}
                rows={rows}
                columns={columns}
                place={place}
                choose={choose}
                onOrder={setOrder}
                presence={presence}
              />
            )}
          </Tile>
        )}
      </Surface>
    </>
  );
}

const views = [
  { id: 'table', label: 'By student' },
  { id: 'report', label: 'Whole report' },
  { id: 'like', label: 'Like answers' },
  { id: 'scheme', label: 'Mark scheme' },
  { id: 'checks', label: 'Checks' },
] as const;
const noRows: readonly MarkRow[] = [];
const noQuestions: readonly MarkQuestion[] = [];
