/** One bench on the board: where it is, its tile, what it needs. */
import { Box, chakra } from '@chakra-ui/react';
import type { LessonSample } from '@kivex/contract';
import { Hand, Smartphone, TriangleAlert } from 'lucide-react';
import { memo } from 'react';
import { Button } from '../kit/Button.js';
import { shortTestName } from '../kit/look-names.js';
import { minutesSince } from '../kit/moments.js';
import { Tile } from '../kit/Tile.js';
import { cellWords, SpotCell, SpotTile } from '../kit/well/SpotTile.js';
import type { BenchStatus } from './bench-status.js';
import { waitLeft } from './board-filter.js';

interface BenchTileProps {
  readonly bench: BenchStatus;
  readonly samples: readonly LessonSample[];
  readonly tests: readonly string[];
  readonly devices: number;
  readonly truth: boolean;
  readonly quiet: boolean;
  readonly now: number;
  readonly answer: (call: string) => void;
  /** Opens what can be done for this bench. */
  readonly open: (group: string) => void;
}

/** Plain, as every entry draws it anew. */
const spacer = { flex: 1 } as const;

const agoWords = (minutes: number): string => (minutes < 1 ? 'just now' : `${minutes} min ago`);

/** What a bench has come to, in a line. */
export function benchLine({ count, handedIn, group, record, pace }: BenchStatus, now: number): string {
  if (group.students.length > 0 && handedIn === group.students.length) return 'all handed in';
  return [
    record.endedAt ? 'ended early' : '',
    `${count.filled}/${count.of} logged`,
    pace && pace.behind > 0 ? `${pace.behind} min behind` : '',
    handedIn ? `${handedIn} handed in` : '',
    record.lastAt ? agoWords(minutesSince(record.lastAt, now)) : '',
  ]
    .filter(Boolean)
    .join(', ');
}

const callWords = {
  help: 'Calling',
  check: 'Check wanted',
  safety: 'Safety',
  'sign-off': 'Sign-off wanted',
} as const;

/** Drawn anew only where its own bench, or what is shown of all, has changed. */
export const BenchTile = memo(function BenchTile({
  bench,
  samples,
  tests,
  devices,
  truth,
  quiet,
  now,
  answer,
  open,
}: BenchTileProps) {
  const { group, record, rows, latest } = bench;
  const call = record.openCalls[0];
  const trouble = bench.contradictions.length > 0 || bench.count.differing > 0;
  const done = group.students.length > 0 && bench.handedIn === group.students.length;
  const line = call ? 'saffron' : trouble ? 'saffron.line' : done ? 'verdigris' : 'slate.200';
  const few = tests.length <= mostInWords;
  const labelOf = (id: string) => samples.find((s) => s.id === id)?.label ?? '';
  return (
    <Tile
      p="2.5"
      borderTopWidth="5px"
      borderTopColor={line}
      display="flex"
      flexDirection="column"
      gap="1.5"
      minW="0"
      aria-label={group.name}
      // What changes in one tile is laid out and painted in it alone.
      contain="layout paint"
      // Quiet by its ground: words behind a veil could not be read.
      {...(quiet ? { bg: 'porcelain.shade', boxShadow: 'none' } : {})}
    >
      <TileHead
        id={group.id}
        name={group.name}
        students={group.students.map((s) => s.name).join(', ')}
        devices={devices}
        open={open}
      />
      {few ? (
        <Box role="group" aria-label={`Knowns of ${group.name}`} display="flex" flexWrap="wrap" gap="0.5">
          {rows
            .filter((row) => !group.unknowns.includes(row.sample))
            .flatMap((row) =>
              row.cells.map(
                (cell) =>
                  cell && (
                    <SpotCell
                      key={`${cell.sample} ${cell.test}`}
                      cell={cell}
                      size={26}
                      sample={labelOf(cell.sample)}
                    />
                  ),
              ),
            )}
        </Box>
      ) : (
        <SpotTile
          name={`Tile of ${group.name}`}
          rows={rows}
          samples={samples}
          tests={tests}
          size={tests.length <= 4 ? 26 : 20}
          heads="numbers"
          now={bench.pace?.now.map((s) => s.test) ?? []}
        />
      )}
      {latest && !done && !few && (
        <chakra.div fontSize="sm" lineHeight="1.2">
          at {shortTestName(latest.body.test)}, {labelOf(latest.body.sample)}
        </chakra.div>
      )}
      <Unknowns bench={bench} samples={samples} truth={truth} few={few} />
      <div style={spacer} />
      {trouble && !call && (
        <chakra.div fontSize="sm" color="saffron" fontWeight="600" display="flex" gap="1">
          <TriangleAlert size={16} aria-hidden style={{ flex: 'none' }} />{' '}
          {bench.contradictions.length ? 'contradiction' : 'entries differ'}
        </chakra.div>
      )}
      <chakra.div fontSize="sm" color={done ? 'verdigris' : 'ink.soft'} fontWeight={done ? '600' : '400'}>
        {benchLine(bench, now)}
      </chakra.div>
      {record.timers.map((timer) => {
        const left = waitLeft(timer, now);
        return (
          <chakra.div
            key={timer.id}
            fontSize="sm"
            color={left ? 'ink.soft' : 'saffron'}
            fontWeight={left ? '400' : '600'}
          >
            {timer.label}: {left ? `waits ${Math.ceil(left / 60)} min more` : 'time is up'}
          </chakra.div>
        );
      })}
      {call && (
        <Button
          size="small"
          variant="look"
          onClick={() => (call.reason === 'sign-off' ? open(group.id) : answer(call.id))}
        >
          <Hand size={16} aria-hidden /> {callWords[call.reason]}
          {call.reason === 'sign-off' ? '' : ': answered'}
        </Button>
      )}
    </Tile>
  );
});

