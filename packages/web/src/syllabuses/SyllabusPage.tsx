/** One syllabus of the school: what is in it, how strict, where schools differ, which words earn; with a box to try answers. */
import { Box, chakra } from '@chakra-ui/react';
import {
  allAnions,
  allCations,
  allGases,
  allMetals,
  allTests,
  attributeOf,
  settingChoices,
  strictnesses,
  testOf,
  type Strictness,
  type Syllabus,
  type Wording,
} from '@kivex/core';
import { useParams } from 'react-router';
import { DraftBar } from '../drafts/DraftBar.js';
import { SaveProblem } from '../drafts/SaveProblem.js';
import { useDocument } from '../drafts/use-document.js';
import { Checkbox } from '../kit/Checkbox.js';
import { Choices, toggled } from '../kit/Choices.js';
import { Field } from '../kit/Field.js';
import { Input } from '../kit/Input.js';
import { Failed, Loading } from '../kit/Notice.js';
import { Parts } from '../kit/Parts.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';
import { addSyllabus, useSyllabus } from '../practicals/practical-queries.js';
import { useSyllabusDrafts } from './syllabus-drafts.js';
import { OwnWords } from './OwnWords.js';
import { TryOut } from './TryOut.js';
import { WordingEditor } from './WordingEditor.js';

type Change = (part: Partial<Syllabus>) => void;

export default function SyllabusPage() {
  const { id = '' } = useParams();
  const whole = useSyllabus(id);
  const document = useDocument<Syllabus>({
    id,
    kind: 'syllabus',
    plural: 'syllabuses',
    whole,
    drafts: useSyllabusDrafts,
    add: addSyllabus,
    asCopy: (mine) => ({ ...mine, name: `${mine.name} (copy)`.slice(0, 120) }),
  });
  const { draft, change } = document;
  if (whole.error) return <Failed error={whole.error} again={() => void whole.refetch()} />;
  if (!draft || !whole.data) return <Loading what="the syllabus" />;
  const { head } = whole.data;
  return (
    <>
      <DraftBar
        {...document}
        title={draft.name || 'Untitled syllabus'}
        version={document.changed ? document.from : head.version}
        savedAt={head.changedAt}
        may
        note="Practicals and their lessons keep the version they were saved with"
      />
      {document.error && (
        <Box mb="3">
          <SaveProblem {...document} error={document.error} />
        </Box>
      )}
      <Box
        display="grid"
        gap="4"
        gridTemplateColumns={{ base: '1fr', lg: 'minmax(0, 1fr) 20rem' }}
        alignItems="start"
      >
        <Box display="grid" gap="4" gridTemplateColumns="minmax(0, 1fr)">
          <Parts
            label="Parts of the syllabus"
            parts={[
              {
                id: 'frame',
                name: 'Strictness and customs',
                show: () => <Frame syllabus={draft} change={change} />,
              },
              {
                id: 'species',
                name: 'Ions, gases, metals',
                show: () => <Species syllabus={draft} change={change} />,
              },
              { id: 'tests', name: 'Tests', show: () => <Tests syllabus={draft} change={change} /> },
              {
                id: 'flames',
                name: 'Words for flames',
                show: () => <Flames syllabus={draft} change={change} />,
              },
              {
                id: 'words',
                name: 'Words for the rest',
                show: () => <Values syllabus={draft} change={change} />,
              },
            ]}
          />
        </Box>
        <TryOut syllabus={draft} />
      </Box>
    </>
  );
}

function Frame({ syllabus, change }: { readonly syllabus: Syllabus; readonly change: Change }) {
  return (
    <Tile display="grid" gap="3">
      <Box display="grid" gap="3" gridTemplateColumns={{ base: '1fr', md: '2fr 1fr' }}>
        <Field label="Name">
          <Input value={syllabus.name} maxLength={120} onChange={(e) => change({ name: e.target.value })} />
        </Field>
        <Field label="Ages">
          <Input value={syllabus.ages} maxLength={20} onChange={(e) => change({ ages: e.target.value })} />
        </Field>
      </Box>
      <Box display="grid" gap="3" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }}>
        <Field label="How strictly words are read">
          <Select
            value={syllabus.strictness}
            onChange={(e) => change({ strictness: e.target.value as Strictness })}
          >
            {strictnesses.map((s) => (
              <option key={s}>{s}</option>
            ))}
          </Select>
        </Field>
        <Field label="Marks are carried forward">
          <Select
            value={syllabus.carryForward ? 'yes' : 'no'}
            onChange={(e) => change({ carryForward: e.target.value === 'yes' })}
          >
            <option value="yes">yes: a name that follows from the own record earns</option>
            <option value="no">no: only what the sample holds earns</option>
          </Select>
        </Field>
      </Box>
      <chakra.h2 fontSize="lg" mt="2">
        Where schools differ
      </chakra.h2>
      {settingChoices.map((setting) => (
        <Field key={setting.id} label={setting.question} help={setting.effect}>
          <Select
            value={syllabus.settings[setting.id]}
            onChange={(e) => change({ settings: { ...syllabus.settings, [setting.id]: e.target.value } })}
          >
            {setting.choices.map((c) => (
              <option key={c.id} value={c.id}>
                {c.label}
              </option>
            ))}
          </Select>
        </Field>
      ))}
    </Tile>
  );
}

