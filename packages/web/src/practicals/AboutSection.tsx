/** What the practical is: its name, syllabus, what is asked, the frame of the lesson. */
import { Box, chakra } from '@chakra-ui/react';
import { allSyllabuses, asked, schemeLine, usualPreset, type Asked, type Practical } from '@kivex/core';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { Choices } from '../kit/Choices.js';
import { Field } from '../kit/Field.js';
import { Input } from '../kit/Input.js';
import { NumberInput } from '../kit/NumberInput.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';
import { ships, useSyllabuses } from './practical-queries.js';

export const askedWords: Readonly<Record<Asked, string>> = {
  cation: 'the metal ion (or ammonium)',
  anion: 'the anion',
  salt: 'both ions of the salt',
  gas: 'the gas',
  metal: 'the metal',
};

export function AboutSection({
  practical,
  change,
}: {
  readonly practical: Practical;
  readonly change: (part: Partial<Practical>) => void;
}) {
  const own = useSyllabuses();
  const minutes = (label: string, key: 'minutes' | 'setUp' | 'clearUp', min: number, max: number) => (
    <Field label={label}>
      <NumberInput value={practical[key]} min={min} max={max} onValue={(n) => change({ [key]: n ?? min })} />
    </Field>
  );
  return (
    <Tile display="grid" gap="3">
      <Field
        label="Title"
        error={practical.title.trim() ? undefined : 'Write a title; it cannot be saved without one.'}
      >
        <Input value={practical.title} maxLength={120} onChange={(e) => change({ title: e.target.value })} />
      </Field>
      <Field label="What students read about it">
        <Input
          value={practical.summary}
          maxLength={400}
          onChange={(e) => change({ summary: e.target.value })}
        />
      </Field>
      <Box display="grid" gap="3" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }}>
        <Field
          label="Syllabus"
          help={
            ships(practical.syllabus) ? undefined : 'Saved with this practical as it stands when you save.'
          }
        >
          <Select
            value={practical.syllabus}
            onChange={(e) => change({ syllabus: e.target.value, ownSyllabus: undefined as never })}
          >
            {allSyllabuses.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name} ({s.ages})
              </option>
            ))}
            {own.data
              ?.filter((s) => !s.archived || s.id === practical.syllabus)
              .map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name} (yours)
                </option>
              ))}
            {!ships(practical.syllabus) && !own.data?.some((s) => s.id === practical.syllabus) && (
              <option value={practical.syllabus}>{practical.ownSyllabus?.name ?? 'from the file'}</option>
            )}
          </Select>
        </Field>
        <Field label="Students name">
          <Select value={practical.asks} onChange={(e) => change({ asks: e.target.value as Asked })}>
            {asked.map((a) => (
              <option key={a} value={a}>
                {askedWords[a]}
              </option>
            ))}
          </Select>
        </Field>
      </Box>
      <Box display="grid" gap="3" gridTemplateColumns={{ base: '1fr 1fr', md: 'repeat(4, 1fr)' }}>
        {minutes('Minutes in all', 'minutes', 10, 300)}
        {minutes('to set up', 'setUp', 0, 60)}
        {minutes('to clear up', 'clearUp', 0, 60)}
        <Field label="Unknowns a group">
          <NumberInput
            value={practical.unknownsPerGroup}
            min={1}
            max={12}
            onValue={(n) => change({ unknownsPerGroup: n ?? 1 })}
          />
        </Field>
      </Box>
      <Choices
        label="What the bench tells students"
        choices={[
          { id: 'advice', label: 'The bench says what to repeat or change after a result' },
          { id: 'balance', label: 'The bench says whether an equation balances' },
        ]}
        chosen={[
          ...(practical.advice === 'hidden' ? [] : (['advice'] as const)),
          ...(practical.balance === 'checked' ? (['balance'] as const) : []),
        ]}
        toggle={(id) =>
          change(
            id === 'advice'
              ? { advice: (practical.advice === 'hidden' ? undefined : 'hidden') as never }
              : { balance: (practical.balance === 'checked' ? undefined : 'checked') as never },
          )
        }
      />
      <Box display="flex" gap="3" alignItems="center" flexWrap="wrap" fontSize="sm">
        <span>
          {practical.scheme
            ? `Marked by a scheme of its own: ${schemeLine(practical.scheme)}.`
            : `Marked as usual for the syllabus: ${usualPreset(practical.syllabus).name.toLowerCase()}.`}
        </span>
        {practical.scheme && (
          <Button size="small" onClick={() => change({ scheme: undefined as never })}>
            As usual again
          </Button>
        )}
      </Box>
      <chakra.p fontSize="sm" color="ink.soft">
        Words that earn, strictness and the points schools differ in are in the{' '}
        <Link to="/syllabuses">syllabuses</Link>.
      </chakra.p>
    </Tile>
  );
}
