/** The benches as they stand in the room: each group, its students and its unknowns. */
import { Box, chakra } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Notice } from '../kit/Notice.js';
import { request } from '../kit/request/request.js';
import { Select } from '../kit/Select.js';
import { useMe } from '../kit/shell/Shell.js';
import { Tile } from '../kit/Tile.js';
import { useThisLesson } from '../lessons/LessonFrame.js';

export function RoomPlan() {
  const lesson = useThisLesson();
  const me = useMe();
  const cache = useQueryClient();
  const seat = useMutation({
    mutationFn: ({ student, group }: { student: string; group: string }) =>
      request('PUT', `/api/lessons/${lesson.id}/seats/${student}`, { group }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['lesson', lesson.id] }),
  });
  const may = me.data?.role !== 'technician' && (lesson.state === 'planned' || lesson.state === 'running');
  const columns = Math.max(...lesson.groupList.map((g) => g.bench[1])) + 1;
  const labels = new Map(lesson.samples.map((s) => [s.id, s.label]));
  const choose = (student: { id: string; name: string }, group: string) => (
    <Select
      aria-label={`Group of ${student.name}`}
      value={group}
      minH="8"
      px="1"
      fontSize="sm"
      onChange={(e) => seat.mutate({ student: student.id, group: e.target.value })}
    >
      {!group && <option value="">choose a group</option>}
      {lesson.groupList.map((g) => (
        <option key={g.id} value={g.id}>
          {g.name}
        </option>
      ))}
    </Select>
  );
  return (
    <Tile>
      <chakra.h2 fontSize="lg" mb="2">
        The room
      </chakra.h2>
      {seat.error && <Notice tone="stop">{seat.error.message}</Notice>}
      <Box
        display="grid"
        gridTemplateColumns={`repeat(${columns}, minmax(8.5rem, 1fr))`}
        gap="2"
        overflowX="auto"
        tabIndex={0}
        role="region"
        aria-label="Benches"
      >
        {lesson.groupList.map((group) => (
          <Box
            key={group.id}
            gridRow={group.bench[0] + 1}
            gridColumn={group.bench[1] + 1}
            bg="slate.50"
            borderWidth="1px"
            borderStyle="solid"
            borderColor="slate.300"
            borderRadius="tile"
            p="2"
          >
            <Box display="flex" justifyContent="space-between" gap="2">
              <b>{group.name}</b>
            </Box>
            <chakra.div fontFamily="mono" fontSize="sm" color="permanganate" fontWeight="600">
              {group.unknowns
                .map((id) => labels.get(id))
                .sort()
                .join(', ')}
            </chakra.div>
            {group.students.map((student) => (
              <Box key={student.id} mt="1" fontSize="sm">
                {student.name}
                {may && choose(student, group.id)}
              </Box>
            ))}
          </Box>
        ))}
      </Box>
      {may && lesson.unseated.length > 0 && (
        <Box mt="3" display="grid" gap="2" gridTemplateColumns="repeat(auto-fill, minmax(12rem, 1fr))">
          {lesson.unseated.map((student) => (
            <Box key={student.id} fontSize="sm">
              {student.name} {choose(student, '')}
            </Box>
          ))}
        </Box>
      )}
    </Tile>
  );
}
