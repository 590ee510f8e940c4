/** Several samples of one test at once: each with its wells, all logged together; what fizzes, in order of vigour. */
import { Box, chakra } from '@chakra-ui/react';
import type { BenchSample } from '@kivex/contract';
import {
  attributeOf,
  decisive,
  standing,
  testOf,
  type GroupRecord,
  type PlannedTest,
  type StudentBody,
} from '@kivex/core';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { OnOff } from '../kit/OnOff.js';
import { Tile } from '../kit/Tile.js';
import { saidWords } from '../kit/well/results.js';
import { Well } from '../kit/well/Well.js';
import { byVigour } from './pad-draft.js';

interface SideBySideProps {
  readonly planned: PlannedTest;
  /** The things looked at. */
  readonly attributes: readonly string[];
  readonly samples: readonly BenchSample[];
  readonly record: GroupRecord;
  readonly log: (body: StudentBody) => Promise<string>;
  readonly done: (n: number) => void;
}
type Seen = Readonly<Record<string, Readonly<Record<string, string>>>>;

export function SideBySide({ planned, attributes: ids, samples, record, log, done }: SideBySideProps) {
  const attributes = ids.map((id) => attributeOf(testOf(planned.test), id));
  const [seen, setSeen] = useState<Seen>({});
  const filled = Object.entries(seen).filter(([, values]) => Object.keys(values).length > 0);
  const label = (id: string) => samples.find((s) => s.id === id)?.label ?? '';
  const order = byVigour(attributes[0]!, seen);
  const save = async () => {
    for (const [sample, values] of filled)
      await log({
        type: 'observation',
        sample,
        test: planned.test,
        variant: planned.variant,
        seen: values,
      });
    setSeen({});
    done(filled.length);
  };
  const tap = (sample: string, attribute: string, value: string) => {
    const { [attribute]: old, ...rest } = seen[sample] ?? {};
    setSeen({ ...seen, [sample]: old === value ? rest : { ...rest, [attribute]: value } });
  };
  return (
    <Tile p="3" display="flex" flexDirection="column" gap="3">
      <chakra.h2 fontSize="lg">{attributes[0]!.question}</chakra.h2>
      {samples.map((sample) => {
        const before = decisive(standing(record, sample.id).filter((e) => e.body.test === planned.test));
        return (
          <Box key={sample.id} role="group" aria-label={sample.label} display="grid" gap="1">
            <chakra.div fontWeight="600" lineHeight="1.2">
              {sample.label}
              {before && (
                <chakra.span fontWeight="400" color="ink.soft">
                  {' '}
                  · logged {saidWords(before.body) || 'no time'}
                </chakra.span>
              )}
            </chakra.div>
            {attributes.map((attribute, place) => (
              <Box
                key={attribute.id}
                role="group"
                aria-label={`${sample.label}: ${attribute.question}`}
                display="flex"
                flexWrap="wrap"
                gap="1.5"
                alignItems="center"
              >
                {place > 0 && (
                  <chakra.span width="100%" fontSize="sm" color="ink.soft">
                    {attribute.question}
                  </chakra.span>
                )}
                {attribute.values.map((value) => (
                  <OnOff
                    key={value.id}
                    size="bench"
                    minH="14"
                    px="2"
                    pressed={seen[sample.id]?.[attribute.id] === value.id}
                    onPressedChange={() => tap(sample.id, attribute.id, value.id)}
                  >
                    <Well look={value.look} size={36} /> {value.label}
                  </OnOff>
                ))}
              </Box>
            ))}
          </Box>
        );
      })}
      {order.length > 1 && (
        <chakra.p role="status">
          Most vigorous first: <b>{order.map((group) => group.map(label).join(' = ')).join(' > ')}</b>
        </chakra.p>
      )}
      <Button size="bench" variant="go" disabled={!filled.length} onClick={() => void save()}>
        {filled.length > 1 ? `Log all ${filled.length}` : 'Log it'}
      </Button>
    </Tile>
  );
}