/** Whose bench it is, and its devices: what seldom changes. */
const TileHead = memo(function TileHead({
  id,
  name,
  students,
  devices,
  open,
}: {
  readonly id: string;
  readonly name: string;
  readonly students: string;
  readonly devices: number;
  readonly open: (group: string) => void;
}) {
  return (
    <>
      <Box display="flex" alignItems="center" justifyContent="space-between" gap="1.5">
        <Button
          size="small"
          variant="quiet"
          px="1"
          ms="-1"
          fontWeight="700"
          aria-label={`Open ${name}`}
          onClick={() => open(id)}
        >
          {name}
        </Button>
        <chakra.span
          fontSize="sm"
          color={devices ? 'verdigris' : 'ink.faint'}
          display="inline-flex"
          alignItems="center"
          gap="0.5"
          title={devices ? 'Devices connected' : 'No device connected'}
        >
          <Smartphone size={15} aria-hidden /> {devices}
          <chakra.span srOnly> devices connected</chakra.span>
        </chakra.span>
      </Box>
      <chakra.div fontSize="sm" color="ink.soft" lineHeight="1.2">
        {students}
      </chakra.div>
    </>
  );
});

/** Up to so many tests a bench is drawn as a strip of its knowns, and each unknown with its words: there is room for them. */
const mostInWords = 2;

/** The unknowns: of few tests with their wells and words; what they hold, where that is shown, and what they were called. */
function Unknowns({
  bench: { group, record, rows },
  samples,
  truth,
  few,
}: Pick<BenchTileProps, 'bench' | 'samples' | 'truth'> & { readonly few: boolean }) {
  const lines = samples
    .filter((s) => group.unknowns.includes(s.id))
    .map((s) => ({
      s,
      cells: rows
        .filter((row) => few && row.sample === s.id)
        .flatMap((row) => row.cells.flatMap((c) => c ?? [])),
      named: [
        ...new Set(
          group.students.flatMap(
            (st) =>
              record.namings.findLast((n) => n.by === st.id && n.body.sample === s.id)?.body.answer ?? [],
          ),
        ),
      ],
    }))
    .filter(({ named }) => few || truth || named.length);
  return lines.map(({ s, cells, named }) => (
    <Box
      key={s.id}
      display="flex"
      gap="2"
      alignItems="center"
      bg="slate.50"
      borderRadius="tile"
      p="1.5"
      fontSize="sm"
      lineHeight="1.2"
    >
      {cells.map((cell) => (
        <SpotCell key={cell.test} cell={cell} size={36} sample={s.label} />
      ))}
      <Box minW="0">
        <chakra.div fontFamily="mono" fontWeight="600">
          {s.label}
          {truth && (
            <chakra.span color="permanganate" fontFamily="body">
              {' '}
              {s.holds}
            </chakra.span>
          )}
        </chakra.div>
        {few && <div>{cells.map(cellWords).join('; ')}</div>}
        {named.length > 0 && <chakra.div fontWeight="600">named {named.join(' / ')}</chakra.div>}
      </Box>
    </Box>
  ));
}
