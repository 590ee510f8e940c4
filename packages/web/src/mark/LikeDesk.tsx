/** One decision for all who wrote the same: what they wrote, what was to be seen, why Kivex is unsure, and who it covers. */
import { Box, chakra } from '@chakra-ui/react';
import type { Decided, Lesson, MarkRow } from '@kivex/contract';
import { answerPlace, canBeRule, filledComment, readyComments, type LikeAnswers } from '@kivex/core';
import { useQueryClient } from '@tanstack/react-query';
import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { Button } from '../kit/Button.js';
import { Choices } from '../kit/Choices.js';
import { Form } from '../kit/Form.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { Switch } from '../kit/Switch.js';
import { Tile } from '../kit/Tile.js';
import { Well } from '../kit/well/Well.js';
import { itemName, seenOf, truthOf } from './like-names.js';
import { ownReasons, readyReasons } from './ready-reasons.js';
import { RuleEffect } from './RuleEffect.js';
import { useDraft } from './use-draft.js';
import { WhyBox } from './WhyBox.js';
import { Written } from './Written.js';

/** Comments made for the answer that are offered. */
const mostFitting = 3;

/** What was decided last, to be taken back: a decision of some marks, or a rule of the syllabus. */
export type LastDecided = Decided | { readonly rule: string };

interface LikeDeskProps {
  readonly lesson: Lesson;
  readonly rows: readonly MarkRow[];
  readonly group: LikeAnswers;
  /** Points set from the keyboard. */
  readonly draft: { readonly points: number } | undefined;
  readonly decided: (decision: LastDecided) => void;
  readonly last: LastDecided | undefined;
  readonly undo: () => void;
  /** Why the last was not taken back. */
  readonly notUndone: string | undefined;
}

export function LikeDesk({ lesson, rows, group, draft, decided, last, undo, notUndone }: LikeDeskProps) {
  const cache = useQueryClient();
  const [out, setOut] = useState<readonly string[]>([]);
  const [asRule, setAsRule] = useState(false);
  const form = useSentForm({
    defaults: { points: group.points ?? group.computed.points, reason: '' },
    fields: ['points', 'reason'],
    send: async ({ points, reason }: { points: number; reason: string }) => {
      const decision: LastDecided = asRule
        ? {
            rule: (
              await call('POST /api/lessons/:lesson/marks/rules', {
                lesson: lesson.id,
                body: { mark: group.ids[0]!, points, reason },
              })
            ).id,
          }
        : await call('POST /api/lessons/:lesson/marks/decisions', {
            lesson: lesson.id,
            body: { marks: group.ids.filter((id) => !out.includes(id)), points, reason },
          });
      // The next comes up before this one is fetched anew.
      decided(decision);
      await cache.invalidateQueries({ queryKey: ['marks', lesson.id] });
    },
  });
  const { setValue, submit } = form;
  useDraft(form, draft, group.max);
  const who = rows.flatMap(({ student, cells }) =>
    cells
      .filter((cell) => group.ids.includes(cell.id))
      .map((cell) => ({ id: cell.id, label: student.name, answer: cell.answer })),
  );
  const points = useWatch({ control: form.control, name: 'points' });
  const covered = who.length - out.length;
  const toSee = seenOf(lesson, group);
  const fitting = readyComments({
    ...group,
    answer: group.written[0]?.answer ?? '',
    seen: toSee.map((value) => value.label),
  }).slice(0, mostFitting);
  return (
    <Tile
      p="4"
      position="sticky"
      top="4"
      display="flex"
      flexDirection="column"
      gap="3"
      aria-label="Marking desk"
    >
      <Box>
        <chakra.h2 fontSize="lg">{itemName(lesson, group)}</chakra.h2>
        <chakra.div color="ink.soft">of {truthOf(group)}</chakra.div>
        {toSee.length > 0 && (
          <Box display="flex" gap="2" alignItems="center" flexWrap="wrap" fontSize="sm" mt="1">
            {toSee.slice(0, 1).map((value) => (
              <Well key={value.id} look={value.look} size={26} />
            ))}
            to be seen: {toSee.map((value) => value.label).join(' or ')}
          </Box>
        )}
      </Box>
      <Written ways={group.written} />
      <chakra.div fontSize="sm">{group.computed.why}</chakra.div>
      <Box hidden={asRule}>
        <chakra.h3 fontSize="sm" color="ink.soft" fontWeight="600" mb="1">
          Whom it covers
        </chakra.h3>
        <Choices
          label="Whom it covers"
          choices={who}
          chosen={who.map((w) => w.id).filter((id) => !out.includes(id))}
          toggle={(id) => setOut((now) => (now.includes(id) ? now.filter((x) => x !== id) : [...now, id]))}
        />
      </Box>
      <Form display="flex" flexDirection="column" gap="2" onSubmit={submit}>
        <WhyBox
          max={group.max}
          form={form}
          help={
            asRule
              ? 'Kept with the rule, with your name and the time. It holds for whoever writes this, now and later.'
              : `Kept with each mark, with your name and the time. ${answerPlace} stands for what each of them wrote.`
          }
          goTo={draft}
        >
          <Box display="flex" flexWrap="wrap" gap="1.5">
            {[...readyReasons, ...(asRule ? [] : fitting), ...ownReasons(rows, group)].map((ready) => (
              <Button key={ready} type="button" size="small" onClick={() => setValue('reason', ready)}>
                {filledComment(ready, group.written[0]?.answer ?? '')}
              </Button>
            ))}
          </Box>
        </WhyBox>
        {canBeRule(group.strand) && (
          <Switch checked={asRule} onChange={setAsRule}>
            Make it a rule of the syllabus
          </Switch>
        )}
        {notUndone && <Notice tone="stop">{notUndone}</Notice>}
        <Box display="flex" gap="2" flexWrap="wrap">
          <Button type="submit" variant="go" loading={form.busy} disabled={!asRule && !covered}>
            {asRule ? 'Make the rule' : `Decide for ${covered}`}
          </Button>
          {last && (
            <Button type="button" onClick={undo}>
              <Undo2 size={18} aria-hidden /> Take the last back ({'rule' in last ? 'rule' : last.marks})
            </Button>
          )}
        </Box>
        {asRule && <RuleEffect lesson={lesson.id} mark={group.ids[0]!} points={points} />}
      </Form>
    </Tile>
  );
}
