/** One student's whole report on the tile: samples down, tests across, each answer with its mark; one student after another. */
import { Box, chakra } from '@chakra-ui/react';
import type { Lesson, MarkCell, MarkRow } from '@kivex/contract';
import { groupedBy } from '@kivex/core';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { Fragment } from 'react';
import { Button } from '../kit/Button.js';
import { shortTestName } from '../kit/look-names.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import type { Column } from './mark-columns.js';
import { MarkButton } from './MarkButton.js';
import { markId, type Place } from './MarksTable.js';
import { wholeReport } from './whole-report.js';

interface ReportViewProps {
  readonly lesson: Lesson;
  readonly row: MarkRow;
  /** Place among those marked, from 1. */
  readonly at: number;
  readonly of: number;
  readonly columns: readonly Column[];
  readonly place: Place | undefined;
  readonly choose: (place: Place) => void;
  readonly step: (by: 1 | -1) => void;
}

export function ReportView({ lesson, row, at, of, columns, place, choose, step }: ReportViewProps) {
  const { heads, lines, whole } = wholeReport(lesson, row);
  const mark = (cell: MarkCell, name: string) => {
    const column = columns.find((c) => c.of(row)?.id === cell.id);
    if (!column) return null;
    const here = { student: row.student.id, column: column.key };
    return (
      <MarkButton
        id={markId(here)}
        cell={cell}
        chosen={place?.student === here.student && place.column === here.column}
        name={name}
        choose={() => choose(here)}
      />
    );
  };
  /** What several marks are of is written once, under them. */
  const answers = (cells: readonly MarkCell[], name: string) =>
    [...groupedBy(cells, (cell) => cell.answer)].map(([answer, same]) => (
      <Box key={answer} pb="1">
        <Box display="flex" gap="1" css={{ '& > *': { flexShrink: 0 } }}>
          {same.map((cell) => (
            <Fragment key={cell.id}>{mark(cell, `${name}, ${cell.attribute ?? cell.strand}`)}</Fragment>
          ))}
        </Box>
        <chakra.div fontSize="sm" overflowWrap="anywhere" color={answer ? undefined : 'ink.soft'}>
          {answer || 'nothing'}
        </chakra.div>
      </Box>
    ));
  return (
    <Tile p="4" display="grid" gap="3">
      <Box display="flex" gap="3" alignItems="center" flexWrap="wrap">
        <Button
          size="small"
          aria-label="The student before (PgUp)"
          disabled={at === 1}
          onClick={() => step(-1)}
        >
          <ChevronLeft size={18} aria-hidden />
        </Button>
        <Button
          size="small"
          aria-label="The next student (PgDn)"
          disabled={at === of}
          onClick={() => step(1)}
        >
          <ChevronRight size={18} aria-hidden />
        </Button>
        <chakra.h2 fontSize="lg">{row.student.name}</chakra.h2>
        <chakra.span color="ink.soft">
          {row.group}, {at} of {of}
        </chakra.span>
        <chakra.span ml="auto" fontWeight="700">
          {row.points} of {row.max}
        </chakra.span>
      </Box>
      <Table
        label={`The report of ${row.student.name}`}
        heads={['Sample', ...heads.map((h) => (h === null ? 'Name' : shortTestName(h)))]}
      >
        {lines.map(({ sample, cells }) => (
          <Row key={sample.id}>
            <Cell verticalAlign="top" minW="7rem">
              <b>{sample.label}</b>
              {sample.label !== sample.holds && (
                <chakra.div fontSize="xs" color="ink.soft">
                  {sample.holds}
                </chakra.div>
              )}
            </Cell>
            {cells.map((own, i) => (
              <Cell key={heads[i] ?? 'name'} verticalAlign="top" minW="7rem">
                {answers(own, `${sample.label}, ${heads[i] === null ? 'name' : shortTestName(heads[i]!)}`)}
              </Cell>
            ))}
          </Row>
        ))}
      </Table>
      {whole.length > 0 && (
        <Box>
          <chakra.h3 fontSize="sm" color="ink.soft">
            How the tests were done
          </chakra.h3>
          {answers(whole, 'Technique')}
        </Box>
      )}
    </Tile>
  );
}
