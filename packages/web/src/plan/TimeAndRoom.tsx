/** When and where the lesson is. */
import { Box } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { Button } from '../kit/Button.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Field } from '../kit/Field.js';
import { forInput } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { Tile } from '../kit/Tile.js';
import { useThisLesson } from '../lessons/LessonFrame.js';

export function TimeAndRoom() {
  const lesson = useThisLesson();
  const cache = useQueryClient();
  const form = useSentForm({
    defaults: { startsAt: forInput(new Date(lesson.startsAt)), room: lesson.room },
    fields: ['startsAt', 'room'],
    send: async ({ startsAt, room }) => {
      const when = new Date(startsAt);
      await call('PATCH /api/lessons/:lesson', {
        lesson: lesson.id,
        body: {
          startsAt: Number.isNaN(when.getTime()) ? '' : when.toISOString(),
          room,
        },
      });
      await cache.invalidateQueries({ queryKey: ['lesson', lesson.id] });
    },
  });
  return (
    <Tile>
      <Form
        display="grid"
        gridTemplateColumns={{ base: '1fr', md: '1fr 1fr auto' }}
        gap="3"
        alignItems="end"
        onSubmit={form.submit}
      >
        <Field label="Date and time" error={form.at('startsAt')}>
          <Input type="datetime-local" {...form.register('startsAt')} />
        </Field>
        <Field label="Room" error={form.at('room')}>
          <Input {...form.register('room')} />
        </Field>
        <Button type="submit" disabled={!form.changed} loading={form.busy}>
          {form.changed ? 'Save' : 'Saved'}
        </Button>
        {form.problem && (
          <Box gridColumn="1 / -1">
            <Notice tone="stop">{form.problem}</Notice>
          </Box>
        )}
      </Form>
    </Tile>
  );
}
