/** Staff sign in with e-mail address and password. */
import { Box, chakra } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { Button } from '../kit/Button.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { CodeInput } from '../kit/CodeInput.js';
import { Field } from '../kit/Field.js';
import { Notice } from '../kit/Notice.js';
import { placeProblem } from '../kit/request/form-problems.js';
import { call } from '../kit/request/call.js';
import { RequestProblem } from '../kit/request/request.js';
import { Tile } from '../kit/Tile.js';

interface SignIn {
  email: string;
  password: string;
  code: string;
}

export default function SignInPage() {
  const go = useNavigate();
  const [query] = useSearchParams();
  const cache = useQueryClient();
  const { register, control, handleSubmit, setError, formState } = useForm<SignIn>({
    defaultValues: { email: '', password: '', code: '' },
  });
  const [problem, setProblem] = useState<string>();
  // Asked for only of those who have a second factor.
  const [wantsCode, setWantsCode] = useState(false);
  const signIn = handleSubmit(async (entered) => {
    setProblem(undefined);
    try {
      const { code, ...pair } = entered;
      await call('POST /api/staff/sign-in', { body: wantsCode ? { ...pair, code: code.trim() } : pair });
      cache.clear();
      const then = query.get('then');
      await go(then?.startsWith('/') && !then.startsWith('//') ? then : '/lessons');
    } catch (error) {
      const needed = error instanceof RequestProblem && error.fields.some((f) => f.field === 'code');
      // The first time it only asks; a sentence in red would blame nobody's mistake.
      if (needed && !wantsCode) setWantsCode(true);
      else setProblem(placeProblem(error, ['email', 'password', 'code'], setError));
    }
  });
  return (
    <Box
      minH="100vh"
      display="flex"
      flexDirection="column"
      alignItems="center"
      justifyContent="center"
      p="4"
      gap="4"
    >
      <Tile width="100%" maxW="26rem">
        <Form onSubmit={(e) => void signIn(e)} display="flex" flexDirection="column" gap="4" noValidate>
          <Box display="flex" alignItems="center" gap="3">
            <img src="/kivex.svg" width={40} height={40} alt="" />
            <chakra.h1 fontSize="xl">Staff sign in</chakra.h1>
          </Box>
          <Field label="E-mail address" error={formState.errors.email?.message}>
            <Input type="email" autoComplete="username" autoFocus {...register('email')} />
          </Field>
          <Field label="Password" error={formState.errors.password?.message}>
            <Input type="password" autoComplete="current-password" {...register('password')} />
          </Field>
          {wantsCode && (
            <Controller
              name="code"
              control={control}
              render={({ field }) => (
                <CodeInput
                  label="Code"
                  digits={6}
                  help="Six digits; your authenticator shows them for Kivex."
                  error={formState.errors.code?.message}
                  value={field.value ?? ''}
                  onValue={field.onChange}
                  autoFocus
                />
              )}
            />
          )}
          {problem && <Notice tone="stop">{problem}</Notice>}
          <Button type="submit" variant="go" disabled={formState.isSubmitting}>
            Sign in
          </Button>
        </Form>
      </Tile>
      <Link to="/">Students: join a lesson</Link>
    </Box>
  );
}
