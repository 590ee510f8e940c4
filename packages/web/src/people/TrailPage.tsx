/** What staff did to people, marks and lessons, for the head of department; comes out as a file. */
import { Box, chakra } from '@chakra-ui/react';
import { auditActions } from '@kivex/contract';
import { Download } from 'lucide-react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { dayAndTime } from '../kit/moments.js';
import { Empty, Failed, Loading } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { useInPages } from '../kit/request/in-pages.js';
import { Tile } from '../kit/Tile.js';
import { address } from '../kit/request/call.js';

export default function TrailPage() {
  const trail = useInPages('trail', 'GET /api/audit');
  if (trail.isPending) return <Loading what="the trail" />;
  if (isLacking(trail)) return <Failed error={trail.error} again={() => void trail.refetch()} />;
  const entries = trail.data.pages.flat();
  return (
    <Tile>
      <Box display="flex" justifyContent="space-between" alignItems="center" gap="3" mb="3">
        <chakra.h1 fontSize="xl">
          <Link to="/school">School</Link> / What staff have done
        </chakra.h1>
        <Button asChild>
          <a href={address('GET /api/audit/file', {})} download>
            <Download size={18} aria-hidden /> All of it as CSV
          </a>
        </Button>
      </Box>
      {!entries.length ? (
        <Empty title="Nothing yet">Changes of people, marks and lessons are listed here, and stay.</Empty>
      ) : (
        <Table label="What staff have done" heads={['When', 'Who', 'What', 'About']}>
          {entries.map((entry) => (
            <Row key={entry.id}>
              <Cell whiteSpace="nowrap">{dayAndTime(entry.at)}</Cell>
              <Cell whiteSpace="nowrap">{entry.by}</Cell>
              <Cell>{auditActions[entry.action]}</Cell>
              <Cell overflowWrap="anywhere">{entry.about}</Cell>
            </Row>
          ))}
        </Table>
      )}
      {trail.hasNextPage && (
        <Box mt="3">
          <Button disabled={trail.isFetchingNextPage} onClick={() => void trail.fetchNextPage()}>
            Earlier
          </Button>
        </Box>
      )}
    </Tile>
  );
}
