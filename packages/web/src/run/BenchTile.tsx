/** One bench on the board: where it is, what it has logged, what it needs. */
import { Box, chakra } from '@chakra-ui/react';
import type { LessonSample } from '@kivex/contract';
import { decisive, standing, type GroupRecord } from '@kivex/core';
import { Hand, Smartphone, TriangleAlert } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { minutesSince } from '../kit/moments.js';
import { Tile } from '../kit/Tile.js';
import { resultWords, shownResults } from '../kit/well/results.js';
import { Well } from '../kit/well/Well.js';
import type { BenchStatus } from './bench-status.js';

interface BenchTileProps {
  readonly bench: BenchStatus;
  readonly samples: readonly LessonSample[];
  readonly devices: number;
  readonly truth: boolean;
  readonly quiet: boolean;
  readonly now: number;
  readonly answer: (call: string) => void;
}

export function BenchTile({ bench, samples, devices, truth, quiet, now, answer }: BenchTileProps) {
  const { group, record } = bench;
  const call = record.openCalls[0];
  const trouble = bench.contradictions[0];
  const done = group.students.length > 0 && bench.handedIn === group.students.length;
  const line = call ? 'saffron' : trouble ? 'saffron.line' : done ? 'verdigris' : 'slate.200';
  const liquidOf = (id: string) => samples.filter((s) => s.from === id);
  const knowns = samples.filter((s) => s.role === 'known').flatMap((s) => [s, ...liquidOf(s.id)]);
  const unknowns = samples.filter((s) => group.unknowns.includes(s.id));
  return (
    <Tile
      p="2.5"
      borderTopWidth="5px"
      borderTopColor={line}
      display="flex"
      flexDirection="column"
      gap="1.5"
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
      <Box
        display="flex"
        gap="0.5"
        aria-label={`${bench.logged} of ${bench.samples} samples logged`}
        role="img"
      >
        {knowns.map((s) => (
          <SampleWell key={s.id} record={record} sample={s.id} size={24} />
        ))}
      </Box>
      {unknowns.map((s) => {
        const entry = decisive(standing(record, s.id));
        const named = [
          ...new Set(
            group.students.flatMap(
              (st) =>
                record.namings.findLast((n) => n.by === st.id && n.body.sample === s.id)?.body.answer ?? [],
            ),
          ),
        ];
        return (
          <Box
            key={s.id}
            display="flex"
            gap="2"
            alignItems="center"
            bg="slate.50"
            borderRadius="tile"
            p="1.5"
          >
            <SampleWell record={record} sample={s.id} size={38} />
            {liquidOf(s.id).map((liquid) => (
              <SampleWell key={liquid.id} record={record} sample={liquid.id} size={38} />
            ))}
            <Box minW="0" fontSize="sm" lineHeight="1.2">
              <chakra.div fontFamily="mono" fontWeight="600">
                {s.label}
                {truth && (
                  <chakra.span color="permanganate" fontFamily="body">
                    {' '}
                    {s.holds}
                  </chakra.span>
                )}
              </chakra.div>
              <div>
                {entry
                  ? resultWords(entry.body.test, entry.body.seen) || `“${entry.body.words}”`
                  : 'nothing yet'}
              </div>
              {named.length > 0 && <chakra.div fontWeight="600">named {named.join(' / ')}</chakra.div>}
            </Box>
          </Box>
        );
      })}
      <Box flex="1" />
      {trouble && !call && (
        <chakra.div fontSize="sm" color="saffron" fontWeight="600" display="flex" gap="1">
          <TriangleAlert size={16} aria-hidden style={{ flex: 'none' }} /> contradiction
        </chakra.div>
      )}
      <chakra.div fontSize="sm" color={done ? 'verdigris' : 'ink.soft'} fontWeight={done ? '600' : '400'}>
        {done
          ? 'all handed in'
          : `${bench.logged}/${bench.samples} logged${bench.handedIn ? `, ${bench.handedIn} handed in` : ''}`}
        {!done && record.lastAt && `, ${minutesSince(record.lastAt, now)} min ago`}
      </chakra.div>
      {call && (
        <Button size="small" variant="look" onClick={() => answer(call.id)}>
          <Hand size={16} aria-hidden />{' '}
          {call.reason === 'check' ? 'Check wanted' : call.reason === 'safety' ? 'Safety' : 'Calling'}:
          answered
        </Button>
      )}
    </Tile>
  );
}

function SampleWell({
  record,
  sample,
  size,
}: {
  readonly record: GroupRecord;
  readonly sample: string;
  readonly size: number;
}) {
  const entries = standing(record, sample);
  const entry = decisive(entries);
  const shown = entry ? shownResults(entry.body.test, entry.body.seen)[0] : undefined;
  return (
    <Well
      look={shown?.look ?? { kind: 'empty' }}
      size={size}
      doubtful={Boolean(entry?.body.doubtful)}
      glass={shown?.glass ?? false}
      times={entries.length}
    />
  );
}
