/** What was saved when and by whom; an older version is taken up again as a change. */
import { Box, chakra } from '@chakra-ui/react';
import type { WholePractical } from '@kivex/contract';
import { Button } from '../kit/Button.js';
import { dayAndTime } from '../kit/moments.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';

interface VersionsProps {
  readonly versions: WholePractical['versions'];
  readonly present: number;
  readonly takeUp: ((number: number) => void) | undefined;
}

export function Versions({ versions, present, takeUp }: VersionsProps) {
  return (
    <Tile>
      <chakra.p mb="2">
        Lessons keep the version they were made from; a new version changes none of them.
      </chakra.p>
      <Table label="Versions" heads={['Version', 'Saved', 'By', '']}>
        {versions.map((v) => (
          <Row key={v.number}>
            <Cell fontWeight="600">Version {v.number}</Cell>
            <Cell>{dayAndTime(v.at)}</Cell>
            <Cell>{v.by ?? 'with Kivex'}</Cell>
            <Cell>
              <Box textAlign="end">
                {takeUp && v.number !== present && (
                  <Button size="small" onClick={() => takeUp(v.number)}>
                    Take it up again
                  </Button>
                )}
              </Box>
            </Cell>
          </Row>
        ))}
      </Table>
    </Tile>
  );
}
