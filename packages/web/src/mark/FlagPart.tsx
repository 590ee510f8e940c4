/** A mark to come back to: flagged with a few words or none, seen in the table, taken off again. */
import { Box } from '@chakra-ui/react';
import type { MarkCell } from '@kivex/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Flag, FlagOff } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { Popover } from '../kit/Popover.js';
import { call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { useSentForm } from '../kit/request/use-sent-form.js';

/** Letters of a note at most. */
const longestNote = 200;

/** Flags a mark, or takes the flag off where the note is null. */
export function useFlag(lesson: string) {
  const cache = useQueryClient();
  return useMutation({
    ...nowOrNever,
    mutationFn: ({ mark, note }: { readonly mark: string; readonly note: string | null }) =>
      note === null
        ? call('DELETE /api/lessons/:lesson/marks/:mark/flag', { lesson, mark })
        : call('PUT /api/lessons/:lesson/marks/:mark/flag', { lesson, mark, body: { note } }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['marks', lesson] }),
  });
}

export function FlagPart({ lesson, cell }: { readonly lesson: string; readonly cell: MarkCell }) {
  const flag = useFlag(lesson);
  const [open, setOpen] = useState(false);
  const form = useSentForm({
    defaults: { note: cell.flag?.note ?? '' },
    fields: ['note'],
    send: async ({ note }) => {
      await flag.mutateAsync({ mark: cell.id, note });
      setOpen(false);
    },
  });
  return (
    <Box display="flex" gap="2" flexWrap="wrap" alignItems="center" fontSize="sm">
      {cell.flag && (
        <span>
          Flagged by {cell.flag.by}
          {cell.flag.note && `: ${cell.flag.note}`}
        </span>
      )}
      <Popover
        title="To come back to"
        open={open}
        setOpen={setOpen}
        opener={
          <Button size="small" variant="quiet">
            <Flag size={14} aria-hidden /> {cell.flag ? 'Say otherwise' : 'Flag it (f)'}
          </Button>
        }
      >
        <Form display="grid" gap="2" onSubmit={form.submit}>
          <Field label="What for (may be left empty)" error={form.at('note')}>
            <Input maxLength={longestNote} {...form.register('note')} />
          </Field>
          {form.problem && <Notice tone="stop">{form.problem}</Notice>}
          <Box>
            <Button type="submit" size="small" variant="go" loading={form.busy}>
              Flag it
            </Button>
          </Box>
        </Form>
      </Popover>
      {cell.flag && (
        <Button size="small" variant="quiet" onClick={() => flag.mutate({ mark: cell.id, note: null })}>
          <FlagOff size={14} aria-hidden /> Take it off (f)
        </Button>
      )}
      {flag.error && !open && <Notice tone="stop">{flag.error.message}</Notice>}
    </Box>
  );
}
