/** What stands on each bench: the plan of the tile or plate, wells to skip, and the apparatus. */
import { Box, chakra } from '@chakra-ui/react';
import {
  layPlate,
  plateKindOf,
  plateKinds,
  plateRows,
  type ApparatusLine,
  type PlacedWell,
  type Practical,
  picturesOf,
} from '@kivex/core';
import { useMemo, useState } from 'react';
import { Field } from '../kit/Field.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { Select } from '../kit/Select.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { Apparatus } from '../kit/Apparatus.js';
import { shortTestName } from '../kit/look-names.js';

export function BenchPart({
  practical,
  apparatus,
  names,
  plate,
  skip,
  set,
}: {
  readonly practical: Practical;
  readonly apparatus: readonly ApparatusLine[];
  readonly names: ReadonlyMap<string, string>;
  readonly plate: string;
  readonly skip: readonly string[];
  readonly set: (part: { plate?: string; skip?: readonly string[] }) => void;
}) {
  const [text, setText] = useState(skip.join(' '));
  const kind = plateKindOf(plate);
  const laid = useMemo((): { wells: readonly PlacedWell[] } | { problem: string } => {
    try {
      return { wells: layPlate(kind, plateRows(practical), text.split(/[\s,;]+/).filter(Boolean)) };
    } catch (error) {
      return { problem: (error as Error).message };
    }
  }, [kind, practical, text]);
  const wells = 'wells' in laid ? laid.wells : [];
  const plates = Math.max(-1, ...wells.map((w) => w.plate)) + 1;
  return (
    <>
      {plateRows(practical).length > 0 && (
        <Tile display="grid" gap="3">
          <Box display="flex" gap="3" flexWrap="wrap" alignItems="end">
            <chakra.h2 fontSize="lg">Plate of one group</chakra.h2>
            <Box flex="1" />
            <Field size="small" label="Kind">
              <Select value={plate} onChange={(e) => set({ plate: e.target.value })}>
                {plateKinds.map((k) => (
                  <option key={k.id} value={k.id}>
                    {k.name}
                  </option>
                ))}
              </Select>
            </Field>
            <Field size="small" label="Wells to skip">
              <Input
                value={text}
                placeholder="A1 B3"
                onChange={(e) => setText(e.target.value)}
                onBlur={() => {
                  const list = text
                    .toUpperCase()
                    .split(/[\s,;]+/)
                    .filter(Boolean);
                  if ('wells' in laid && list.join() !== skip.join()) set({ skip: list });
                }}
              />
            </Field>
          </Box>
          {'problem' in laid && <Notice tone="look">{laid.problem}</Notice>}
          {Array.from({ length: plates }, (_, p) => (
            <Box key={p} overflowX="auto" tabIndex={0} role="region" aria-label={`Plate ${p + 1}`}>
              <Box
                display="grid"
                gap="1.5"
                width="max-content"
                style={{ gridTemplateColumns: `1.5rem repeat(${kind.columns}, 5.25rem)` }}
                fontSize="xs"
                bg="slate.50"
                borderRadius="tile"
                p="2"
              >
                <span />
                {Array.from({ length: kind.columns }, (_c, c) => (
                  <chakra.b key={c} textAlign="center" color="ink.soft">
                    {c + 1}
                  </chakra.b>
                ))}
                {Array.from({ length: kind.rows }, (_r, r) => [
                  <chakra.b key={`r${r}`} alignSelf="center" color="ink.soft">
                    {String.fromCharCode(65 + r)}
                  </chakra.b>,
                  ...Array.from({ length: kind.columns }, (_c, c) => {
                    const well = wells.find(
                      (w) => w.plate === p && w.well === `${String.fromCharCode(65 + r)}${c + 1}`,
                    );
                    return (
                      <Box
                        key={`${r} ${c}`}
                        aspectRatio="1"
                        borderRadius="round"
                        display="flex"
                        flexDirection="column"
                        alignItems="center"
                        justifyContent="center"
                        textAlign="center"
                        lineHeight="1.1"
                        p="1.5"
                        borderWidth="2px"
                        borderStyle={well ? 'solid' : 'dashed'}
                        borderColor={well ? 'slate.500' : 'slate.200'}
                        bg={well ? 'porcelain' : 'transparent'}
                        overflow="hidden"
                      >
                        {well && (
                          <>
                            <b>{names.get(well.sample) ?? well.sample}</b>
                            {shortTestName(well.test)}
                          </>
                        )}
                      </Box>
                    );
                  }),
                ])}
              </Box>
            </Box>
          ))}
        </Tile>
      )}
      <Tile>
        <chakra.h2 fontSize="lg" mb="1">
          Apparatus
        </chakra.h2>
        <Box display="flex" flexWrap="wrap" gap="4" mb="3">
          {picturesOf(practical.tests).map(({ id, tests }) => (
            <Box key={id} asChild width="9rem" fontSize="sm" textAlign="center" lineHeight="1.2">
              <figure>
                <Apparatus id={id} />
                <figcaption>{tests.map(shortTestName).join(', ')}</figcaption>
              </figure>
            </Box>
          ))}
        </Box>
        <Table label="Apparatus" heads={['Item', 'Each bench', 'In all']}>
          {apparatus.map((a) => (
            <Row key={a.item}>
              <Cell>{a.item}</Cell>
              <Cell>{a.perBench ?? ''}</Cell>
              <Cell>{a.total}</Cell>
            </Row>
          ))}
        </Table>
      </Tile>
    </>
  );
}
