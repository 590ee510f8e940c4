/** What the school has decided of single answers at the marking desk: by syllabus, each to be taken back. */
import { Box, chakra } from '@chakra-ui/react';
import type { SchoolRule } from '@kivex/contract';
import { allSyllabuses, groupedBy, ruleOf } from '@kivex/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Undo2 } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { Fold } from '../kit/Fold.js';
import { dayAndTime } from '../kit/moments.js';
import { Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { call } from '../kit/request/call.js';
import { askNow, nowOrNever } from '../kit/request/now-or-never.js';
import { Tile } from '../kit/Tile.js';

interface SchoolRulesProps {
  /** Names of the school's own syllabuses by id. */
  readonly names: ReadonlyMap<string, string>;
}

export function SchoolRules({ names }: SchoolRulesProps) {
  const cache = useQueryClient();
  const rules = useQuery({
    ...askNow,
    queryKey: ['answer-rules'],
    queryFn: () => call('GET /api/answer-rules'),
  });
  const undo = useMutation({
    ...nowOrNever,
    mutationFn: (rule: string) => call('POST /api/answer-rules/:rule/undo', { rule }),
    onSuccess: () =>
      Promise.all([
        cache.invalidateQueries({ queryKey: ['answer-rules'] }),
        cache.invalidateQueries({ queryKey: ['marks'] }),
      ]),
  });
  if (isLacking(rules)) return <Failed error={rules.error} again={() => void rules.refetch()} />;
  if (rules.isPending) return <Loading what="what was decided at the desk" />;
  const standing = rules.data.filter((r) => !r.undone);
  const behind = rules.data.filter((r) => r.undone);
  const nameOf = (id: string) => names.get(id) ?? allSyllabuses.find((s) => s.id === id)?.name ?? id;
  return (
    <Box>
      <chakra.h2 fontSize="lg" mb="2">
        Decided at the desk
      </chakra.h2>
      {undo.error && <Notice tone="stop">{undo.error.message}</Notice>}
      {!standing.length && (
        <Notice>
          None holds. At Mark, under Like answers, a decision can be made a rule of the syllabus: it then
          holds for every such answer in the school.
        </Notice>
      )}
      <Box display="grid" gap="3">
        {[...groupedBy(standing, (rule) => rule.syllabus)].map(([syllabus, own]) => (
          <Tile key={syllabus} p="4">
            <b>{nameOf(syllabus)}</b>
            <Box as="ul" listStyleType="none">
              {own.map((rule) => (
                <Box
                  as="li"
                  key={rule.id}
                  display="flex"
                  gap="3"
                  alignItems="center"
                  py="2"
                  borderTop="1px solid"
                  borderColor="slate.200"
                >
                  <RuleText rule={rule} />
                  {rule.may && (
                    <Button
                      size="small"
                      aria-label={`Take back “${rule.example}”`}
                      disabled={undo.isPending}
                      onClick={() => undo.mutate(rule.id)}
                    >
                      <Undo2 size={16} aria-hidden /> Take back
                    </Button>
                  )}
                </Box>
              ))}
            </Box>
          </Tile>
        ))}
        {behind.length > 0 && (
          <Fold title={`Taken back (${behind.length})`}>
            {behind.map((rule) => (
              <Box key={rule.id} py="1">
                <RuleText rule={rule} />
              </Box>
            ))}
          </Fold>
        )}
      </Box>
    </Box>
  );
}

const pointsWords = (points: number): string =>
  points ? `earns ${points} ${points === 1 ? 'point' : 'points'}` : 'does not earn';

function RuleText({ rule }: { readonly rule: SchoolRule }) {
  return (
    <Box flex="1" minW="0">
      <chakra.span fontWeight="600" overflowWrap="anywhere">
        “{rule.example}”
      </chakra.span>{' '}
      {pointsWords(rule.points)}: {ruleOf(rule)}
      <chakra.div fontSize="sm" color="ink.soft">
        {rule.reason}; {rule.by}, {dayAndTime(rule.at)}
        {rule.undone && `; taken back by ${rule.undone.by}, ${dayAndTime(rule.undone.at)}`}
      </chakra.div>
    </Box>
  );
}
