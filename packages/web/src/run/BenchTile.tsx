/** One bench on the board: where it is, its tile, what it needs. */
import { Box, chakra } from '@chakra-ui/react';
import type { LessonSample } from '@kivex/contract';
import { Hand, Smartphone, TriangleAlert } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { shortTestName } from '../kit/look-names.js';
import { minutesSince } from '../kit/moments.js';
import { Tile } from '../kit/Tile.js';
import { cellWords, SpotTile } from '../kit/well/SpotTile.js';
import type { BenchStatus } from './bench-status.js';

interface BenchTileProps {
  readonly bench: BenchStatus;
  readonly samples: readonly LessonSample[];
  readonly tests: readonly string[];
  readonly devices: number;
  readonly truth: boolean;
  readonly quiet: boolean;
  readonly now: number;
  readonly answer: (call: string) => void;
}

const agoWords = (minutes: number): string => (minutes < 1 ? 'just now' : `${minutes} min ago`);

/** What a bench has come to, in a line. */
export function benchLine({ count, handedIn, group, record, pace }: BenchStatus, now: number): string {
  if (group.students.length > 0 && handedIn === group.students.length) return 'all handed in';
  return [
    `${count.filled}/${count.of} logged`,
    pace && pace.behind > 0 ? `${pace.behind} min behind` : '',
    handedIn ? `${handedIn} handed in` : '',
    record.lastAt ? agoWords(minutesSince(record.lastAt, now)) : '',
  ]
    .filter(Boolean)
    .join(', ');
}

const callWords = { help: 'Calling', check: 'Check wanted', safety: 'Safety' } as const;

export function BenchTile({ bench, samples, tests, devices, truth, quiet, now, answer }: BenchTileProps) {
  const { group, record, rows, latest } = bench;
  const call = record.openCalls[0];
  const trouble = bench.contradictions.length > 0 || bench.count.differing > 0;
  const done = group.students.length > 0 && bench.handedIn === group.students.length;
  const line = call ? 'saffron' : trouble ? 'saffron.line' : done ? 'verdigris' : 'slate.200';
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
      opacity={quiet ? 0.85 : 1}
    >
      <Box display="flex" alignItems="center" gap="1.5">
        <b>{group.name}</b>
        <Box flex="1" />
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
        {group.students.map((s) => s.name).join(', ')}
      </chakra.div>
      <SpotTile
        name={`Tile of ${group.name}`}
        rows={rows}
        samples={samples}
        tests={tests}
        size={wellSize(tests.length)}
        heads="numbers"
        now={bench.pace?.now.map((s) => s.test) ?? []}
      />
      {latest && !done && (
        <chakra.div fontSize="sm" lineHeight="1.2">
          at {shortTestName(latest.body.test)}, {labelOf(latest.body.sample)}
        </chakra.div>
      )}
      <Named bench={bench} samples={samples} truth={truth} />
      <Box flex="1" />
      {trouble && !call && (
        <chakra.div fontSize="sm" color="saffron" fontWeight="600" display="flex" gap="1">
          <TriangleAlert size={16} aria-hidden style={{ flex: 'none' }} />{' '}
          {bench.contradictions.length ? 'contradiction' : 'entries differ'}
        </chakra.div>
      )}
      <chakra.div fontSize="sm" color={done ? 'verdigris' : 'ink.soft'} fontWeight={done ? '600' : '400'}>
        {benchLine(bench, now)}
      </chakra.div>
      {call && (
        <Button size="small" variant="look" onClick={() => answer(call.id)}>
          <Hand size={16} aria-hidden /> {callWords[call.reason]}: answered
        </Button>
      )}
    </Tile>
  );
}

/** Tests of a practical whose results are told in words on the board. */
const mostInWords = 2;
/** Wells that fit: few tests are drawn larger. */
const wellSize = (tests: number): number => (tests <= 2 ? 34 : tests <= 4 ? 26 : 20);

/** The unknowns by name: what they hold, where that is shown, and what they were called. */
function Named({
  bench: { group, record, rows },
  samples,
  truth,
}: Pick<BenchTileProps, 'bench' | 'samples' | 'truth'>) {
  const lines = samples
    .filter((s) => group.unknowns.includes(s.id))
    .map((s) => ({
      s,
      // Of few tests there is room for the words; of many the wells say them to whoever points.
      seen: rows
        .filter((row) => row.sample === s.id && row.cells.length <= mostInWords)
        .flatMap((row) => row.cells.flatMap((cell) => (cell?.entry ? [cellWords(cell)] : [])))
        .join('; '),
      named: [
        ...new Set(
          group.students.flatMap(
            (st) =>
              record.namings.findLast((n) => n.by === st.id && n.body.sample === s.id)?.body.answer ?? [],
          ),
        ),
      ],
    }))
    .filter(({ named, seen }) => truth || named.length || seen);
  if (!lines.length) return null;
  return (
    <Box bg="slate.50" borderRadius="tile" p="1.5" fontSize="sm" lineHeight="1.25">
      {lines.map(({ s, named, seen }) => (
        <div key={s.id}>
          <chakra.span fontFamily="mono" fontWeight="600">
            {s.label}
          </chakra.span>
          {truth && <chakra.span color="permanganate"> {s.holds}</chakra.span>}
          {seen && ` ${seen}`}
          {named.length > 0 && <chakra.span fontWeight="600"> named {named.join(' / ')}</chakra.span>}
        </div>
      ))}
    </Box>
  );
}
