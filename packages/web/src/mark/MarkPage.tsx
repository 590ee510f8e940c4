/** Mark: a row a student, an item a column; unsure ones first to hand; every change kept with its reason. */
import { Box, chakra } from '@chakra-ui/react';
import type { MarkCell, MarkRow, MarkTable } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import { Download, RotateCcw, Send } from 'lucide-react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { Button } from '../kit/Button.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface, type Consequence } from '../lessons/Follows.js';
import { HeldNotice } from '../lessons/HeldNotice.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { useBoardLog, useMarks, useMove } from '../lessons/lesson-queries.js';
import { useLiveBoard } from '../run/live-board.js';
import { MarkDesk } from './MarkDesk.js';
import { columnsOf } from './mark-columns.js';

const Head = chakra('th', {
  base: {
    px: '1.5',
    py: '1.5',
    textAlign: 'left',
    color: 'ink.soft',
    fontWeight: '600',
    fontSize: 'sm',
    verticalAlign: 'bottom',
    lineHeight: '1.15',
  },
});

/** Row and column of the chosen mark. */
type Place = readonly [number, number];

export default function MarkPage() {
  const lesson = useThisLesson();
  const cache = useQueryClient();
  const marks = useMarks(lesson.id);
  const events = useBoardLog(lesson.id);
  const move = useMove(lesson.id);
  useLiveBoard(lesson.id);
  const [place, setPlace] = useState<Place>();
  const [draft, setDraft] = useState<{ points: number } | undefined>();
  const logLength = events.data?.events.length;
  useEffect(() => {
    // A hand-in seen on the wire brings new marks.
    if (logLength !== undefined) void cache.invalidateQueries({ queryKey: ['marks', lesson.id] });
  }, [cache, lesson.id, logLength]);

  const rows = marks.data?.rows ?? noRows;
  const columns = useMemo(() => columnsOf(lesson, rows), [lesson, rows]);
  const cellAt = useCallback(
    ([r, c]: Place): MarkCell | undefined => rows[r] && columns[c]?.of(rows[r]),
    [rows, columns],
  );

  const choose = useCallback((next: Place | undefined) => {
    setPlace(next);
    setDraft(undefined);
    if (next) document.getElementById(`mark-${next[0]}-${next[1]}`)?.focus();
  }, []);
  const nextOpen = useCallback(() => {
    const all = rows.flatMap((_row, r) =>
      columns.flatMap((_, c) => (cellAt([r, c])?.open ? [[r, c] as Place] : [])),
    );
    const after = place ? all.find(([r, c]) => r > place[0] || (r === place[0] && c > place[1])) : undefined;
    choose(after ?? all[0]);
  }, [rows, columns, cellAt, place, choose]);

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName))
        return;
      const steps: Record<string, Place> = {
        ArrowLeft: [0, -1],
        ArrowRight: [0, 1],
        ArrowUp: [-1, 0],
        ArrowDown: [1, 0],
      };
      const step = steps[event.key];
      if (event.key === 'n') nextOpen();
      else if (place && step) {
        event.preventDefault();
        for (
          let [r, c] = [place[0] + step[0], place[1] + step[1]];
          rows[r] && columns[c];
          r += step[0], c += step[1]
        )
          if (cellAt([r, c])) return choose([r, c]);
      } else if (place && (event.key === '0' || event.key === '1')) {
        event.preventDefault();
        setDraft({ points: Number(event.key) });
      }
    };
    addEventListener('keydown', press);
    return () => removeEventListener('keydown', press);
  }, [place, rows, columns, cellAt, choose, nextOpen]);

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
  const cell = place && cellAt(place);
  const row = place && rows[place[0]];
  const marked = rows.filter((r) => r.cells.length);
  const labels = new Map(lesson.samples.map((s) => [s.id, s.label]));

  return (
    <Surface
      follows={
        cell && row ? (
          <MarkDesk
            key={cell.id}
            lesson={lesson}
            row={row}
            cell={cell}
            events={events.data.events}
            draft={draft}
            close={() => choose(undefined)}
            next={nextOpen}
          />
        ) : (
          <Follows consequences={consequences(marks.data, lesson.state, nextOpen)}>
            {move.error && <Notice tone="stop">{move.error.message}</Notice>}
            <HeldNotice lesson={lesson} />
            {lesson.state === 'marking' && (
              <Button variant="go" disabled={move.isPending} onClick={() => move.mutate('released')}>
                <Send size={18} aria-hidden /> Release the marks
              </Button>
            )}
            {lesson.state === 'released' && (
              <Button disabled={move.isPending} onClick={() => move.mutate('marking')}>
                <RotateCcw size={18} aria-hidden /> Take them back
              </Button>
            )}
            {marked.length > 0 && (
              <Button asChild>
                <a href={`/api/lessons/${lesson.id}/marks/csv`} download>
                  <Download size={18} aria-hidden /> Marks as CSV
                </a>
              </Button>
            )}
          </Follows>
        )
      }
    >
      <Tile p="3">
        {!marked.length ? (
          <Empty title="No marks yet">
            They are computed as soon as somebody hands in, and for everybody when the lesson ends.
          </Empty>
        ) : (
          <Box overflowX="auto" tabIndex={0} role="region" aria-label="Marks">
            <chakra.table borderCollapse="collapse" width="100%">
              <thead>
                <tr>
                  <Head>Student</Head>
                  {columns.map(({ key, title, kind }) => (
                    <Head key={key}>
                      {title}
                      <br />
                      <chakra.span fontWeight="400">{kind}</chakra.span>
                    </Head>
                  ))}
                  <Head>Total</Head>
                </tr>
              </thead>
              <tbody>
                {rows.map((r, i) => (
                  <chakra.tr
                    key={r.student.id}
                    borderTop="1px solid"
                    borderColor="slate.200"
                    bg={place?.[0] === i ? 'slate.50' : undefined}
                  >
                    <chakra.th
                      scope="row"
                      textAlign="left"
                      px="1.5"
                      py="0.5"
                      fontWeight="600"
                      whiteSpace="nowrap"
                    >
                      {r.student.name}
                      <chakra.div fontSize="xs" color="ink.soft" fontWeight="400">
                        {r.group}
                        {r.handedInAt ? '' : r.cells.length ? ', not handed in' : ', working'}
                      </chakra.div>
                    </chakra.th>
                    {columns.map(({ key, kind, of, jar }, c) => {
                      const own = of(r);
                      const label = own && labels.get(own.sample);
                      return (
                        <chakra.td key={key} px="1.5" py="0.5" whiteSpace="nowrap">
                          {own && (
                            <MarkButton
                              id={`mark-${i}-${c}`}
                              cell={own}
                              chosen={place?.[0] === i && place[1] === c}
                              name={`${r.student.name}, ${label}, ${kind}`}
                              choose={() => choose([i, c])}
                            />
                          )}
                          {own && jar && (
                            <chakra.span ml="1.5" fontFamily="mono" fontSize="sm" color="ink.soft">
                              {label?.replace('Jar ', '')}
                            </chakra.span>
                          )}
                        </chakra.td>
                      );
                    })}
                    <chakra.td px="1.5" fontWeight="700" whiteSpace="nowrap">
                      {r.cells.length ? `${r.points} / ${r.max}` : ''}
                    </chakra.td>
                  </chakra.tr>
                ))}
              </tbody>
            </chakra.table>
          </Box>
        )}
      </Tile>
    </Surface>
  );
}

