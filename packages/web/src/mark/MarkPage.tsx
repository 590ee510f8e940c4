/** Mark: a row a student, an item a column; unsure ones first to hand; every change kept with its reason. */
import type { MarkCell, MarkQuestion, MarkRow } from '@kivex/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { Box } from '@chakra-ui/react';
import { useSearchParams } from 'react-router';
import { OneOf } from '../kit/Choices.js';
import { Empty, Failed, Loading } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import { Surface } from '../lessons/Follows.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { useBoardLog, useMarks } from '../lessons/lesson-queries.js';
import { useLiveBoard } from '../run/live-board.js';
import { ChecksDesk } from './ChecksDesk.js';
import { LikeAnswers } from './LikeAnswers.js';
import { useQuestions } from './Questions.js';
import { ReportView } from './ReportView.js';
import { SchemeDesk } from './SchemeDesk.js';
import { MarkDesk } from './MarkDesk.js';
import { columnsOf } from './mark-columns.js';
import { markId, MarksTable, type Place } from './MarksTable.js';
import { MarkFollows } from './MarkFollows.js';
import { nextPlace } from './places.js';
import { useFlag } from './FlagPart.js';
import { useMarkKeys } from './use-mark-keys.js';
import { call } from '../kit/request/call.js';
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
  const next = useCallback(
    (wants: 'open' | 'flagged') => {
      const to = nextPlace(order ?? rows, columns, place, (row, column) => {
        const own = column.of(row);
        return Boolean(wants === 'open' ? own?.open : own?.flag);
      });
      if (to && view === 'report') setParams({ view, student: to.student }, { replace: true });
      choose(to);
    },
    [order, rows, columns, place, choose, view, setParams],
  );

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
    (to: Place) => {
      if (view === 'report' && to.student !== reports[reportAt]?.student.id) openReport(to.student);
      choose(to);
    },
    [view, reports, reportAt, openReport, choose],
  );
  const turn = useCallback(
    (by: 1 | -1) => {
      choose(undefined);
      openReport(reports[reportAt + by]?.student.id);
    },
    [choose, openReport, reports, reportAt],
  );
  const { mutate: setFlag, error: notFlagged } = useFlag(lesson.id);
  const flag = useCallback(
    ({ id, flag: own }: MarkCell) => setFlag({ mark: id, note: own ? null : '' }),
    [setFlag],
  );
  const [last, setLast] = useState<string>();
  const takeBack = useMutation({
    ...nowOrNever,
    mutationFn: (decision: string) =>
      call('POST /api/lessons/:lesson/marks/decisions/:decision/undo', { lesson: lesson.id, decision }),
    onSuccess: () => {
      setLast(undefined);
      return cache.invalidateQueries({ queryKey: ['marks', lesson.id] });
    },
  });
  const { mutate: back } = takeBack;
  const undo = useCallback(() => {
    if (last !== undefined) back(last);
  }, [last, back]);
  const points = useCallback((n: number) => setDraft({ points: n }), []);
  const cell = place && cells.get(markId(place));
  useMarkKeys({
    view,
    rows: order ?? rows,
    columns,
    place,
    cell,
    choose: chooseIn,
    next,
    points,
    flag,
    undo,
    turn,
  });

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
  const row = place && rows.find((r) => r.student.id === place.student);
  const marked = rows.filter((r) => r.cells.length);
  const waiting = asked.filter((q) => q.answer === null);
  const toQuestion = () => {
    const [first] = waiting;
    const of = first && rows.find((r) => r.student.id === first.student.id);
    const column = of && columns.find((c) => c.of(of)?.key === first.key);
    if (of && column) choose({ student: of.student.id, column: column.key });
  };
  const byMark = view === 'table' || view === 'report';
  const follows = (
    <MarkFollows
      lesson={lesson}
      marks={marks.data}
      asked={waiting.length}
      go={byMark ? { next, question: toQuestion } : undefined}
      problem={(away.error ?? takeBack.error)?.message}
      undo={last === undefined ? undefined : undo}
    />
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
              saved={setLast}
              problem={(notFlagged ?? takeBack.error)?.message}
              close={() => choose(undefined)}
              next={() => next('open')}
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
            step={turn}
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
