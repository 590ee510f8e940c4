/** What a change would do to a class's marks, before it is made. */
import { Box, chakra } from '@chakra-ui/react';
import type { SchemePreview } from '@kivex/contract';
import { Cell, Row, Table } from '../kit/Table.js';
import { moversOf, previewWords } from './scheme-words.js';

/** Movers named one by one; the rest are a number. */
const named = 12;

/** Whose marks would move by how much. */
export function Effect({
  preview,
  busy,
}: {
  readonly preview: SchemePreview | undefined;
  readonly busy: boolean;
}) {
  if (!preview) return <chakra.p color="ink.soft">Working out what this would do …</chakra.p>;
  const movers = moversOf(preview);
  const per = (by: number) => `${by > 0 ? '+' : '−'}${Math.abs(Math.round(by * 1000) / 10)}`;
  return (
    <Box aria-live="polite" aria-busy={busy}>
      <chakra.p fontWeight="600">
        {previewWords(preview)}
        {busy && (
          <chakra.span fontWeight="400" color="ink.soft">
            {' '}
            Working it out anew …
          </chakra.span>
        )}
      </chakra.p>
      {movers.length > 0 && (
        <Box mt="2" maxH="16rem" overflowY="auto">
          <Table label="Whose marks would move" heads={['Student', 'Now', 'Then', '%']}>
            {movers.slice(0, named).map(({ student, before, after, by }) => (
              <Row key={student.id}>
                <Cell>{student.name}</Cell>
                <Cell whiteSpace="nowrap">
                  {before.points}/{before.max}
                </Cell>
                <Cell whiteSpace="nowrap">
                  {after.points}/{after.max}
                </Cell>
                <Cell fontFamily="mono" textAlign="end">
                  {per(by)}
                </Cell>
              </Row>
            ))}
          </Table>
          {movers.length > named && (
            <chakra.p fontSize="sm" color="ink.soft">
              and {movers.length - named} more
            </chakra.p>
          )}
        </Box>
      )}
    </Box>
  );
}
