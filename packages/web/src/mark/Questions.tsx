/** What students ask about a mark, and the answer, at the mark it is about. */
import { Box, chakra } from '@chakra-ui/react';
import type { MarkQuestion } from '@kivex/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Textarea } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { useSentForm } from '../kit/request/use-sent-form.js';

export const useQuestions = (lesson: string) =>
  useQuery({
    queryKey: ['mark-questions', lesson],
    queryFn: () => call('GET /api/lessons/:lesson/marks/questions', { lesson }),
  });

export function Questions({
  lesson,
  questions,
}: {
  readonly lesson: string;
  /** About one mark. */
  readonly questions: readonly MarkQuestion[];
}) {
  return questions.map((question) => <Question key={question.id} lesson={lesson} question={question} />);
}

function Question({ lesson, question }: { readonly lesson: string; readonly question: MarkQuestion }) {
  const cache = useQueryClient();
  const form = useSentForm({
    defaults: { answer: question.answer ?? '' },
    fields: ['answer'],
    send: async ({ answer }: { answer: string }) => {
      await call('PUT /api/lessons/:lesson/marks/questions/:question', {
        lesson,
        question: question.id,
        body: { answer },
      });
      await cache.invalidateQueries({ queryKey: ['mark-questions', lesson] });
    },
  });
  return (
    <Box borderLeft="4px solid" borderColor="saffron.line" pl="2" display="grid" gap="1">
      <div>
        <b>{question.student.name} asks:</b> {question.text}
      </div>
      {question.answer && (
        <chakra.div fontSize="sm">
          {question.answeredBy}: {question.answer}
        </chakra.div>
      )}
      <Form display="grid" gap="1" onSubmit={form.submit}>
        <Field size="small" label={question.answer ? 'Answer otherwise' : 'Answer'} error={form.at('answer')}>
          <Textarea rows={2} {...form.register('answer')} />
        </Field>
        {form.problem && <Notice tone="stop">{form.problem}</Notice>}
        <Box>
          <Button type="submit" size="small" loading={form.busy}>
            Send the answer
          </Button>
        </Box>
      </Form>
    </Box>
  );
}
