/** Where one is among the marks: which view, which mark, whose report; and how one goes on from there. */
import type { MarkRow } from '@kivex/contract';
import { useCallback, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Column } from './mark-columns.js';
import { markId, type Place } from './MarksTable.js';
import { nextPlace } from './places.js';

export const markViews = [
  { id: 'table', label: 'By student' },
  { id: 'report', label: 'Whole report' },
  { id: 'like', label: 'Like answers' },
  { id: 'scheme', label: 'Mark scheme' },
  { id: 'checks', label: 'Checks' },
] as const;
export type MarkView = (typeof markViews)[number]['id'];

/** @param rows as they come; @returns `order` as they are sorted and searched, once the table has said so. */
export function useMarkPlaces(rows: readonly MarkRow[], columns: readonly Column[]) {
  const [place, setPlace] = useState<Place>();
  const [order, setOrder] = useState<readonly MarkRow[]>();
  const [draft, setDraft] = useState<{ points: number } | undefined>();
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
  const view = markViews.find((v) => v.id === wanted)?.id ?? 'table';
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
  return {
    view,
    show: useCallback(
      (to: MarkView) => setParams(to === 'table' ? {} : { view: to }, { replace: true }),
      [setParams],
    ),
    place,
    cell: place && cells.get(markId(place)),
    /** Points set from the keyboard. */
    draft,
    points: useCallback((n: number) => setDraft({ points: n }), []),
    order: order ?? rows,
    setOrder,
    choose,
    /** As `choose`; in a whole report it turns to whose mark it is. */
    chooseIn,
    /** To the next that wants a person, or has a flag. */
    next,
    turn,
    reports,
    reportAt,
  };
}