const noRows: readonly MarkRow[] = [];

function consequences(table: MarkTable, state: string, nextOpen: () => void): Consequence[] {
  const unmarked = table.rows.filter((r) => !r.cells.length).length;
  return [
    ...(table.open
      ? [
          {
            key: 'open',
            tone: 'look' as const,
            text: `${table.open} ${table.open === 1 ? 'answer wants' : 'answers want'} a person to look. Until then ${table.open === 1 ? 'it counts' : 'they count'} 0.`,
            action: (
              <Button variant="look" onClick={nextOpen}>
                Look at the next (n)
              </Button>
            ),
          },
        ]
      : [{ key: 'settled', tone: 'go' as const, text: 'Nothing is left to look at.' }]),
    ...(unmarked
      ? [
          {
            key: 'unmarked',
            tone: 'tell' as const,
            text: `${unmarked} still at work: marked when they hand in or the lesson ends.`,
          },
        ]
      : []),
    {
      key: 'state',
      tone: state === 'released' ? 'go' : 'tell',
      text:
        state === 'released'
          ? 'Students can see their own marks with their code, name and PIN.'
          : 'Students see nothing until you release.',
    },
  ];
}

function MarkButton({
  id,
  cell,
  chosen,
  name,
  choose,
}: {
  readonly id: string;
  readonly cell: MarkCell;
  readonly chosen: boolean;
  readonly name: string;
  readonly choose: () => void;
}) {
  const [word, sign, bg, color] = cell.open
    ? ['to look at', '?', 'saffron.wash', 'saffron']
    : cell.points === cell.max
      ? ['earned', '1', 'verdigris.wash', 'verdigris']
      : ['not earned', '0', 'porcelain', 'ink.soft'];
  return (
    <chakra.button
      id={id}
      type="button"
      onClick={choose}
      aria-pressed={chosen}
      title={cell.answer || 'nothing written'}
      width="2.4rem"
      height="2rem"
      fontFamily="mono"
      fontWeight="700"
      cursor="pointer"
      bg={bg}
      color={color}
      borderRadius="tile"
      borderWidth="2px"
      borderStyle={cell.open ? 'dashed' : 'solid'}
      borderColor={chosen ? 'permanganate' : cell.open ? 'saffron' : 'slate.200'}
      textDecoration={cell.changes.length ? 'underline' : 'none'}
      _focusVisible={{ outline: '3px solid', outlineColor: 'permanganate' }}
    >
      <span aria-hidden>{sign}</span>
      <chakra.span srOnly>
        {name}: {word}
        {cell.changes.length > 0 && ', changed'}
      </chakra.span>
    </chakra.button>
  );
}
