/** Makes a lesson: which practical, which class, when, where, in which groups. */
import { Box, chakra } from '@chakra-ui/react';
import type { ClassRoster } from '@kivex/contract';
import { useQuery, useQueryClient, type UseQueryResult } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { Button } from '../kit/Button.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Field } from '../kit/Field.js';
import { forInput } from '../kit/moments.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { placeProblem } from '../kit/request/form-problems.js';
import { call } from '../kit/request/call.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';
import { useClasses } from '../people/class-queries.js';
import { dealGroups, type DraftGroup } from './deal-groups.js';
import { GroupsDraft } from './GroupsDraft.js';
import { usePracticals } from '../practicals/practical-queries.js';
import { useRooms } from '../rooms/room-queries.js';

interface NewLesson {
  practical: string;
  class: string;
  startsAt: string;
  room: string;
  size: string;
  perRow: string;
}

/** Tomorrow at ten. */
const proposed = (): string => {
  const now = new Date();
  return forInput(new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1, 10));
};

export default function NewLessonPage() {
  const go = useNavigate();
  const cache = useQueryClient();
  const practicals = usePracticals();
  const classes = useClasses();
  const rooms = useRooms();
  const [params] = useSearchParams();
  const {
    register,
    handleSubmit,
    control,
    setError,
    formState: { errors, isSubmitting },
  } = useForm<NewLesson>({
    defaultValues: {
      practical: params.get('practical') ?? '',
      class: params.get('class') ?? '',
      startsAt: proposed(),
      room: '',
      size: '2',
      perRow: '5',
    },
  });
  const [classId, size, perRow, practicalId, roomName] = useWatch({
    control,
    name: ['class', 'size', 'perRow', 'practical', 'room'],
  });
  const room = rooms.data?.find((r) => r.name === roomName.trim());
  const roster = useQuery({
    queryKey: ['class', classId],
    queryFn: () => call('GET /api/classes/:class', { class: classId }),
    enabled: Boolean(classId),
  });
  const [groups, setGroups] = useState<readonly DraftGroup[]>([]);
  const [problem, setProblem] = useState<string>();
  const students = roster.data?.students;
  // A lesson for those who were absent seats them alone; the others may be put in by hand.
  const only = params.get('only');
  useEffect(() => {
    setGroups(
      students
        ? dealGroups(
            students.map((s) => s.id).filter((id) => !only || only.split(',').includes(id)),
            Number(size),
            Number(perRow),
            room?.plan.benches,
          )
        : [],
    );
  }, [students, size, perRow, room, only]);

  if (practicals.isPending || classes.isPending) return <Loading what="practicals and classes" />;
  if (isLacking(practicals) || isLacking(classes))
    return (
      <Failed
        error={practicals.error ?? classes.error}
        again={() => {
          void practicals.refetch();
          void classes.refetch();
        }}
      />
    );
  if (!classes.data.length)
    return (
      <Tile>
        <Empty title="A lesson needs a class">
          <Button asChild variant="go">
            <Link to="/classes">Make a class</Link>
          </Button>
        </Empty>
      </Tile>
    );

  const practical = practicals.data.find((p) => p.id === practicalId);
  const make = handleSubmit(async (entered) => {
    setProblem(undefined);
    const when = new Date(entered.startsAt);
    try {
      const lesson = await call('POST /api/lessons', {
        body: {
          practical: entered.practical,
          class: entered.class,
          room: entered.room,
          startsAt: Number.isNaN(when.getTime()) ? '' : when.toISOString(),
          groups,
        },
      });
      await cache.invalidateQueries({ queryKey: ['lessons'] });
      await go(`/lessons/${lesson.id}/plan`);
    } catch (error) {
      setProblem(placeProblem(error, ['practical', 'class', 'startsAt', 'room'], setError) ?? undefined);
    }
  });
  return (
    <Form
      onSubmit={(e) => void make(e)}
      noValidate
      display="grid"
      gap="4"
      gridTemplateColumns={{ base: '1fr', lg: '1fr 2fr' }}
      alignItems="start"
    >
      <Tile display="flex" flexDirection="column" gap="4">
        <chakra.h1 fontSize="xl">New lesson</chakra.h1>
        <Field label="Practical" help={practical?.summary} error={errors.practical?.message}>
          <Select {...register('practical')}>
            <option value="">Choose a practical</option>
            {practicals.data
              .filter((p) => !p.archived)
              .map((p) => (
                <option key={p.id} value={p.id}>
                  {p.title}
                </option>
              ))}
          </Select>
        </Field>
        <Field label="Class" error={errors.class?.message}>
          <Select {...register('class')}>
            <option value="">Choose a class</option>
            {classes.data.map((c) => (
              <option key={c.id} value={c.id}>
                {c.name} ({c.students})
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Date and time" error={errors.startsAt?.message}>
          <Input type="datetime-local" {...register('startsAt')} />
        </Field>
        <Field
          label="Room"
          help={
            room
              ? `Its ${room.plan.benches.length === 1 ? 'bench and its' : `${room.plan.benches.length} benches and their`} places are used.`
              : rooms.data?.length
                ? 'Choose one of your rooms, or write another.'
                : undefined
          }
          error={errors.room?.message}
        >
          <Input {...register('room')} placeholder="Lab 2" list="rooms" autoComplete="off" />
        </Field>
        <datalist id="rooms">
          {rooms.data?.map((r) => (
            <option key={r.id} value={r.name} />
          ))}
        </datalist>
        <Box display="grid" gridTemplateColumns="1fr 1fr" gap="3">
          <Field label="Students a group">
            <Select {...register('size')}>
              {[1, 2, 3, 4].map((n) => (
                <option key={n}>{n}</option>
              ))}
            </Select>
          </Field>
          <Field label="Benches in a row">
            <Select {...register('perRow')} disabled={Boolean(room)}>
              {[2, 3, 4, 5, 6].map((n) => (
                <option key={n}>{n}</option>
              ))}
            </Select>
          </Field>
        </Box>
        {problem && <Notice tone="stop">{problem}</Notice>}
        <Button type="submit" variant="go" disabled={isSubmitting}>
          Make the lesson
        </Button>
      </Tile>
      <Tile>
        <chakra.h2 fontSize="lg" mb="2">
          Groups
        </chakra.h2>
        <ClassGroups classId={classId} roster={roster} groups={groups} change={setGroups} />
      </Tile>
    </Form>
  );
}

/** The groups of the class that was chosen, or what stands in their way. */
function ClassGroups({
  classId,
  roster: { data, error, refetch },
  groups,
  change,
}: {
  readonly classId: string;
  readonly roster: Pick<UseQueryResult<ClassRoster>, 'data' | 'error' | 'refetch'>;
  readonly groups: readonly DraftGroup[];
  readonly change: (groups: readonly DraftGroup[]) => void;
}) {
  if (error && !data) return <Failed error={error} again={() => void refetch()} />;
  if (!data)
    return classId ? (
      <Loading what="the class" />
    ) : (
      <Empty title="Choose a class">Its groups show here; neighbours get different unknowns.</Empty>
    );
  if (!data.students.length)
    return (
      <Empty title="This class has no students yet">
        <Button asChild>
          <Link to={`/classes/${classId}`}>Add students</Link>
        </Button>
      </Empty>
    );
  const withoutPin = data.students.filter((s) => !s.hasPin).length;
  return (
    <>
      {withoutPin > 0 && (
        <Notice tone="look" action={<Link to={`/classes/${classId}`}>Make PIN cards</Link>}>
          {withoutPin === 1 ? 'One student has' : `${withoutPin} students have`} no PIN yet and could not
          join.
        </Notice>
      )}
      <GroupsDraft
        groups={groups}
        nameOf={(id) => data.students.find((s) => s.id === id)?.name ?? ''}
        change={change}
      />
    </>
  );
}
