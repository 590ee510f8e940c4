/** Work on screen for the students of a lesson: set, seen, waived. */
import { Box, chakra } from '@chakra-ui/react';
import {
  screenWorkKinds,
  type NewScreenWork,
  type ScreenWorkKind,
  type ScreenWorkTable,
} from '@kivex/contract';
import { asksOf, slipFacts, syllabusFor, type Asked, type SlipCode } from '@kivex/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Fold } from '../kit/Fold.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { call } from '../kit/request/call.js';
import { fieldProblem } from '../kit/request/field-problem.js';
import { Select } from '../kit/Select.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { ClassRuns } from './ClassRuns.js';

const kindWords: Readonly<Record<ScreenWorkKind, string>> = {
  'pre-lab': 'Pre-lab: passed before the bench opens',
  'catch-up': 'Catch-up: for who missed the lesson',
  homework: 'Homework, by a day',
};
const askWords: Readonly<Record<Asked, string>> = {
  cation: 'a metal ion',
  anion: 'an anion',
  salt: 'a salt, both ions',
  gas: 'a gas',
  metal: 'a metal',
};
const stateWords = { none: 'not yet', tried: 'tried', passed: 'passed', waived: 'let off' } as const;

export function ScreenWorkPanel() {
  const lesson = useThisLesson();
  const cache = useQueryClient();
  const [runsOpen, setRunsOpen] = useState(false);
  const key = ['screen-work', lesson.id];
  const { data, error, refetch } = useQuery({
    queryKey: key,
    queryFn: () => call('GET /api/lessons/:lesson/screen-work', { lesson: lesson.id }),
  });
  const taken = { ...nowOrNever, onSuccess: (table: ScreenWorkTable) => cache.setQueryData(key, table) };
  const set = useMutation({
    ...taken,
    mutationFn: (body: NewScreenWork) =>
      call('PUT /api/lessons/:lesson/screen-work', { lesson: lesson.id, body }),
  });
  const waive = useMutation({
    ...taken,
    mutationFn: (student: string) =>
      call('PUT /api/lessons/:lesson/screen-work/waived/:student', { lesson: lesson.id, student }),
  });
  const remove = useMutation({
    ...nowOrNever,
    mutationFn: () => call('DELETE /api/lessons/:lesson/screen-work', { lesson: lesson.id }),
    onSuccess: () => refetch(),
  });
  if (error && !data) return <Failed error={error} again={() => void refetch()} />;
  if (!data) return <Loading what="the work on screen" />;
  const problem = waive.error ?? remove.error;
  return (
    <Tile display="flex" flexDirection="column" gap="3">
      <chakra.h2 fontSize="xl">On screen</chakra.h2>
      <chakra.p color="ink.soft">
        One unknown at the bench on screen, the same for everyone, marked as the real one. Of those who were
        away, catch-up stands in the marks, flagged as on screen; everything else is kept apart from them. It
        is simulated: no leave to do it for real.
      </chakra.p>
      <SetForm
        key={data.work ? `${data.work.seed}${data.work.kind}` : 'none'}
        now={data.work}
        set={set.mutate}
        error={set.error}
        busy={set.isPending}
        asks={asksOf(syllabusFor(lesson.practical))}
      />
      {problem && <Notice tone="stop">{problem.message}</Notice>}
      {data.work && (
        <>
          <Results table={data} waive={(student) => waive.mutate(student)} />
          <Fold title="Runs beside each other" onToggle={(e) => setRunsOpen(e.currentTarget.open)}>
            {runsOpen && (
              <ClassRuns lesson={lesson.id} work={data.work} syllabus={syllabusFor(lesson.practical)} />
            )}
          </Fold>
          <Box>
            <Button onClick={() => remove.mutate()}>Take it away</Button>
          </Box>
        </>
      )}
    </Tile>
  );
}

