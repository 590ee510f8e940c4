/** The staff of the school; the head of department adds people, everyone changes their own password. */
import { Box, chakra } from '@chakra-ui/react';
import { staffRoles, type StaffMember, type StaffRole } from '@kivex/contract';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Button } from '../kit/Button.js';
import { Input } from '../kit/Input.js';
import { Field } from '../kit/Field.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { placeProblem } from '../kit/request/form-problems.js';
import { request } from '../kit/request/request.js';
import { Select } from '../kit/Select.js';
import { useMe } from '../kit/shell/Shell.js';
import { Tile } from '../kit/Tile.js';

const roleNames: Readonly<Record<StaffRole, string>> = {
  teacher: 'Teacher',
  technician: 'Technician',
  head: 'Head of department',
};

export default function SchoolPage() {
  const me = useMe();
  const staff = useQuery({
    queryKey: ['staff'],
    queryFn: () => request<StaffMember[]>('GET', '/api/people/staff'),
  });
  if (staff.isPending) return <Loading what="the staff" />;
  if (staff.error) return <Failed error={staff.error} again={() => void staff.refetch()} />;
  return (
    <Box display="grid" gap="4" gridTemplateColumns={{ base: '1fr', lg: '2fr 1fr' }} alignItems="start">
      <Tile>
        <chakra.h1 fontSize="xl" mb="3">
          {me.data?.school}
        </chakra.h1>
        <chakra.ul>
          {staff.data.map((person) => (
            <chakra.li
              key={person.id}
              display="grid"
              gridTemplateColumns="1fr 1fr 12rem"
              gap="3"
              py="2"
              borderTop="1px solid"
              borderColor="slate.200"
            >
              <b>{person.name}</b>
              <span>{person.email}</span>
              <span>{roleNames[person.role]}</span>
            </chakra.li>
          ))}
        </chakra.ul>
      </Tile>
      <Box display="grid" gap="4">
        {me.data?.role === 'head' && <AddStaff />}
        <OwnPassword />
      </Box>
    </Box>
  );
}

function AddStaff() {
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
      await request('POST', '/api/people/staff', entered);
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
      <chakra.form onSubmit={(e) => void add(e)} display="flex" flexDirection="column" gap="3" noValidate>
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
      </chakra.form>
    </Tile>
  );
}

function OwnPassword() {
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
      await request('POST', '/api/staff/password', entered);
      reset();
      setSaid({ tone: 'go', text: 'Your password is changed.' });
    } catch (error) {
      const text = placeProblem(error, ['current', 'next'], setError);
      if (text) setSaid({ tone: 'stop', text });
    }
  });
  return (
    <Tile>
      <chakra.form onSubmit={(e) => void change(e)} display="flex" flexDirection="column" gap="3" noValidate>
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
      </chakra.form>
    </Tile>
  );
}
