/** The words that earn: for flames by the ion, for all else by what is seen. */
import { Box, chakra } from '@chakra-ui/react';
import { allCations, allTests, attributeOf, testOf, type Syllabus, type Wording } from '@kivex/core';
import { Tile } from '../kit/Tile.js';
import { OwnWords } from './OwnWords.js';
import { WordingEditor } from './WordingEditor.js';
import type { Change } from './change.js';

const flameParts = [
  { id: 'colour', name: 'to the naked eye' },
  { id: 'throughBlueGlass', name: 'through blue glass' },
] as const;

export function Flames({ syllabus, change }: { readonly syllabus: Syllabus; readonly change: Change }) {
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

export function Values({ syllabus, change }: { readonly syllabus: Syllabus; readonly change: Change }) {
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
