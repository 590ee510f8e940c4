/** The classes of the school, and making a new one. */
import { Box, chakra } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Link, useNavigate } from 'react-router';
import { Button } from '../kit/Button.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Field } from '../kit/Field.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { placeProblem } from '../kit/request/form-problems.js';
import { call } from '../kit/request/call.js';
import { Tile } from '../kit/Tile.js';
import { useClasses } from './class-queries.js';
import { Exchange } from './Exchange.js';

export default function ClassesPage() {
  const classes = useClasses();
  const go = useNavigate();
  const cache = useQueryClient();
  const {
    register,
    handleSubmit,
    setError,
    formState: { errors, isSubmitting },
  } = useForm({ defaultValues: { name: '' } });
  const [problem, setProblem] = useState<string>();
  const make = handleSubmit(async (entered) => {
    setProblem(undefined);
    try {
      const made = await call('POST /api/classes', { body: entered });
      await cache.invalidateQueries({ queryKey: ['classes'] });
      await go(`/classes/${made.id}`);
    } catch (error) {
      setProblem(placeProblem(error, ['name'], setError));
    }
  });
  if (classes.isPending) return <Loading what="the classes" />;
  if (isLacking(classes)) return <Failed error={classes.error} again={() => void classes.refetch()} />;
  return (
    <Box display="grid" gap="4" gridTemplateColumns={{ base: '1fr', lg: '2fr 1fr' }} alignItems="start">
      <Tile>
        <chakra.h1 fontSize="xl" mb="2">
          Classes
        </chakra.h1>
        {!classes.data.length ? (
          <Empty title="No classes yet">Make one beside this, then paste its list of names.</Empty>
        ) : (
          <chakra.ul>
            {classes.data.map(({ id, name, students }) => (
              <chakra.li key={id} borderTop="1px solid" borderColor="slate.200">
                <chakra.div
                  asChild
                  display="flex"
                  justifyContent="space-between"
                  py="3"
                  px="1"
                  _hover={{ bg: 'slate.50' }}
                >
                  <Link to={`/classes/${id}`}>
                    <b>{name}</b>
                    <span>{students === 0 ? 'no students yet' : `${students} students`}</span>
                  </Link>
                </chakra.div>
              </chakra.li>
            ))}
          </chakra.ul>
        )}
      </Tile>
      <Box display="grid" gap="4">
        <Tile>
          <Form onSubmit={(e) => void make(e)} display="flex" flexDirection="column" gap="3" noValidate>
            <chakra.h2 fontSize="lg">New class</chakra.h2>
            <Field label="Name of the class" help="Such as 10 Beacon." error={errors.name?.message}>
              <Input {...register('name')} />
            </Field>
            {problem && <Notice tone="stop">{problem}</Notice>}
            <Button type="submit" variant="go" disabled={isSubmitting}>
              Make the class
            </Button>
          </Form>
        </Tile>
        <Exchange />
      </Box>
    </Box>
  );
}
