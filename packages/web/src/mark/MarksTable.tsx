/** The class's marks: a row a student, columns together by what was looked at. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson, LessonSample, MarkRow } from '@kivex/contract';
import { useMemo } from 'react';
import { Button } from '../kit/Button.js';
import { Formula } from '../kit/Formula.js';
import type { WorkColumn } from '../kit/worktable/columns.js';
import { WorkTable } from '../kit/worktable/WorkTable.js';
import { jarsOf, wroteNothing, type Column } from './mark-columns.js';
import { MarkButton } from './MarkButton.js';

/** A chosen mark: whose, and in which column. */
export interface Place {
  readonly student: string;
  readonly column: string;
}
export const markId = ({ student, column }: Place): string => `mark-${student}-${column}`;

interface MarksTableProps {
  readonly lesson: Lesson;
  readonly rows: readonly MarkRow[];
  readonly columns: readonly Column[];
  readonly place: Place | undefined;
  readonly choose: (place: Place) => void;
  readonly onOrder: (rows: readonly MarkRow[]) => void;
  /** Says of a student that they were away, or there after all. */
  readonly presence?: (student: string, absent: boolean) => void;
}

const givenWords = { 'as-now': 'has the marks', 'as-before': 'has older marks' } as const;

function Presence({
  row: { student, absent },
  set,
}: {
  readonly row: MarkRow;
  readonly set: (student: string, absent: boolean) => void;
}) {
  return (
    <Button
      size="small"
      variant="quiet"
      aria-label={`${student.name} ${absent ? 'was there' : 'was away'}`}
      onClick={() => set(student.id, !absent)}
    >
      {absent ? 'Was there' : 'Was away'}
    </Button>
  );
}

/** A labelled sample in few letters: its ion where that is asked, else the label of its liquid or what it holds. */
function KnownHead({ sample, asks }: { readonly sample: LessonSample; readonly asks: string }) {
  const ions =
    asks === 'cation' ? sample.ions.slice(0, 1) : asks === 'anion' ? sample.ions.slice(-1) : sample.ions;
  if (sample.from || !ions.length) return <>{sample.label}</>;
  return (
    <>
      {ions.map((ion, i) => (
        <span key={ion}>
          {i > 0 && ' '}
          <Formula ion={ion} />
        </span>
      ))}
    </>
  );
}

const sampleName = ({ sample }: Column): string =>
  'whole' in sample
    ? sample.whole
    : 'known' in sample
      ? sample.known.from
        ? sample.known.label
        : sample.known.holds
      : `jar ${sample.jar + 1}${sample.liquid ? ', its liquid' : ''}`;

export function MarksTable({ lesson, rows, columns, place, choose, onOrder, presence }: MarksTableProps) {
  const labels = useMemo(() => new Map(lesson.samples.map((s) => [s.id, s.label])), [lesson.samples]);
  const working = lesson.state === 'planned' || lesson.state === 'running';
  const shown = useMemo(
    (): WorkColumn<MarkRow>[] => [
      {
        id: 'student',
        head: 'Student',
        says: 'Student',
        value: (row) => row.student.name,
        show: (row) => (
          <Box whiteSpace="nowrap" py="0.5">
            {row.student.name}
            <chakra.div fontSize="xs" color="ink.soft" fontWeight="400">
              {[
                row.group,
                ...jarsOf(row, lesson.samples).map((s) => s.label.replace('Jar ', '')),
                ...(row.absent || row.handedInAt
                  ? []
                  : [row.cells.length && !working ? 'not handed in' : 'working']),
                ...(row.late ? ['late'] : []),
                ...(row.given === 'no' ? [] : [givenWords[row.given]]),
              ].join(', ')}
            </chakra.div>
          </Box>
        ),
      },
      {
        id: 'total',
        head: 'Total',
        says: 'Points of all',
        value: (row) => (row.caughtUp || (row.cells.length && !wroteNothing(row)) ? row.points : undefined),
        show: (row) =>
          row.absent ? (
            <Box fontSize="xs" whiteSpace="nowrap">
              {row.caughtUp ? `away; on screen ${row.points} / ${row.max}` : 'away: no mark'}
              <Box>{presence && <Presence row={row} set={presence} />}</Box>
            </Box>
          ) : !row.cells.length ? (
            ''
          ) : wroteNothing(row) ? (
            <Box fontSize="xs" color="ink.soft" whiteSpace="nowrap">
              nothing to mark
              <Box>{presence && <Presence row={row} set={presence} />}</Box>
            </Box>
          ) : (
            <chakra.span fontWeight="700" whiteSpace="nowrap">
              {row.points} / {row.max}
              {row.agreed !== null && (
                <chakra.div fontSize="xs" color="ink.soft" fontWeight="400">
                  {row.agreed} in the gradebook
                </chakra.div>
              )}
            </chakra.span>
          ),
      },
      ...columns.map((column): WorkColumn<MarkRow> => ({
        id: column.key,
        head:
          'whole' in column.sample ? (
            column.sample.whole
          ) : 'known' in column.sample ? (
            <KnownHead sample={column.sample.known} asks={lesson.practical.asks} />
          ) : (
            <span style={{ whiteSpace: 'nowrap' }}>
              {`Jar ${column.sample.jar + 1}`}
              {column.sample.liquid && (
                <>
                  <br />
                  liquid
                </>
              )}
            </span>
          ),
        says: `${column.group.head}, ${sampleName(column)}`,
        group: column.group,
        centred: true,
        value: (row) => column.of(row)?.points,
        show: (row, chosen) => {
          const own = column.of(row);
          // Nothing of a student who did nothing is shown as a row of noughts.
          if (!own || wroteNothing(row)) return null;
          const at = { student: row.student.id, column: column.key };
          return (
            <MarkButton
              id={markId(at)}
              cell={own}
              chosen={chosen}
              name={`${row.student.name}, ${labels.get(own.sample)}, ${column.group.head}`}
              choose={() => choose(at)}
            />
          );
        },
      })),
    ],
    [columns, lesson, labels, working, choose, presence],
  );
  return (
    <WorkTable
      label="Marks"
      rows={rows}
      rowId={(row) => row.student.id}
      columns={shown}
      dense
      find="Find a student"
      nothing="No student is called that."
      chosen={place && { row: place.student, column: place.column }}
      onOrder={onOrder}
      tools={
        <chakra.p fontSize="sm" color="ink.soft">
          1 earned · 0 not earned · – not done · ? to be looked at · underlined: changed by a person · a
          corner: flagged
        </chakra.p>
      }
    />
  );
}
