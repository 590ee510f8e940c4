/** Which ions, gases, metals and tests are in. */
import { Box, chakra } from '@chakra-ui/react';
import { allAnions, allCations, allGases, allMetals, allTests, type Syllabus } from '@kivex/core';
import { Checkbox } from '../kit/Checkbox.js';
import { Choices, toggled } from '../kit/Choices.js';
import { Tile } from '../kit/Tile.js';
import type { Change } from './change.js';

export function Species({ syllabus, change }: { readonly syllabus: Syllabus; readonly change: Change }) {
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

export function Tests({ syllabus, change }: { readonly syllabus: Syllabus; readonly change: Change }) {
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
