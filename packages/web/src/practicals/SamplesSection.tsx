/** The samples: typed or chosen, known or unknown, at what strength, under which everyday name, in which look-alike set. */
import { Box } from '@chakra-ui/react';
import {
  allGases,
  allMetals,
  anionIn,
  cationIn,
  holdsOf,
  isBlank,
  keptOf,
  knownsOf,
  testOf,
  unknownsOf,
  syllabusFor,
  usualSample_M,
  type Practical,
  type PracticalSample,
} from '@kivex/core';
import { Plus, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Button } from '../kit/Button.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Combobox, Suggesting } from '../kit/Combobox.js';
import { NumberInput } from '../kit/NumberInput.js';
import { Select } from '../kit/Select.js';
import { speciesChoice } from '../kit/Species.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { sampleChoices } from './sample-choices.js';
import { freeKey, readSample } from './read-sample.js';
import { labelIn } from './sample-label.js';

const formWords = { solid: 'solid', solution: 'solution', gas: 'gas', metal: 'metal' } as const;

export function SamplesSection({
  practical,
  change,
}: {
  readonly practical: Practical;
  readonly change: (part: Partial<Practical>) => void;
}) {
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState(false);
  const { samples } = practical;
  const liquids = keptOf(practical);
  const usualForm = samples.find((s) => s.form === 'solid' || s.form === 'solution')?.form;
  const put = (role: PracticalSample['role']) => {
    const read = readSample(typed);
    if (!read) return setWrong(true);
    const form = read.form === 'solution' && usualForm && read.ions.length ? usualForm : read.form;
    change({
      samples: [
        ...samples,
        {
          key: freeKey(samples, role),
          role: read.ions.length ? role : 'known',
          ions: read.ions,
          form,
          difficulty: role === 'known' ? 1 : 3,
        },
      ],
    });
    setTyped('');
    setWrong(false);
  };
  const edit = (key: string, part: Partial<PracticalSample>) =>
    change({ samples: samples.map((s) => (s.key === key ? { ...s, ...part } : s)) });
  const syllabus = syllabusFor(practical);
  const suggestions = useMemo(() => sampleChoices(syllabus), [syllabus]);
  return (
    <Tile display="flex" flexDirection="column" gap="3">
      <Form
        display="flex"
        gap="2"
        flexWrap="wrap"
        alignItems="end"
        onSubmit={(e) => {
          e.preventDefault();
          put('unknown');
        }}
      >
        <Field
          size="small"
          label="Add a sample"
          flex="1"
          minW="15rem"
          error={
            wrong
              ? `“${typed}” could not be read as a salt with both ions, a gas, a metal or water. Write it like “zinc sulfate” or “ZnSO4”.`
              : undefined
          }
        >
          <Suggesting
            text={typed}
            choices={suggestions}
            placeholder="copper(II) chloride, CaCO3 powder, magnesium, oxygen, water …"
            onText={(text) => {
              setTyped(text);
              setWrong(false);
            }}
          />
        </Field>
        <Button type="submit" variant="go" disabled={!typed.trim()}>
          <Plus size={18} aria-hidden /> Unknown
        </Button>
        <Button disabled={!typed.trim()} onClick={() => put('known')}>
          <Plus size={18} aria-hidden /> Known
        </Button>
      </Form>
      {samples.length > 0 && (
        <Table
          label="Samples"
          heads={['Role', 'Holds', 'Form', 'mol/dm³', 'Difficulty', 'Everyday name', 'Looks like', '']}
        >
          {[...knownsOf(practical), ...unknownsOf(practical)].map((sample) => (
            <Row key={sample.key}>
              <Cell>
                <Select
                  size="small"
                  aria-label={`Role of ${holdsOf(sample)}`}
                  value={sample.role}
                  minW="6.2rem"
                  disabled={isBlank(sample)}
                  onChange={(e) => edit(sample.key, { role: e.target.value as PracticalSample['role'] })}
                >
                  <option value="unknown">unknown</option>
                  <option value="known">known</option>
                </Select>
              </Cell>
              <Cell minW="15.5rem">
                <Holds sample={sample} syllabus={syllabus} set={(ions) => edit(sample.key, { ions })} />
              </Cell>
              <Cell>
                {sample.form === 'gas' || sample.form === 'metal' || isBlank(sample) ? (
                  formWords[sample.form]
                ) : (
                  <Select
                    size="small"
                    aria-label={`Form of ${holdsOf(sample)}`}
                    value={sample.form}
                    minW="6.2rem"
                    onChange={(e) => edit(sample.key, { form: e.target.value as PracticalSample['form'] })}
                  >
                    <option value="solution">solution</option>
                    <option value="solid">solid</option>
                  </Select>
                )}
              </Cell>
              <Cell>
                {sample.form === 'solution' && !isBlank(sample) && (
                  <Box width="4.5rem">
                    <NumberInput
                      size="small"
                      aria-label={`Strength of ${holdsOf(sample)}`}
                      value={sample.molarity ?? usualSample_M}
                      min={0.00001}
                      max={20}
                      step={0.01}
                      onValue={(n) => edit(sample.key, { molarity: n ?? usualSample_M })}
                    />
                  </Box>
                )}
              </Cell>
              <Cell>
                {sample.role === 'unknown' && (
                  <Select
                    size="small"
                    aria-label={`Difficulty of ${holdsOf(sample)}`}
                    value={sample.difficulty}
                    minW="3.5rem"
                    onChange={(e) => edit(sample.key, { difficulty: Number(e.target.value) })}
                  >
                    {[1, 2, 3, 4, 5].map((n) => (
                      <option key={n}>{n}</option>
                    ))}
                  </Select>
                )}
              </Cell>
              <Cell minW="6.5rem">
                {sample.role === 'known' && !isBlank(sample) && (
                  <Input
                    size="small"
                    aria-label={`Everyday name of ${holdsOf(sample)}`}
                    value={sample.alias ?? ''}
                    maxLength={60}
                    onChange={(e) => edit(sample.key, { alias: e.target.value || (undefined as never) })}
                  />
                )}
              </Cell>
              <Cell minW="6.5rem">
                <Input
                  size="small"
                  aria-label={`Look-alike set of ${holdsOf(sample)}`}
                  list="look-alike-sets"
                  value={sample.set ?? ''}
                  maxLength={60}
                  placeholder="no set"
                  onChange={(e) => edit(sample.key, { set: e.target.value || (undefined as never) })}
                />
              </Cell>
              <Cell>
                <Button
                  size="small"
                  aria-label={`Take ${holdsOf(sample)} out`}
                  onClick={() => change({ samples: samples.filter((s) => s !== sample) })}
                >
                  <Trash2 size={16} aria-hidden />
                </Button>
              </Cell>
            </Row>
          ))}
        </Table>
      )}
      {liquids.length > 0 && (
        <Table label="Liquids kept" heads={['Liquid kept', 'after', 'holds', 'mol/dm³']}>
          {liquids.map((liquid) => (
            <Row key={liquid.key}>
              <Cell>{labelIn(practical, liquid)}</Cell>
              <Cell>{testOf(liquid.from!.test).name}</Cell>
              <Cell>{holdsOf(liquid)}</Cell>
              <Cell>{Number(liquid.molarity!.toPrecision(2))}</Cell>
            </Row>
          ))}
        </Table>
      )}
      <datalist id="look-alike-sets">
        {[...new Set(samples.flatMap((s) => (s.set ? [s.set] : [])))].map((set) => (
          <option key={set} value={set} />
        ))}
      </datalist>
    </Tile>
  );
}

