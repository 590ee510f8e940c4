/** Gives a set out to a class, its answers to be gathered. */
import { Box, chakra } from '@chakra-ui/react';
import type { NewQuestionSet } from '@kivex/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../kit/Button.js';
import { Field } from '../../kit/Field.js';
import { Form } from '../../kit/Form.js';
import { Input } from '../../kit/Input.js';
import { Notice } from '../../kit/Notice.js';
import { call } from '../../kit/request/call.js';
import { nowOrNever } from '../../kit/request/now-or-never.js';
import { RequestProblem } from '../../kit/request/request.js';

/** @param suggested a name for the set, until one is typed. */
export function GiveSet({
  set,
  suggested,
}: {
  readonly set: Omit<NewQuestionSet, 'name'>;
  readonly suggested: string;
}) {
  const [typed, setTyped] = useState<string>();
  const client = useQueryClient();
  const go = useNavigate();
  const name = typed ?? suggested;
  const give = useMutation({
    ...nowOrNever,
    mutationFn: () => call('POST /api/question-sets', { body: { ...set, name: name.trim() } }),
    onSuccess: (made) => {
      client.setQueryData(['question-set', made.id], made);
      void client.invalidateQueries({ queryKey: ['question-sets'] });
      void go(`/practise/class?part=answers&given=${made.id}`);
    },
  });
  const fields = give.error instanceof RequestProblem ? give.error.fields : [];
  const ofName = fields.find((f) => f.field === 'name')?.detail;
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        give.mutate();
      }}
    >
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="end">
        <Field label="Name of the set" width={{ base: '100%', md: '24rem' }} error={ofName}>
          <Input value={name} maxLength={120} autoComplete="off" onChange={(e) => setTyped(e.target.value)} />
        </Field>
        <Button type="submit" variant="go" disabled={give.isPending || !name.trim()}>
          Give it out and gather answers
        </Button>
      </Box>
      {give.error && !ofName && (
        <Box mt="2">
          <Notice tone="stop">{give.error.message}</Notice>
        </Box>
      )}
      <chakra.p fontSize="sm" color="ink.soft" mt="1">
        A class answers on any device, by a code, in its own time. Nobody is named, to you neither.
      </chakra.p>
    </Form>
  );
}
