/** What a rule of an answer would do, before it is made: here student by student, and in other lessons. */
import { Box, chakra } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { call } from '../kit/request/call.js';
import { askNow } from '../kit/request/now-or-never.js';
import { Effect } from './Effect.js';
import { elsewhereWords } from './scheme-words.js';

interface RuleEffectProps {
  readonly lesson: string;
  /** A mark of the answer. */
  readonly mark: string;
  readonly points: number;
}

export function RuleEffect({ lesson, mark, points }: RuleEffectProps) {
  const preview = useQuery({
    ...askNow,
    queryKey: ['rule-preview', lesson, mark, points],
    queryFn: () => call('POST /api/lessons/:lesson/marks/rules/preview', { lesson, body: { mark, points } }),
    gcTime: 0,
  });
  if (isLacking(preview)) return <Notice tone="stop">{preview.error?.message}</Notice>;
  return (
    <Box borderLeft="4px solid" borderColor="saffron.line" pl="2" fontSize="sm">
      <Effect preview={preview.data} busy={preview.isPending} />
      {preview.data && <chakra.p>{elsewhereWords(preview.data.elsewhere)}</chakra.p>}
    </Box>
  );
}
