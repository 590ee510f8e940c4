/** The school's own answers to gas tests and to why a step is done: words that earn here, or never do. */
import { chakra } from '@chakra-ui/react';
import {
  ownAnswerName,
  ownAnswerPlaces,
  ownAnswerProblem,
  sameOwnAnswer,
  usualAnswer,
  type OwnAnswer,
  type OwnAnswerOf,
  type Syllabus,
} from '@kivex/core';
import { Plus, Trash2 } from 'lucide-react';
import { useMemo } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { Button } from '../kit/Button.js';
import { Combobox } from '../kit/Combobox.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { IconButton } from '../kit/IconButton.js';
import { Input } from '../kit/Input.js';
import { Select } from '../kit/Select.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';

interface OwnAnswersProps {
  readonly gases: Syllabus['gases'];
  readonly answers: readonly OwnAnswer[];
  readonly change: (answers: readonly OwnAnswer[]) => void;
}
/** A place as one word, for lists of choices. */
const keyOf = (of: OwnAnswerOf): string => (of.kind === 'purpose' ? of.of : `${of.gas} ${of.part}`);

export function OwnAnswers({ gases, answers, change }: OwnAnswersProps) {
  const places = useMemo(() => ownAnswerPlaces(gases), [gases]);
  const choices = useMemo(() => places.map((of) => ({ id: keyOf(of), name: ownAnswerName(of) })), [places]);
  const { register, control, handleSubmit, setError, reset, formState } = useForm<{
    place: string;
    phrase: string;
    earns: 'earns' | 'not';
  }>({ defaultValues: { place: '', phrase: '', earns: 'earns' } });
  const place = useWatch({ control, name: 'place' });
  const chosen = places.find((of) => keyOf(of) === place);
  const add = handleSubmit(({ place, phrase, earns }) => {
    const of = places.find((p) => keyOf(p) === place);
    if (!of) return setError('place', { message: 'Choose what the words answer.' });
    const answer: OwnAnswer = { of, phrase: phrase.trim(), earns: earns === 'earns' };
    const problem = ownAnswerProblem(answer, answers);
    if (problem) return setError('phrase', { message: problem });
    change([...answers, answer]);
    reset({ place, phrase: '', earns });
  });
  return (
    <Tile display="grid" gap="3">
      <chakra.h2 fontSize="lg">Answers of your own</chakra.h2>
      <chakra.p color="ink.soft">
        Kivex knows the usual answers and reads them in many words. Add what your school takes besides, or
        does not take.
      </chakra.p>
      {answers.length > 0 && (
        <Table label="Answers of your own" heads={['To', 'Students write', 'Here it', '']}>
          {answers.map((answer) => (
            <Row key={keyOf(answer.of) + answer.phrase}>
              <Cell>{ownAnswerName(answer.of)}</Cell>
              <Cell>{answer.phrase}</Cell>
              <Cell>{answer.earns ? 'earns' : 'does not earn'}</Cell>
              <Cell textAlign="end">
                <IconButton
                  label={`Take “${answer.phrase}” out`}
                  onClick={() =>
                    change(
                      answers.filter((a) => !(sameOwnAnswer(a.of, answer.of) && a.phrase === answer.phrase)),
                    )
                  }
                >
                  <Trash2 size={16} aria-hidden />
                </IconButton>
              </Cell>
            </Row>
          ))}
        </Table>
      )}
      <Form display="grid" gap="2" onSubmit={(e) => void add(e)}>
        <Controller
          name="place"
          control={control}
          render={({ field }) => (
            <Field
              size="small"
              label="Answers to"
              help={chosen && `Kivex takes: ${usualAnswer(chosen)}`}
              error={formState.errors.place?.message}
            >
              <Combobox
                value={field.value}
                choices={choices}
                placeholder="Type a gas or a step"
                onChoose={field.onChange}
              />
            </Field>
          )}
        />
        <chakra.div
          display="grid"
          gap="2"
          gridTemplateColumns={{ base: '1fr', md: '2fr 1fr auto' }}
          alignItems="start"
        >
          <Field size="small" label="Students write" error={formState.errors.phrase?.message}>
            <Input maxLength={80} placeholder="flame at the mouth" {...register('phrase')} />
          </Field>
          <Field size="small" label="Here it">
            <Select {...register('earns')}>
              <option value="earns">earns</option>
              <option value="not">does not earn</option>
            </Select>
          </Field>
          <Button type="submit" mt={{ md: '6' }}>
            <Plus size={18} aria-hidden /> Add it
          </Button>
        </chakra.div>
      </Form>
    </Tile>
  );
}
