/** A question to the teacher about one mark, and what was answered. */
import { Box, chakra } from '@chakra-ui/react';
import type { OwnQuestion } from '@kivex/contract';
import { MessageCircleQuestion } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Textarea } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { useSentForm } from '../kit/request/use-sent-form.js';

export function AskAbout({
  item,
  asked,
  onAsked,
}: {
  /** Key of the item. */
  readonly item: string;
  readonly asked: readonly OwnQuestion[];
  readonly onAsked: (question: OwnQuestion) => void;
}) {
  const [open, setOpen] = useState(false);
  const form = useSentForm({
    defaults: { text: '' },
    fields: ['text'],
    send: async ({ text }: { text: string }) => {
      onAsked(await call('POST /api/bench/feedback/questions', { body: { key: item, text } }));
      setOpen(false);
      form.reset({ text: '' });
    },
  });
  return (
    <Box mt="1" display="grid" gap="1">
      {asked.map(({ id, text, answer, answeredBy }) => (
        <Box key={id} borderLeft="4px solid" borderColor="permanganate.line" pl="2">
          <div>You asked: {text}</div>
          {answer ? (
            <div>
              <b>{answeredBy}:</b> {answer}
            </div>
          ) : (
            <chakra.div color="ink.soft">Not answered yet.</chakra.div>
          )}
        </Box>
      ))}
      {open ? (
        <Form display="grid" gap="2" onSubmit={form.submit}>
          <Field label="What would you like to know?" error={form.at('text')}>
            <Textarea rows={2} {...form.register('text')} />
          </Field>
          {form.problem && <Notice tone="stop">{form.problem}</Notice>}
          <Box display="flex" gap="2">
            <Button type="submit" variant="go" size="bench" loading={form.busy}>
              Ask
            </Button>
            <Button type="button" size="bench" onClick={() => setOpen(false)}>
              Leave it
            </Button>
          </Box>
        </Form>
      ) : (
        <Box data-noprint>
          <Button size="bench" variant="quiet" onClick={() => setOpen(true)}>
            <MessageCircleQuestion size={18} aria-hidden /> Ask about this
          </Button>
        </Box>
      )}
    </Box>
  );
}
