/** Everybody changes their own password; all their other sessions end with it. */
import { chakra } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { placeProblem } from '../kit/request/form-problems.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';

export function OwnPassword() {
  const cache = useQueryClient();
  const {
    register,
    handleSubmit,
    setError,
    reset,
    formState: { errors, isSubmitting },
  } = useForm<{ current: string; next: string }>({ defaultValues: { current: '', next: '' } });
  const [said, setSaid] = useState<{ tone: 'go' | 'stop'; text: string }>();
  const change = handleSubmit(async (entered) => {
    setSaid(undefined);
    try {
      await call('POST /api/staff/password', { body: entered });
      reset();
      setSaid({ tone: 'go', text: 'Your password is changed; you are signed out everywhere else.' });
      await Promise.all(['me', 'own-sessions'].map((key) => cache.invalidateQueries({ queryKey: [key] })));
    } catch (error) {
      const text = placeProblem(error, ['current', 'next'], setError);
      if (text) setSaid({ tone: 'stop', text });
    }
  });
  return (
    <Tile>
      <Form onSubmit={(e) => void change(e)} display="flex" flexDirection="column" gap="3" noValidate>
        <chakra.h2 fontSize="lg">Change your password</chakra.h2>
        <Field label="Password now" error={errors.current?.message}>
          <Input type="password" autoComplete="current-password" {...register('current')} />
        </Field>
        <Field label="New password" help="At least 10 characters." error={errors.next?.message}>
          <Input type="password" autoComplete="new-password" {...register('next')} />
        </Field>
        {said && <Notice tone={said.tone}>{said.text}</Notice>}
        <Button type="submit" disabled={isSubmitting}>
          Change it
        </Button>
      </Form>
    </Tile>
  );
}
