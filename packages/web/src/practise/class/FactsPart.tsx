/** What classes knew of each fact they were asked in the last weeks, alone or in a set, weakest first: at first, and after it was talked over. */
import { chakra } from '@chakra-ui/react';
import type { FactKnown } from '@kivex/contract';
import { speciesName, testOf, isTestId } from '@kivex/core';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Button } from '../../kit/Button.js';
import { Empty, Failed, Loading } from '../../kit/Notice.js';
import { isLacking } from '../../kit/request/lacking.js';
import { day } from '../../kit/moments.js';
import { call } from '../../kit/request/call.js';
import { askNow } from '../../kit/request/now-or-never.js';
import { Cell, Row, Table } from '../../kit/Table.js';
import { Tile } from '../../kit/Tile.js';
import { setFor } from '../class-address.js';
import { Heat } from './Heat.js';

export function FactsPart() {
  const facts = useQuery({
    ...askNow,
    queryKey: ['class-facts'],
    queryFn: () => call('GET /api/class-facts'),
  });
  if (isLacking(facts)) return <Failed error={facts.error} again={() => void facts.refetch()} />;
  if (!facts.data) return <Loading what="what was known" />;
  if (!facts.data.length)
    return (
      <Tile>
        <Empty title="Nothing was asked yet">
          Ask the whole class a question, or give out a set and gather the answers; what they knew stands here
          for thirty days, without names.
        </Empty>
      </Tile>
    );
  return (
    <Tile display="flex" flexDirection="column" gap="3">
      <chakra.h2 fontSize="xl">What classes knew, weakest first</chakra.h2>
      <Table
        label="What classes knew"
        heads={['At first', 'At last', 'Asked', 'About', 'When', 'Answers', '']}
      >
        {facts.data.map((one) => (
          <Row key={one.fact}>
            <Cell>
              <Heat round={one.first} />
            </Cell>
            <Cell>
              <Heat round={one.last} />
            </Cell>
            <Cell minW={{ base: '10rem', md: '14rem' }}>{one.ask}</Cell>
            <Cell>{aboutWords(one)}</Cell>
            <Cell whiteSpace="nowrap">{day(one.at)}</Cell>
            <Cell>{one.last.answers}</Cell>
            <Cell>
              <Button asChild size="small" whiteSpace="nowrap">
                <Link to={setFor({ test: one.test, samples: one.species ? [[one.species]] : [] })}>
                  A set on it
                </Link>
              </Button>
            </Cell>
          </Row>
        ))}
      </Table>
    </Tile>
  );
}

const aboutWords = ({ test, species }: FactKnown): string =>
  [test && isTestId(test) ? testOf(test).name : '', species ? speciesName(species) : '']
    .filter(Boolean)
    .join(', ');
