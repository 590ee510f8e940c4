/** Every item: how many had it, how sure that is, whether it parts the strong from the weak, and what was written instead. */
import { Box, chakra } from '@chakra-ui/react';
import { askedWords, itemWords, itemKey, saltName, type ItemAnalysis } from '@kivex/core';
import { useMemo } from 'react';
import { shareBars } from '../kit/chart/chart-options.js';
import type { WorkColumn } from '../kit/worktable/columns.js';
import { WorkTable } from '../kit/worktable/WorkTable.js';
import { Figures } from './Figures.js';
import { flagWords, shareWords } from './review-words.js';

/** Below this share of points an item stands out. */
export const weak = 0.6;
/** Bars drawn at most; the table has all. */
const drawn = 12;

const roleWords = { known: 'known', unknown: 'jar', kept: 'kept liquid' } as const;

const columns: readonly WorkColumn<ItemAnalysis>[] = [
  {
    id: 'item',
    head: 'Item',
    says: 'What was asked',
    value: itemWords,
    show: (item) => (
      <Box minW="11rem" py="0.5">
        {askedWords(item)}
        <chakra.div fontSize="xs" color="ink.soft" fontWeight="400">
          {[saltName(item.truth), roleWords[item.role]].filter(Boolean).join(', ')}
        </chakra.div>
      </Box>
    ),
  },
  {
    id: 'facility',
    head: 'Had it',
    says: 'Share of the points earned, with its 95 % interval',
    value: ({ facility }) => facility.share,
    show: ({ facility }) => <chakra.span whiteSpace="nowrap">{shareWords(facility)}</chakra.span>,
  },
  {
    id: 'n',
    head: 'Answers',
    says: 'Answers marked',
    centred: true,
    value: ({ facility }) => facility.n,
    show: ({ facility }) => facility.n,
  },
  {
    id: 'discrimination',
    head: 'Goes with the rest',
    says: 'Correlation of this item with all others, from −1 to 1: discrimination',
    centred: true,
    value: ({ discrimination }) => discrimination ?? undefined,
    show: ({ discrimination }) =>
      discrimination === null ? (
        <chakra.span color="ink.soft" title="Too few students, or all earned the same">
          –
        </chakra.span>
      ) : (
        discrimination.toFixed(2).replace('-', '−')
      ),
  },
  {
    id: 'wrong',
    head: 'Written instead',
    says: 'What was written instead, the commonest first',
    show: (item) => {
      const flag = flagWords(item);
      return (
        <Box minW="12rem" overflowWrap="anywhere">
          {item.wrong.map((w) => `“${w.answer}”${w.times > 1 ? ` ×${w.times}` : ''}`).join(', ')}
          {item.empty > 0 && (
            <chakra.span color="ink.soft">
              {item.wrong.length ? '; ' : ''}nothing ×{item.empty}
            </chakra.span>
          )}
          {flag && (
            <chakra.div fontSize="xs" color="saffron" fontWeight="600">
              {flag}
            </chakra.div>
          )}
        </Box>
      );
    },
  },
];

export function ItemsPart({
  items,
  answers = true,
}: {
  readonly items: readonly ItemAnalysis[];
  /** Is it known what was written instead, and how items go together? Of one lesson alone. */
  readonly answers?: boolean;
}) {
  const hardest = useMemo(
    () => [...items].sort((a, b) => a.facility.share - b.facility.share).slice(0, drawn),
    [items],
  );
  const option = useMemo(
    () =>
      shareBars(
        hardest.map((item) => ({
          name: itemWords(item),
          share: item.facility.share,
          interval: [item.facility.low, item.facility.high] as const,
          low: item.facility.share < weak,
        })),
      ),
    [hardest],
  );
  return (
    <Figures
      title={
        items.length > drawn ? `The ${drawn} hardest of ${items.length} items` : 'Items, the hardest first'
      }
      says={
        hardest[0]
          ? `Share of points earned; hardest is ${itemWords(hardest[0])} with ${shareWords(hardest[0].facility)}.`
          : ''
      }
      option={option}
      bars={hardest.length}
    >
      <WorkTable
        label="Items"
        rows={items}
        rowId={itemKey}
        columns={answers ? columns : columns.filter((c) => c.id !== 'discrimination' && c.id !== 'wrong')}
        dense
        find="Find an item"
        nothing="No item is called that."
      />
    </Figures>
  );
}
