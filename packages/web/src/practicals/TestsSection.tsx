/** The tests: which, by which method, what is looked at, on what, by whom, at what strength. */
import { Box, chakra } from '@chakra-ui/react';
import { allTests, attendedMinutes, syllabusFor, type Practical } from '@kivex/core';
import { Combobox } from '../kit/Combobox.js';
import { Field } from '../kit/Field.js';
import { Tile } from '../kit/Tile.js';
import { plannedFrom } from './planned-from.js';
import { PlannedTestTile } from './PlannedTestTile.js';

const families = ['cation', 'anion', 'gas', 'metal', 'look'] as const;
const familyWords = {
  look: 'By looking',
  cation: 'Cations',
  anion: 'Anions',
  gas: 'Gases',
  metal: 'Metals',
} as const;

export function TestsSection({
  practical,
  change,
}: {
  readonly practical: Practical;
  readonly change: (part: Partial<Practical>) => void;
}) {
  const { tests } = practical;
  const syllabus = syllabusFor(practical);
  const inSyllabus = new Set(syllabus.tests.map((t) => t.test));
  const left = allTests.filter((t) => !tests.some((p) => p.test === t.id));
  return (
    <Box display="grid" gap="3" gridTemplateColumns="minmax(0, 1fr)">
      <Tile display="flex" gap="2" alignItems="end" flexWrap="wrap" p="4">
        <Field size="small" label="Add a test" flex="1" minW="16rem">
          <Combobox
            value=""
            placeholder="Type or choose a test"
            choices={families.flatMap((family) =>
              left
                .filter((t) => t.family === family)
                .map((t) => ({
                  id: t.id,
                  name: t.name,
                  group: familyWords[family],
                  show: inSyllabus.has(t.id) ? t.name : `${t.name} (not in the syllabus)`,
                })),
            )}
            onChoose={(id) => change({ tests: [...tests, plannedFrom(practical, id)] })}
          />
        </Field>
        <chakra.span color="ink.soft">
          {attendedMinutes(practical)} attended minutes for one group
        </chakra.span>
      </Tile>
      {tests.map((planned, at) => (
        <PlannedTestTile key={planned.test} practical={practical} planned={planned} at={at} change={change} />
      ))}
    </Box>
  );
}
