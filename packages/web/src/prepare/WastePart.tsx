/** Where it all goes afterwards, and what was used instead of what. */
import { Box, chakra } from '@chakra-ui/react';
import type { Preparation } from '@kivex/contract';
import {
  effectOf,
  reagentOf,
  substitutes,
  type Practical,
  type WasteLine,
  methodOf,
  shortTestName,
  testOf,
} from '@kivex/core';
import { useMemo, useState } from 'react';
import { Button } from '../kit/Button.js';
import { dayAndTime } from '../kit/moments.js';
import { Combobox } from '../kit/Combobox.js';
import { Notice } from '../kit/Notice.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';

const adviceTones = { fine: 'go', 'with-care': 'look', 'do-not': 'stop' } as const;
const adviceWords = { fine: 'Fine.', 'with-care': 'With care.', 'do-not': 'Better not.' } as const;

export function WastePart({ waste }: { readonly waste: readonly WasteLine[] }) {
  return (
    <Tile>
      <chakra.h2 fontSize="lg" mb="1">
        Waste
      </chakra.h2>
      <Table label="Waste by stream" heads={['Stream', 'About', 'Bottles to set out', 'How', 'From']}>
        {waste.map((w) => (
          <Row key={w.stream.id}>
            <Cell fontWeight="600">{w.stream.name}</Cell>
            <Cell whiteSpace="nowrap">{w.volume_mL ? `${Math.ceil(w.volume_mL)} cm³` : 'solids'}</Cell>
            <Cell>{w.bottles || ''}</Cell>
            <Cell>{w.stream.how}</Cell>
            <Cell fontSize="sm">{w.tests.map((t) => shortTestName(t)).join(', ')}</Cell>
          </Row>
        ))}
      </Table>
      <chakra.p mt="2" fontSize="sm" color="ink.soft">
        Usual streams. Your local rules decide what goes where.
      </chakra.p>
    </Tile>
  );
}

export function SubstitutionsPart({
  practical,
  log,
  substitute,
}: {
  readonly practical: Practical;
  readonly log: Preparation | undefined;
  readonly substitute: (id: string) => void;
}) {
  const used = useMemo(
    () =>
      new Set(practical.tests.flatMap((t) => methodOf(t).steps.flatMap((s) => s.uses.map((u) => u.reagent)))),
    [practical],
  );
  const possible = substitutes.filter((s) => used.has(s.for));
  const [id, setId] = useState('');
  const effect = useMemo(() => {
    const chosen = substitutes.find((s) => s.id === id);
    return chosen && effectOf(practical, chosen);
  }, [practical, id]);
  return (
    <Tile display="grid" gap="3">
      <chakra.h2 fontSize="lg">Something else instead</chakra.h2>
      <Box maxW="34rem">
        <Combobox
          aria-label="What is to hand instead"
          placeholder="What is to hand instead? Type what is missing, or what there is"
          value={id}
          choices={possible.map((s) => ({ id: s.id, name: `${reagentOf(s.for).name}: ${s.name}` }))}
          onChoose={setId}
        />
      </Box>
      {effect && (
        <>
          <Notice tone={adviceTones[effect.substitute.advice]}>
            <b>{adviceWords[effect.substitute.advice]}</b> {effect.substitute.changes}
            {effect.substitute.unsure && ` (Unsure: ${effect.substitute.unsure}.)`}
          </Notice>
          {effect.results.length > 0 ? (
            <Table label="Results that change" heads={['Sample', 'Test', 'Would be', 'Becomes']}>
              {effect.results.map((r) => (
                <Row key={`${r.sample} ${r.test} ${r.attribute}`}>
                  <Cell>{r.sample}</Cell>
                  <Cell>{testOf(r.test).name}</Cell>
                  <Cell>{r.was}</Cell>
                  <Cell fontWeight="600">{r.becomes}</Cell>
                </Row>
              ))}
            </Table>
          ) : (
            <p>By the equilibria no result of this practical changes.</p>
          )}
          {[...effect.slips.map((s) => s.advice), ...effect.cautions].map((text) => (
            <p key={text}>{text}</p>
          ))}
          <Button
            variant={effect.substitute.advice === 'do-not' ? 'look' : 'go'}
            width="fit-content"
            onClick={() => {
              substitute(effect.substitute.id);
              setId('');
            }}
          >
            Use it, and log it
          </Button>
        </>
      )}
      {Boolean(log?.substitutions.length) && (
        <Box>
          <chakra.h3 fontSize="md">Logged</chakra.h3>
          {log!.substitutions.map((s) => (
            <Box key={s.id} py="1.5" borderTop="1px solid" borderColor="slate.200">
              {s.summary}
              <chakra.div fontSize="sm" color="ink.soft">
                {s.by}, {dayAndTime(s.at)}
              </chakra.div>
            </Box>
          ))}
        </Box>
      )}
    </Tile>
  );
}
