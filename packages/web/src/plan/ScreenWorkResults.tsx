/** Who has passed the work on screen, in how many tries, with which slips; who is let off. */
import { chakra } from '@chakra-ui/react';
import type { ScreenWorkTable } from '@kivex/contract';
import { Button } from '../kit/Button.js';
import { Cell, Row, Table } from '../kit/Table.js';

const stateWords = { none: 'not yet', tried: 'tried', passed: 'passed', waived: 'let off' } as const;

export function ScreenWorkResults({
  table: { results },
  waive,
}: {
  readonly table: ScreenWorkTable;
  readonly waive: (student: string) => void;
}) {
  const passed = results.filter((r) => r.state === 'passed' || r.state === 'waived').length;
  return (
    <>
      <chakra.p role="status">
        {passed} of {results.length} have passed or are let off.
      </chakra.p>
      <Table
        label="How it stands"
        heads={['Student', 'How it stands', 'Points', 'Tries', 'Slips of the best run', '']}
      >
        {results.map(({ student, state, points, max, tries, late, slips: made }) => (
          <Row key={student.id}>
            <Cell fontWeight="600">{student.name}</Cell>
            <Cell>
              {stateWords[state]}
              {late && ', after its day'}
            </Cell>
            <Cell>{tries ? `${points} of ${max}` : ''}</Cell>
            <Cell>{tries || ''}</Cell>
            <Cell>{made.map((code) => code.replaceAll('-', ' ')).join(', ')}</Cell>
            <Cell>
              {state !== 'passed' && (
                <Button
                  size="small"
                  onClick={() => waive(student.id)}
                  aria-label={
                    state === 'waived' ? `Not after all: ${student.name}` : `Let off ${student.name}`
                  }
                >
                  {state === 'waived' ? 'Not after all' : 'Let off'}
                </Button>
              )}
            </Cell>
          </Row>
        ))}
      </Table>
    </>
  );
}
