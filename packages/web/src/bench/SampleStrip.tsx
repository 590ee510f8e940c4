/** The samples on the bench, each with a small well of what stands for it now. */
import { Box, chakra } from '@chakra-ui/react';
import type { BenchSample } from '@kivex/contract';
import { standing, tileOf, type GroupRecord } from '@kivex/core';
import { OnOff } from '../kit/OnOff.js';
import { cellDrawing } from '../kit/well/results.js';
import { cellState } from '../kit/well/SpotTile.js';
import { shortTestName } from '../kit/look-names.js';
import { Well } from '../kit/well/Well.js';

interface SampleStripProps {
  readonly samples: readonly BenchSample[];
  /** Only what was logged in this test counts here. */
  readonly test: string;
  readonly record: GroupRecord;
  readonly chosen: string | undefined;
  readonly choose: (id: string) => void;
}

export function SampleStrip({ samples, test, record, chosen, choose }: SampleStripProps) {
  return (
    <Box
      role="group"
      aria-label="Samples"
      display="grid"
      gridTemplateColumns="repeat(auto-fill, minmax(9.5rem, 1fr))"
      gap="2"
    >
      {samples.map((sample) => {
        // As in its cell of the tile.
        const cell = tileOf(record, [{ id: sample.id, tests: [test] }], [test])[0]!.cells[0]!;
        const { from } = sample;
        const notYet =
          from && !standing(record, from.sample).some((e) => e.body.test === from.test)
            ? `after: ${shortTestName(from.test)}`
            : undefined;
        return (
          <OnOff
            key={sample.id}
            size="bench"
            pressed={sample.id === chosen}
            onPressedChange={() => choose(sample.id)}
            flexDirection="row"
            justifyContent="flex-start"
            textAlign="start"
            fontWeight={sample.role === 'unknown' ? '700' : '500'}
          >
            <Well {...cellDrawing(cell)} size={36} />
            <span style={{ lineHeight: 1.15 }}>
              {sample.label}
              {(cell.entry ?? notYet) && (
                <chakra.span display="block" fontSize="sm" color="ink.soft" fontWeight="400">
                  {cell.entry ? cellState(cell) : notYet}
                </chakra.span>
              )}
            </span>
          </OnOff>
        );
      })}
    </Box>
  );
}
