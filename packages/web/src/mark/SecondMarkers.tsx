/** Second markers of a lesson: asked for, compared once all is marked, differences settled one by one. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson, MarkedApart, MarkRow, SecondMarking } from '@kivex/contract';
import { kappaWord, sampleFor, type Agreement } from '@kivex/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Fold } from '../kit/Fold.js';
import { dayAndTime } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { NumberInput } from '../kit/NumberInput.js';
import { call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { Select } from '../kit/Select.js';
import { useMe } from '../kit/shell/Shell.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { itemName, truthOf } from './like-names.js';
import { strandNames } from './scheme-words.js';

/** How closely the agreement is to be known, in percentage points either way. */
const precisions = [0.05, 0.1, 0.15] as const;
const percent = (x: number): string => `${Math.round(x * 100)} %`;

export function SecondMarkers({
  lesson,
  rows,
}: {
  readonly lesson: Lesson;
  readonly rows: readonly MarkRow[];
}) {
  const markings = useQuery({
    queryKey: ['second-markings', lesson.id],
    queryFn: () => call('GET /api/lessons/:lesson/second-markings', { lesson: lesson.id }),
  });
  return (
    <Tile display="grid" gap="3">
      <chakra.h2 fontSize="lg">A second marker</chakra.h2>
      {markings.error && <Notice tone="stop">{markings.error.message}</Notice>}
      {markings.data?.map((one) => (
        <Marking key={one.id} lesson={lesson} marking={one} />
      ))}
      {lesson.state !== 'running' && lesson.state !== 'planned' && <Ask lesson={lesson} rows={rows} />}
    </Tile>
  );
}

function Ask({ lesson, rows }: { readonly lesson: Lesson; readonly rows: readonly MarkRow[] }) {
  const cache = useQueryClient();
  const me = useMe();
  const staff = useQuery({ queryKey: ['staff'], queryFn: () => call('GET /api/people/staff') });
  const settled = rows
    .flatMap((row) => row.cells)
    .filter((c) => !c.open && c.answer.trim() && c.strand !== 'technique').length;
  const [marker, setMarker] = useState('');
  const [precision, setPrecision] = useState<number>(precisions[1]);
  const [own, setOwn] = useState<number>();
  const [tolerance, setTolerance] = useState(0);
  const size = own ?? sampleFor(precision, settled);
  const ask = useMutation({
    ...nowOrNever,
    mutationFn: () =>
      call('POST /api/lessons/:lesson/second-markings', {
        lesson: lesson.id,
        body: { marker, size, tolerance },
      }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['second-markings', lesson.id] }),
  });
  const others = (staff.data ?? []).filter((s) => s.role !== 'technician' && s.id !== me.data?.id);
  return (
    <Fold title="Ask somebody to mark a sample, blind">
      <Box display="flex" gap="3" flexWrap="wrap" alignItems="flex-end" mt="1">
        <Box width="13rem">
          <Field size="small" label="Who">
            <Select size="small" value={marker} onChange={(e) => setMarker(e.target.value)}>
              <option value="">Choose</option>
              {others.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Select>
          </Field>
        </Box>
        <Box width="11rem">
          <Field size="small" label="Agreement known to">
            <Select
              size="small"
              value={precision}
              onChange={(e) => {
                setPrecision(Number(e.target.value));
                setOwn(undefined);
              }}
            >
              {precisions.map((p) => (
                <option key={p} value={p}>
                  ± {percent(p)}
                </option>
              ))}
            </Select>
          </Field>
        </Box>
        <Box width="7rem">
          <Field size="small" label="Answers">
            <NumberInput
              size="small"
              value={size}
              min={1}
              max={500}
              onValue={(n) => n !== null && setOwn(n)}
            />
          </Field>
        </Box>
        <Box width="9rem">
          <Field size="small" label="Points apart allowed">
            <NumberInput
              size="small"
              value={tolerance}
              max={5}
              onValue={(n) => n !== null && setTolerance(n)}
            />
          </Field>
        </Box>
        <Button disabled={!marker || ask.isPending || !settled} onClick={() => ask.mutate()}>
          Ask for {size} answers
        </Button>
      </Box>
      <chakra.p fontSize="sm" color="ink.soft" mt="1">
        Drawn at random from {settled} settled answers, of each strand its share. Names, groups and your
        points are not shown.
      </chakra.p>
      {ask.error && <Notice tone="stop">{ask.error.message}</Notice>}
    </Fold>
  );
}