function Species({ syllabus, change }: { readonly syllabus: Syllabus; readonly change: Change }) {
  const list = <Id extends string>(
    title: string,
    all: readonly { readonly id: Id; readonly name: string }[],
    chosen: readonly Id[],
    set: (ids: readonly Id[]) => void,
  ) => (
    <Box>
      <chakra.h2 fontSize="md" mb="1">
        {title}
      </chakra.h2>
      <Choices
        label={title}
        choices={all.map((s) => ({ id: s.id, label: s.name }))}
        chosen={chosen}
        toggle={(id) => set(all.map((s) => s.id).filter((s) => toggled(chosen, id).includes(s)))}
      />
    </Box>
  );
  return (
    <Tile display="grid" gap="4">
      {list('Cations', allCations, syllabus.cations, (cations) => change({ cations }))}
      {list('Anions', allAnions, syllabus.anions, (anions) => change({ anions }))}
      {list('Gases and vapours', allGases, syllabus.gases, (gases) => change({ gases }))}
      {list('Metals', allMetals, syllabus.metals, (metals) => change({ metals }))}
    </Tile>
  );
}

function Tests({ syllabus, change }: { readonly syllabus: Syllabus; readonly change: Change }) {
  return (
    <Tile display="grid" gap="0">
      {allTests.map((test) => {
        const own = syllabus.tests.find((t) => t.test === test.id);
        const set = (next: Syllabus['tests'][number] | undefined) =>
          change({
            tests: allTests.flatMap((t) => {
              if (t.id === test.id) return next ? [next] : [];
              return syllabus.tests.filter((x) => x.test === t.id);
            }),
          });
        return (
          <Box key={test.id} py="2" borderTop="1px solid" borderColor="slate.200" display="grid" gap="2">
            <Checkbox
              fontWeight="600"
              checked={Boolean(own)}
              onChange={() =>
                set(
                  own
                    ? undefined
                    : {
                        test: test.id,
                        variant: test.variants[0]!.id,
                        attributes: [test.attributes[0]!.id],
                      },
                )
              }
            >
              {test.name}
            </Checkbox>
            {own && (
              <Choices
                label={`What is looked at in ${test.name}`}
                choices={test.attributes.map((a) => ({ id: a.id, label: a.question }))}
                chosen={own.attributes}
                toggle={(id) => {
                  const next = toggled(own.attributes, id);
                  if (next.length)
                    set({
                      ...own,
                      attributes: test.attributes.map((a) => a.id).filter((a) => next.includes(a)),
                    });
                }}
              />
            )}
          </Box>
        );
      })}
    </Tile>
  );
}

const flameParts = [
  { id: 'colour', name: 'to the naked eye' },
  { id: 'throughBlueGlass', name: 'through blue glass' },
] as const;

function Flames({ syllabus, change }: { readonly syllabus: Syllabus; readonly change: Change }) {
  const wording = syllabus.wording.flame ?? {};
  return (
    <>
      {flameParts.map((part) => (
        <Tile key={part.id} display="grid" gap="3">
          <chakra.h2 fontSize="lg">Flames {part.name}</chakra.h2>
          {allCations
            .filter((c) => wording[part.id]?.[c.id] && syllabus.cations.includes(c.id))
            .map((c) => (
              <Box key={c.id} borderTop="1px solid" borderColor="slate.200" pt="2">
                <chakra.h3 fontSize="md" mb="1">
                  {c.name}
                </chakra.h3>
                <WordingEditor
                  label={`${c.name} ${part.name}`}
                  wording={wording[part.id]![c.id]!}
                  change={(next) =>
                    change({
                      wording: {
                        ...syllabus.wording,
                        flame: { ...wording, [part.id]: { ...wording[part.id], [c.id]: next } },
                      },
                    })
                  }
                />
              </Box>
            ))}
        </Tile>
      ))}
    </>
  );
}

/** Kinds of result with words of their own, as they are headed. */
const kindWords: Readonly<Record<string, string>> = {
  precipitate: 'Precipitates',
  spot: 'Spots',
  'excess-colour': 'Solutions in excess',
  layer: 'Layers',
  ring: 'The ring',
  fumes: 'Fumes',
  'sample-colour': 'The sample itself',
  'indicator-colour': 'Papers and powders for water',
};
/** A value as it is called: by the first attribute of its kind that has it. */
function valueName(kind: string, value: string): string {
  for (const test of allTests)
    for (const attribute of test.attributes)
      if (attribute.reads === kind) {
        const found = attributeOf(testOf(test.id), attribute.id).values.find((v) => v.id === value);
        if (found) return found.label;
      }
  return value;
}

function Values({ syllabus, change }: { readonly syllabus: Syllabus; readonly change: Change }) {
  const kinds = Object.entries(syllabus.values) as [string, Readonly<Record<string, Wording>>][];
  return (
    <>
      <OwnWords
        words={syllabus.ownWords ?? []}
        change={(ownWords) => change({ ownWords: ownWords.length ? ownWords : (undefined as never) })}
      />
      {kinds.map(([kind, values]) => (
        <Tile key={kind} display="grid" gap="3">
          <chakra.h2 fontSize="lg">{kindWords[kind] ?? kind}</chakra.h2>
          {Object.entries(values).map(([value, wording]) => (
            <Box key={value} borderTop="1px solid" borderColor="slate.200" pt="2">
              <chakra.h3 fontSize="md" mb="1">
                {valueName(kind, value)}
              </chakra.h3>
              <WordingEditor
                label={`${kindWords[kind] ?? kind}, ${valueName(kind, value)}`}
                wording={wording}
                change={(next) =>
                  change({ values: { ...syllabus.values, [kind]: { ...values, [value]: next } } })
                }
              />
            </Box>
          ))}
        </Tile>
      ))}
    </>
  );
}
