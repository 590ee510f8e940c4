/** One mark in the table: its state told by sign, frame and word, not by colour alone. */
import { chakra } from '@chakra-ui/react';
import type { MarkCell } from '@kivex/contract';
import { Button } from '../kit/Button.js';
import { stateOf, type MarkState } from './mark-columns.js';

const looks: Readonly<
  Record<
    MarkState,
    { readonly word: string; readonly bg: string; readonly color: string; readonly line: string }
  >
> = {
  open: { word: 'to look at', bg: 'saffron.wash', color: 'saffron', line: 'saffron' },
  'not-done': { word: 'not done', bg: 'transparent', color: 'ink.faint', line: 'transparent' },
  earned: { word: 'earned', bg: 'verdigris.wash', color: 'verdigris', line: 'verdigris.line' },
  part: { word: 'earned in part', bg: 'porcelain', color: 'verdigris', line: 'verdigris.line' },
  nothing: { word: 'not earned', bg: 'porcelain', color: 'ink', line: 'slate.500' },
};

interface MarkButtonProps {
  readonly id: string;
  readonly cell: MarkCell;
  readonly chosen: boolean;
  readonly name: string;
  readonly choose: () => void;
}

export function MarkButton({ id, cell, chosen, name, choose }: MarkButtonProps) {
  const state = stateOf(cell);
  const { word, bg, color, line } = looks[state];
  const sign = state === 'open' ? '?' : state === 'not-done' ? '–' : String(cell.points);
  return (
    <Button
      id={id}
      onClick={choose}
      aria-pressed={chosen}
      title={cell.answer || 'nothing written'}
      width="2.2rem"
      minH="7"
      height="7"
      p="0"
      fontFamily="mono"
      fontWeight="700"
      fontSize="md"
      bg={bg}
      color={color}
      borderWidth="2px"
      borderStyle={state === 'open' ? 'dashed' : 'solid'}
      borderColor={chosen ? 'permanganate' : line}
      position="relative"
      {...(cell.changes.length ? { textDecoration: 'underline' } : {})}
    >
      <span aria-hidden>{sign}</span>
      {cell.flag && (
        <chakra.span
          aria-hidden
          position="absolute"
          top="0"
          insetEnd="0"
          borderTop="9px solid"
          borderLeft="9px solid transparent"
          borderTopColor="flame"
        />
      )}
      <chakra.span srOnly>
        {name}: {word}
        {cell.changes.length > 0 && ', changed'}
        {cell.flag && `, flagged${cell.flag.note ? `: ${cell.flag.note}` : ''}`}
      </chakra.span>
    </Button>
  );
}
