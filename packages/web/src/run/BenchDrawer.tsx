/** One bench, with all that can be done for it: sign-offs, waits, people, incidents, what is kept of it. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson } from '@kivex/contract';
import {
  isSpeciesId,
  methodOf,
  namingOf,
  speciesName,
  testsWithControls,
  type ObservationBody,
} from '@kivex/core';
import { Clock3, DoorClosed, DoorOpen } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { Drawer } from '../kit/Drawer.js';
import { shortTestName } from '../kit/look-names.js';
import { clock, minutesSince } from '../kit/moments.js';
import { address } from '../kit/request/call.js';
import { saidWords } from '../kit/well/results.js';
import { SpotTile } from '../kit/well/SpotTile.js';
import type { BenchActs } from './board-acts.js';
import { waitLeft } from './board-filter.js';
import { testsOfLesson, type BenchStatus } from './bench-status.js';
import { People } from './BenchPeople.js';
import { Line, Part } from './DrawerParts.js';
import { KeepSample } from './KeepSample.js';
import { LogIncident } from './LogIncident.js';
import { SwapSlot } from './SwapSlot.js';
import { otherCalls, signOffsOf } from './sign-offs.js';
import { SignOffs } from './SignOffs.js';

/** Tests whose names have room above their wells. */
const mostNamed = 3;

interface BenchDrawerProps {
  readonly lesson: Lesson;
  readonly bench: BenchStatus;
  readonly now: number;
  readonly acts: BenchActs;
  readonly close: () => void;
}

export function BenchDrawer({ lesson, bench, now, acts, close }: BenchDrawerProps) {
  const running = lesson.state === 'running';
  const { group, record } = bench;
  const tests = testsOfLesson(lesson);
  const own = lesson.samples.filter((s) => bench.rows.some((row) => row.sample === s.id));
  const wanted = signOffsOf(
    testsWithControls(lesson.practical).map(methodOf),
    lesson.practical.tests,
    record,
  );
  const calls = otherCalls(record, wanted);
  return (
    <Drawer open close={close} title={`${group.name}: ${group.students.map((s) => s.name).join(', ')}`}>
      <Box display="flex" flexDirection="column" gap="5">
        <SpotTile
          name={`Tile of ${group.name}`}
          rows={bench.rows}
          samples={own}
          tests={tests}
          size={28}
          heads={tests.length > mostNamed ? 'numbers' : 'names'}
        />
        {tests.length > mostNamed && (
          <chakra.p fontSize="sm" color="ink.soft">
            {tests.map((test, i) => `${i + 1} ${shortTestName(test)}`).join(' · ')}
          </chakra.p>
        )}
        {(running || calls.length > 0) && (
          <Part title="Calls">
            {calls.length === 0 && (
              <Box minH="8" display="flex" alignItems="center" color="ink.soft">
                Nobody calls.
              </Box>
            )}
            {calls.map((call) => (
              <Line key={call.id} text={`${clock(call.at)}: ${callText(call)}`}>
                <Button size="small" variant="look" onClick={() => acts.answer(call.id)}>
                  Answered
                </Button>
              </Line>
            ))}
          </Part>
        )}
        <SignOffs wanted={wanted} bench={bench} acts={acts} />
        {record.timers.length > 0 && (
          <Part title="Waits">
            {record.timers.map((timer) => {
              const left = waitLeft(timer, now);
              return (
                <Line
                  key={timer.id}
                  text={`${timer.label}: ${left ? `${Math.ceil(left / 60)} min left` : 'time is up'}`}
                >
                  {[1, 5].map((minutes) => (
                    <Button key={minutes} size="small" onClick={() => acts.lengthen(timer.id, minutes * 60)}>
                      <Clock3 size={15} aria-hidden /> {minutes} min more
                    </Button>
                  ))}
                </Line>
              );
            })}
          </Part>
        )}
        {record.observations.some((o) => o.body.photo) && (
          <Part title="Pictures">
            <Box display="flex" flexWrap="wrap" gap="2">
              {record.observations.flatMap(({ id, body }) =>
                body.photo ? [<BoardPhoto key={id} lesson={lesson} body={body} photo={body.photo} />] : [],
              )}
            </Box>
          </Part>
        )}
        <Names bench={bench} samples={own} />
        {running && <People lesson={lesson} bench={bench} acts={acts} />}
        {running && lesson.startedAt && lesson.planning.schedule && (
          <Part title="Its rota">
            <SwapSlot
              lesson={lesson}
              group={lesson.groupList.findIndex((g) => g.id === group.id) + 1}
              minute={minutesSince(lesson.startedAt, now) + 1}
            />
          </Part>
        )}
        <Part title="Incident or near miss">
          <LogIncident bench={bench} acts={acts} />
        </Part>
        {lesson.state !== 'planned' && (
          <Part title="Keep a sample for another day">
            <KeepSample bench={bench} samples={own} acts={acts} />
          </Part>
        )}
        {running && (
          <Button
            variant={record.endedAt ? 'go' : 'plain'}
            onClick={() => acts.setOpen(group.id, record.endedAt !== null)}
          >
            {record.endedAt ? <DoorOpen size={18} aria-hidden /> : <DoorClosed size={18} aria-hidden />}{' '}
            {record.endedAt ? `Let ${group.name} go on` : `End the work of ${group.name} now`}
          </Button>
        )}
      </Box>
    </Drawer>
  );
}

/** What each student named, on what evidence, and what they say it rules out. */
function Names({
  bench: { group, record },
  samples,
}: Pick<BenchDrawerProps, 'bench'> & { readonly samples: Lesson['samples'] }) {
  const named = group.students.flatMap((student) =>
    samples.flatMap((sample) => {
      const body = namingOf(record, sample.id, student.id)?.body;
      return body ? [{ key: `${student.id} ${sample.id}`, student, sample, body }] : [];
    }),
  );
  if (!named.length) return null;
  return (
    <Part title="Names">
      {named.map(({ key, student, sample, body }) => (
        <div key={key}>
          {student.name}: {sample.label} is <b>{body.answer}</b>, from{' '}
          {body.evidence.length === 1 ? 'one entry' : `${body.evidence.length} entries`}
          {body.rulesOut?.length
            ? `; rules out ${body.rulesOut.filter(isSpeciesId).map(speciesName).join(', ')}`
            : ''}
        </div>
      ))}
    </Part>
  );
}

function BoardPhoto({
  lesson,
  body,
  photo,
}: {
  readonly lesson: Lesson;
  readonly body: ObservationBody;
  readonly photo: string;
}) {
  const of = lesson.samples.find((s) => s.id === body.sample)?.label ?? '';
  return (
    <chakra.figure width="9rem">
      <chakra.img
        src={address('GET /api/lessons/:lesson/photos/:photo', { lesson: lesson.id, photo })}
        alt={`${of}, ${shortTestName(body.test)}`}
        width="100%"
        borderRadius="tile"
      />
      <chakra.figcaption fontSize="sm">
        {of}: {saidWords(body)}
      </chakra.figcaption>
    </chakra.figure>
  );
}

const callText = ({ reason, test }: BenchStatus['record']['openCalls'][number]): string =>
  reason === 'sign-off' && test
    ? `sign-off for ${shortTestName(test)}`
    : { help: 'help wanted', check: 'a step to be checked', safety: 'safety', 'sign-off': 'sign-off' }[
        reason
      ];
