/** One mark in the table: its state told by sign, frame and word, not by colour alone. */
import type { MarkCell } from '@kivex/contract';
import { Button } from '../kit/Button.js';
import { stateOf, type MarkState } from './mark-columns.js';

const words: Readonly<Record<MarkState, string>> = {
  open: 'to look at',
  'not-done': 'not done',
  earned: 'earned',
  part: 'earned in part',
  nothing: 'not earned',
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
  const sign = state === 'open' ? '?' : state === 'not-done' ? '–' : String(cell.points);
  return (
    <Button
      id={id}
      onClick={choose}
      aria-pressed={chosen}
      title={cell.answer || 'nothing written'}
      variant="mark"
      size="mark"
      data-state={state}
      data-changed={cell.changes.length ? '' : undefined}
    >
      <span aria-hidden>{sign}</span>
      {cell.flag && <span aria-hidden data-flag />}
      <span data-said>
        {name}: {words[state]}
        {cell.changes.length > 0 && ', changed'}
        {cell.flag && `, flagged${cell.flag.note ? `: ${cell.flag.note}` : ''}`}
      </span>
    </Button>
  );
}
