/** Mark: a row a student, an item a column; unsure ones first to hand; every change kept with its reason. */
import type { MarkCell, MarkQuestion, MarkRow } from '@kivex/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useState } from 'react';
import { Box } from '@chakra-ui/react';
import { OneOf } from '../kit/Choices.js';
import { Empty, Failed, Loading } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
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
import { MarksTable } from './MarksTable.js';
import { MarkFollows } from './MarkFollows.js';
import { useFlag } from './FlagPart.js';
import { useMarksFollowLog } from './use-marks-follow-log.js';
import { useMarkKeys } from './use-mark-keys.js';
import { markViews, useMarkPlaces } from './use-mark-places.js';
import { call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';

export default function MarkPage() {
  const lesson = useThisLesson();
  const cache = useQueryClient();
  const marks = useMarks(lesson.id);
  const events = useBoardLog(lesson.id);
  useLiveBoard(lesson.id);
  useMarksFollowLog(lesson.id, events.data?.events.length);

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
  const places = useMarkPlaces(rows, columns);
  const { view, place, draft, cell, choose, next, turn, reports, reportAt } = places;
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
  useMarkKeys({
    view,
    rows: places.order,
    columns,
    place,
    cell,
    choose: places.chooseIn,
    next,
    points: places.points,
    flag,
    undo,
    turn,
  });

  if (marks.isPending || events.isPending) return <Loading what="the marks" />;
  if (isLacking(marks) || isLacking(events))
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
      <OneOf label="How the marks are shown" choices={markViews} chosen={view} choose={places.show} />
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
                onOrder={places.setOrder}
                presence={presence}
              />
            )}
          </Tile>
        )}
      </Surface>
    </>
  );
}

const noRows: readonly MarkRow[] = [];
const noQuestions: readonly MarkQuestion[] = [];
