/** The head of department adds somebody. */
import { chakra } from '@chakra-ui/react';
import { staffRoles, type StaffRole } from '@kivex/contract';
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
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';
import { roleNames } from './role-names.js';

export function AddStaff() {
  const cache = useQueryClient();
  const {
    register,
    handleSubmit,
    setError,
    reset,
    formState: { errors, isSubmitting },
  } = useForm<{ name: string; email: string; password: string; role: StaffRole }>({
    defaultValues: { name: '', email: '', password: '', role: 'teacher' },
  });
  const [said, setSaid] = useState<{ tone: 'go' | 'stop'; text: string }>();
  const add = handleSubmit(async (entered) => {
    setSaid(undefined);
    try {
      await call('POST /api/people/staff', { body: entered });
      await cache.invalidateQueries({ queryKey: ['staff'] });
      reset();
      setSaid({ tone: 'go', text: `${entered.name} can sign in now. Hand over the password in person.` });
    } catch (error) {
      const text = placeProblem(error, ['name', 'email', 'password', 'role'], setError);
      if (text) setSaid({ tone: 'stop', text });
    }
  });
  return (
    <Tile>
      <Form onSubmit={(e) => void add(e)} display="flex" flexDirection="column" gap="3" noValidate>
        <chakra.h2 fontSize="lg">Add somebody</chakra.h2>
        <Field label="Name" error={errors.name?.message}>
          <Input {...register('name')} />
        </Field>
        <Field label="E-mail address" error={errors.email?.message}>
          <Input type="email" {...register('email')} />
        </Field>
        <Field label="Role" error={errors.role?.message}>
          <Select {...register('role')}>
            {staffRoles.map((role) => (
              <option key={role} value={role}>
                {roleNames[role]}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="First password" help="They can change it here." error={errors.password?.message}>
          <Input type="password" autoComplete="new-password" {...register('password')} />
        </Field>
        {said && <Notice tone={said.tone}>{said.text}</Notice>}
        <Button type="submit" variant="go" disabled={isSubmitting}>
          Add
        </Button>
      </Form>
    </Tile>
  );
}