/** Choosing what a sample holds: two lists for a salt, one for a gas or a metal. Ions of the syllabus come first. */
function Holds({
  sample,
  syllabus,
  set,
}: {
  readonly sample: PracticalSample;
  readonly syllabus: ReturnType<typeof syllabusFor>;
  readonly set: (ions: readonly string[]) => void;
}) {
  if (isBlank(sample)) return <>{holdsOf(sample)}</>;
  const pick = (label: string, value: string, ids: readonly string[], choose: (id: string) => void) => (
    <Combobox
      size="small"
      aria-label={label}
      value={value}
      choices={[...new Set([...ids, value])].map(speciesChoice)}
      onChoose={choose}
    />
  );
  if (sample.form === 'gas')
    return pick('Gas', sample.ions[0]!, [...syllabus.gases, ...allGases.map((g) => g.id)], (id) => set([id]));
  if (sample.form === 'metal')
    return pick('Metal', sample.ions[0]!, [...syllabus.metals, ...allMetals.map((m) => m.id)], (id) =>
      set([id]),
    );
  const [cation, anion] = [cationIn(sample.ions)!, anionIn(sample.ions)!];
  return (
    <Box display="grid" gridTemplateColumns="1fr 1fr" gap="1">
      {pick('Cation', cation, syllabus.cations, (id) => set([id, anion]))}
      {pick('Anion', anion, syllabus.anions, (id) => set([cation, id]))}
    </Box>
  );
}
