/** The first page of an empty Kivex: makes the school and its first member of staff. */
import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { Button } from '../kit/Button.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Field } from '../kit/Field.js';
import { Notice } from '../kit/Notice.js';
import { placeProblem } from '../kit/request/form-problems.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';

const fields = ['school', 'name', 'email', 'password', 'setUpCode'] as const;
type FirstSchool = Record<(typeof fields)[number], string>;

export default function FirstSchoolPage() {
  const go = useNavigate();
  const {
    register,
    handleSubmit,
    setError,
    formState: { errors, isSubmitting },
  } = useForm<FirstSchool>({
    defaultValues: { school: '', name: '', email: '', password: '', setUpCode: '' },
  });
  const [problem, setProblem] = useState<string>();
  const make = handleSubmit(async (entered) => {
    setProblem(undefined);
    try {
      await call('POST /api/first-school', { body: entered });
      await call('POST /api/staff/sign-in', { body: { email: entered.email, password: entered.password } });
      await go('/classes');
    } catch (error) {
      setProblem(placeProblem(error, [...fields], setError));
    }
  });
  return (
    <Box minH="100vh" display="flex" justifyContent="center" alignItems="center" p="4">
      <Tile width="100%" maxW="32rem">
        <Form onSubmit={(e) => void make(e)} display="flex" flexDirection="column" gap="4" noValidate>
          <chakra.h1 fontSize="xl">Set up your school</chakra.h1>
          <chakra.p color="ink.soft">
            There is no school here yet. You become its head of department and can add teachers and
            technicians afterwards.
          </chakra.p>
          <Field label="Name of the school" error={errors.school?.message}>
            <Input {...register('school')} autoFocus />
          </Field>
          <Field label="Your name" error={errors.name?.message}>
            <Input {...register('name')} autoComplete="name" />
          </Field>
          <Field label="Your e-mail address" error={errors.email?.message}>
            <Input type="email" {...register('email')} autoComplete="username" />
          </Field>
          <Field
            label="Your password"
            help="At least 10 characters; three words in a row are good."
            error={errors.password?.message}
          >
            <Input type="password" {...register('password')} autoComplete="new-password" />
          </Field>
          <Field
            label="Set-up code"
            help="It stands in the window where Kivex was started."
            error={errors.setUpCode?.message}
          >
            <Input {...register('setUpCode')} inputMode="numeric" fontFamily="mono" />
          </Field>
          {problem && <Notice tone="stop">{problem}</Notice>}
          <Button type="submit" variant="go" disabled={isSubmitting}>
            Make the school
          </Button>
        </Form>
      </Tile>
    </Box>
  );
}
