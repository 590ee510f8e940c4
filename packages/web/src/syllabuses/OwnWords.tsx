/** The school's own words: each is read as one of the colours Kivex knows, and earns where that one does. */
import { chakra } from '@chakra-ui/react';
import { allColourTerms, colourWord, ownWordProblem, type ColourTerm, type OwnWord } from '@kivex/core';
import { Plus, Trash2 } from 'lucide-react';
import { useForm, Controller } from 'react-hook-form';
import { Button } from '../kit/Button.js';
import { Combobox } from '../kit/Combobox.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { IconButton } from '../kit/IconButton.js';
import { Input } from '../kit/Input.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';

const colours = allColourTerms.map((id) => ({ id, name: colourWord(id) }));

interface OwnWordsProps {
  readonly words: readonly OwnWord[];
  readonly change: (words: readonly OwnWord[]) => void;
}

export function OwnWords({ words, change }: OwnWordsProps) {
  const { register, control, handleSubmit, setError, reset, formState } = useForm<{
    phrase: string;
    means: ColourTerm | '';
  }>({ defaultValues: { phrase: '', means: '' } });
  const add = handleSubmit(({ phrase, means }) => {
    if (!means) return setError('means', { message: 'Choose the colour it is read as.' });
    const word = { phrase: phrase.trim(), means };
    const problem = ownWordProblem(word, words);
    if (problem) return setError('phrase', { message: problem });
    change([...words, word]);
    reset();
  });
  return (
    <Tile display="grid" gap="3">
      <chakra.h2 fontSize="lg">Words of your own</chakra.h2>
      <chakra.p color="ink.soft">
        A word your school teaches and Kivex does not know. It earns wherever the colour it is read as earns.
      </chakra.p>
      {words.length > 0 && (
        <Table label="Words of your own" heads={['Students write', 'Kivex reads', '']}>
          {words.map((word) => (
            <Row key={word.phrase}>
              <Cell>{word.phrase}</Cell>
              <Cell>{colourWord(word.means)}</Cell>
              <Cell textAlign="end">
                <IconButton
                  label={`Take “${word.phrase}” out`}
                  onClick={() => change(words.filter((w) => w !== word))}
                >
                  <Trash2 size={16} aria-hidden />
                </IconButton>
              </Cell>
            </Row>
          ))}
        </Table>
      )}
      <Form
        display="grid"
        gap="2"
        gridTemplateColumns={{ base: '1fr', md: '1fr 1fr auto' }}
        alignItems="start"
        onSubmit={(e) => void add(e)}
      >
        <Field size="small" label="Students write" error={formState.errors.phrase?.message}>
          <Input maxLength={40} placeholder="apple green" {...register('phrase')} />
        </Field>
        <Controller
          name="means"
          control={control}
          render={({ field }) => (
            <Field size="small" label="Kivex reads" error={formState.errors.means?.message}>
              <Combobox
                value={field.value}
                choices={colours}
                placeholder="Type a colour"
                onChoose={field.onChange}
              />
            </Field>
          )}
        />
        <Button type="submit" mt={{ md: '6' }}>
          <Plus size={18} aria-hidden /> Add it
        </Button>
      </Form>
    </Tile>
  );
}
