/** What jars held, and what they were named. */
import { chakra } from '@chakra-ui/react';
import { speciesName, type Naming } from '@kivex/core';
import { Formula } from '../kit/Formula.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';

export function NamesPart({ named }: { readonly named: readonly Naming[] }) {
  return (
    <Tile>
      <chakra.h2 fontSize="lg" mb="2">
        What it was, and what it was named
      </chakra.h2>
      <Matrix named={named} />
    </Tile>
  );
}

function Matrix({ named }: { readonly named: readonly Naming[] }) {
  if (!named.length) return <chakra.p color="ink.soft">Nobody has named a jar yet.</chakra.p>;
  const truths = [...new Set(named.map((n) => n.truth))].sort();
  const columns = [...new Set([...truths, ...named.flatMap((n) => n.named ?? [])])].sort();
  const count = (truth: string, as: string | null) =>
    named.filter((n) => n.truth === truth && n.named === as).reduce((sum, n) => sum + n.n, 0);
  const unread = named.some((n) => n.named === null);
  return (
    <Table
      label="What it was, and what it was named"
      heads={[
        'was ↓ named →',
        ...columns.map((c) => <Formula key={c} ion={c} />),
        ...(unread ? ['unclear'] : []),
      ]}
    >
      {truths.map((truth) => (
        <Row key={truth}>
          <Cell fontWeight="600">
            {speciesName(truth)} <Formula ion={truth} />
          </Cell>
          {columns.map((c) => {
            const n = count(truth, c);
            return (
              <Cell
                key={c}
                textAlign="center"
                fontFamily="mono"
                bg={!n ? undefined : c === truth ? 'verdigris.wash' : 'saffron.wash'}
                fontWeight={n ? '700' : '400'}
                color={n ? 'ink' : 'ink.faint'}
              >
                {n || '·'}
              </Cell>
            );
          })}
          {unread && (
            <Cell textAlign="center" fontFamily="mono">
              {count(truth, null) || '·'}
            </Cell>
          )}
        </Row>
      ))}
    </Table>
  );
}