function SetForm({
  now,
  set,
  error,
  busy,
  asks,
}: {
  readonly now: NewScreenWork | null;
  readonly set: (work: NewScreenWork) => void;
  readonly error: unknown;
  readonly busy: boolean;
  readonly asks: readonly Asked[];
}) {
  const [kind, setKind] = useState<ScreenWorkKind>(now?.kind ?? 'pre-lab');
  const [asked, setAsked] = useState<Asked>(now?.asks ?? asks[0]!);
  const [seed, setSeed] = useState(() => String(now?.seed ?? 1 + Math.floor(Math.random() * 998)));
  const [due, setDue] = useState(now?.due ?? '');
  return (
    <Form
      display="flex"
      flexWrap="wrap"
      gap="3"
      alignItems="end"
      onSubmit={(event) => {
        event.preventDefault();
        set({ kind, asks: asked, seed: Number(seed), ...(kind === 'homework' && due ? { due } : {}) });
      }}
    >
      <Field label="What for" width="auto" error={fieldProblem(error, 'kind')}>
        <Select value={kind} onChange={(e) => setKind(e.target.value as ScreenWorkKind)}>
          {screenWorkKinds.map((k) => (
            <option key={k} value={k}>
              {kindWords[k]}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="To be named" width="auto" error={fieldProblem(error, 'asks')}>
        <Select value={asked} onChange={(e) => setAsked(e.target.value as Asked)}>
          {asks.map((a) => (
            <option key={a} value={a}>
              {askWords[a]}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="Number" width="8rem" error={fieldProblem(error, 'seed')}>
        <Input value={seed} inputMode="numeric" maxLength={5} onChange={(e) => setSeed(e.target.value)} />
      </Field>
      {kind === 'homework' && (
        <Field label="By" width="auto" error={fieldProblem(error, 'due')}>
          <Input type="date" value={due} onChange={(e) => setDue(e.target.value)} />
        </Field>
      )}
      <Button type="submit" variant="go" disabled={busy}>
        {now ? 'Set this in its place' : 'Set it'}
      </Button>
    </Form>
  );
}

function Results({
  table: { results, slips },
  waive,
}: {
  readonly table: ScreenWorkTable;
  readonly waive: (student: string) => void;
}) {
  const passed = results.filter((r) => r.state === 'passed' || r.state === 'waived').length;
  return (
    <>
      <chakra.p role="status">
        {passed} of {results.length} have passed or are let off.
      </chakra.p>
      <Table
        label="How it stands"
        heads={['Student', 'How it stands', 'Points', 'Tries', 'Slips of the best run', '']}
      >
        {results.map(({ student, state, points, max, tries, late, slips: made }) => (
          <Row key={student.id}>
            <Cell fontWeight="600">{student.name}</Cell>
            <Cell>
              {stateWords[state]}
              {late && ', after its day'}
            </Cell>
            <Cell>{tries ? `${points} of ${max}` : ''}</Cell>
            <Cell>{tries || ''}</Cell>
            <Cell>{made.map((code) => code.replaceAll('-', ' ')).join(', ')}</Cell>
            <Cell>
              {state !== 'passed' && (
                <Button
                  size="small"
                  onClick={() => waive(student.id)}
                  aria-label={
                    state === 'waived' ? `Not after all: ${student.name}` : `Let off ${student.name}`
                  }
                >
                  {state === 'waived' ? 'Not after all' : 'Let off'}
                </Button>
              )}
            </Cell>
          </Row>
        ))}
      </Table>
      {slips.length > 0 && (
        <Box>
          <chakra.h3 fontSize="md">What slips most</chakra.h3>
          <chakra.ul ps="5" listStyleType="disc">
            {slips.slice(0, 5).map(({ code, runs, of }) => (
              <chakra.li key={code}>
                {runs} of {of} runs: {slipFacts[code as SlipCode]?.text ?? code}
              </chakra.li>
            ))}
          </chakra.ul>
        </Box>
      )}
    </>
  );
}