const kappaWords = ({ kappa }: Agreement): string =>
  kappa
    ? `${kappa.value.toFixed(2).replace('-', '−')} (${kappa.low.toFixed(2).replace('-', '−')} to ${kappa.high.toFixed(2)}), ${kappaWord(kappa.value)}`
    : 'cannot be told: both gave everything the same';

function Marking({ lesson, marking }: { readonly lesson: Lesson; readonly marking: SecondMarking }) {
  const { marker, askedBy, at, size, done, tolerance, result } = marking;
  const lines = result && [
    { name: 'All', agreement: result.all },
    ...result.strands.map(({ strand, agreement }) => ({ name: strandNames[strand], agreement })),
    ...result.items.map(({ strand, test, attribute, agreement }) => ({
      name: itemName(lesson, { strand, test: test ?? '', attribute: attribute ?? '' }),
      agreement,
    })),
  ];
  return (
    <Box borderLeft="4px solid" borderColor="permanganate.line" pl="3" display="grid" gap="2">
      <div>
        <b>{marker}</b>, asked by {askedBy} on {dayAndTime(at)}: {done} of {size} marked
        {tolerance > 0 && `, ${tolerance} ${tolerance === 1 ? 'point' : 'points'} apart allowed`}.
        {!result && ' The comparison comes when all are marked.'}
      </div>
      {lines && (
        <Fold title={`Agreement ${percent(result.all.within.share)}, κ ${kappaWords(result.all)}`} open>
          <Table
            label="Agreement"
            heads={['', 'Answers', 'Exact', ...(tolerance ? ['Within'] : []), 'Cohen’s κ']}
          >
            {lines.map(({ name, agreement }, i) => (
              <Row key={`${name} ${i}`}>
                <Cell>{name}</Cell>
                <Cell>{agreement.n}</Cell>
                <Cell whiteSpace="nowrap">
                  {percent(agreement.exact.share)} ({Math.round(agreement.exact.low * 100)} to{' '}
                  {percent(agreement.exact.high)})
                </Cell>
                {tolerance > 0 && <Cell>{percent(agreement.within.share)}</Cell>}
                <Cell>{kappaWords(agreement)}</Cell>
              </Row>
            ))}
          </Table>
        </Fold>
      )}
      {result?.differences.map((one) => (
        <Difference key={one.id} lesson={lesson} one={one} />
      ))}
      {result && !result.differences.length && <p>No mark is further apart than is allowed.</p>}
    </Box>
  );
}

function Difference({ lesson, one }: { readonly lesson: Lesson; readonly one: MarkedApart }) {
  const cache = useQueryClient();
  const settle = useMutation({
    ...nowOrNever,
    mutationFn: (points: number) =>
      call('PUT /api/lessons/:lesson/second-markings/:blind', {
        lesson: lesson.id,
        blind: one.id,
        body: { points },
      }),
    onSuccess: () =>
      Promise.all([
        cache.invalidateQueries({ queryKey: ['second-markings', lesson.id] }),
        cache.invalidateQueries({ queryKey: ['marks', lesson.id] }),
      ]),
  });
  const item = { ...one, test: one.test ?? '', attribute: one.attribute ?? '' };
  return (
    <Box borderTop="1px solid" borderColor="slate.200" pt="2" display="grid" gap="1">
      <div>
        <b>“{one.answer}”</b>{' '}
        <chakra.span color="ink.soft">
          {itemName(lesson, item)}, {truthOf(one)}
        </chakra.span>
      </div>
      <Box display="flex" gap="2" alignItems="center" flexWrap="wrap" fontSize="sm">
        First {one.first}, second {one.second} of {one.max}.
        {one.settled === null ? (
          Array.from({ length: one.max + 1 }, (_, points) => (
            <Button
              key={points}
              size="small"
              disabled={settle.isPending}
              onClick={() => settle.mutate(points)}
            >
              Settle on {points}
            </Button>
          ))
        ) : (
          <b>Settled on {one.settled}.</b>
        )}
      </Box>
      {settle.error && <Notice tone="stop">{settle.error.message}</Notice>}
    </Box>
  );
}
