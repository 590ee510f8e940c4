/** Giving marks out: to everybody, to one group, to one student; taking them back; giving changed ones out anew. */
import { Box } from '@chakra-ui/react';
import type { Lesson, MarkRow } from '@kivex/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { RefreshCw, RotateCcw, Send } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Fold } from '../kit/Fold.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { Select } from '../kit/Select.js';
import { useMove } from '../lessons/lesson-queries.js';

export function GiveOut({ lesson, rows }: { readonly lesson: Lesson; readonly rows: readonly MarkRow[] }) {
  const cache = useQueryClient();
  const move = useMove(lesson.id);
  const [whose, setWhose] = useState('');
  const change = useMutation({
    ...nowOrNever,
    mutationFn: ({ way, students }: { way: 'release' | 'withdraw'; students: readonly string[] }) =>
      way === 'release'
        ? call('POST /api/lessons/:lesson/marks/release', { lesson: lesson.id, body: { students } })
        : call('POST /api/lessons/:lesson/marks/withdraw', { lesson: lesson.id, body: { students } }),
    onSuccess: () =>
      Promise.all([
        cache.invalidateQueries({ queryKey: ['marks', lesson.id] }),
        cache.invalidateQueries({ queryKey: ['lesson', lesson.id] }),
      ]),
  });
  if (lesson.state !== 'marking' && lesson.state !== 'released') return null;
  const marked = rows.filter((row) => (row.absent ? row.caughtUp : row.cells.length));
  const chosen = marked.filter((row) => row.groupId === whose || row.student.id === whose);
  const ids = (of: readonly MarkRow[]) => of.map((row) => row.student.id);
  const older = marked.filter((row) => row.given === 'as-before');
  const out = chosen.filter((row) => row.given !== 'no');
  const busy = move.isPending || change.isPending;
  const problem = move.error ?? change.error;
  return (
    <>
      {problem && <Notice tone="stop">{problem.message}</Notice>}
      {lesson.state === 'marking' ? (
        <Button variant="go" disabled={busy} onClick={() => move.mutate('released')}>
          <Send size={18} aria-hidden /> Release the marks
        </Button>
      ) : (
        <Button disabled={busy} onClick={() => move.mutate('marking')}>
          <RotateCcw size={18} aria-hidden /> Take them back
        </Button>
      )}
      {older.length > 0 && (
        <Button
          variant="look"
          disabled={busy}
          onClick={() => change.mutate({ way: 'release', students: ids(older) })}
        >
          <RefreshCw size={18} aria-hidden /> Give the changed marks out ({older.length})
        </Button>
      )}
      {marked.length > 0 && (
        <Fold title="To a group or a student only">
          <Box display="grid" gap="2" mt="1">
            <Field label="Whose marks">
              <Select value={whose} onChange={(e) => setWhose(e.target.value)}>
                <option value="">Choose</option>
                <optgroup label="Groups">
                  {lesson.groupList.map((g) => (
                    <option key={g.id} value={g.id}>
                      {g.name}: {g.students.map((s) => s.name.split(' ')[0]).join(', ')}
                    </option>
                  ))}
                </optgroup>
                <optgroup label="Students">
                  {marked.map((row) => (
                    <option key={row.student.id} value={row.student.id}>
                      {row.student.name}
                      {row.given === 'no' ? '' : ', has them'}
                    </option>
                  ))}
                </optgroup>
              </Select>
            </Field>
            <Box display="flex" gap="2" flexWrap="wrap">
              <Button
                size="small"
                disabled={busy || !chosen.some((row) => row.given !== 'as-now')}
                onClick={() => change.mutate({ way: 'release', students: ids(chosen) })}
              >
                Give out
              </Button>
              <Button
                size="small"
                disabled={busy || !out.length}
                onClick={() => change.mutate({ way: 'withdraw', students: ids(out) })}
              >
                Take back
              </Button>
            </Box>
          </Box>
        </Fold>
      )}
    </>
  );
}
