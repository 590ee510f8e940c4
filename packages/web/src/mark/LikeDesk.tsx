/** One decision for all who wrote the same: what they wrote, what was to be seen, why Kivex is unsure, and who it covers. */
import { Box, chakra } from '@chakra-ui/react';
import type { Decided, Lesson, MarkRow } from '@kivex/contract';
import type { LikeAnswers } from '@kivex/core';
import { useQueryClient } from '@tanstack/react-query';
import { Undo2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Controller } from 'react-hook-form';
import { Button } from '../kit/Button.js';
import { Choices, OneOf } from '../kit/Choices.js';
import { Field } from '../kit/Field.js';
import { Form } from '../kit/Form.js';
import { Textarea } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { Tile } from '../kit/Tile.js';
import { Well } from '../kit/well/Well.js';
import { itemName, seenOf, truthOf } from './like-names.js';

/** Why, ready to be kept: for all the points, for none, for some. */
export const readyReasons = [
  'Means the right thing',
  'Not what is seen here',
  'Too vague',
  'Half of it',
] as const;

interface LikeDeskProps {
  readonly lesson: Lesson;
  readonly rows: readonly MarkRow[];
  readonly group: LikeAnswers;
  /** Points set from the keyboard. */
  readonly draft: { readonly points: number } | undefined;
  readonly decided: (decision: Decided) => void;
  readonly last: Decided | undefined;
  readonly undo: () => void;
}

export function LikeDesk({ lesson, rows, group, draft, decided, last, undo }: LikeDeskProps) {
  const cache = useQueryClient();
  const why = useRef<HTMLTextAreaElement>(null);
  const [out, setOut] = useState<readonly string[]>([]);
  const form = useSentForm({
    defaults: { points: group.points ?? group.computed.points, reason: '' },
    fields: ['points', 'reason'],
    send: async ({ points, reason }: { points: number; reason: string }) => {
      const decision = await call('POST /api/lessons/:lesson/marks/decisions', {
        lesson: lesson.id,
        body: { marks: group.ids.filter((id) => !out.includes(id)), points, reason },
      });
      await cache.invalidateQueries({ queryKey: ['marks', lesson.id] });
      decided(decision);
    },
  });
  const { setValue, register, submit } = form;
  useEffect(() => {
    if (!draft) return;
    setValue('points', draft.points);
    setValue(
      'reason',
      draft.points >= group.max ? readyReasons[0] : draft.points ? readyReasons[3] : readyReasons[1],
    );
    why.current?.focus();
  }, [draft, setValue, group.max]);
  const reason = register('reason');
  const who = rows.flatMap(({ student, cells }) =>
    cells
      .filter((cell) => group.ids.includes(cell.id))
      .map((cell) => ({ id: cell.id, label: student.name, answer: cell.answer })),
  );
  const covered = who.length - out.length;
  const toSee = seenOf(lesson, group);
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
      <Box>
        {group.written.map(({ answer, times }) => (
          <chakra.div key={answer} fontSize="lg" fontWeight="600">
            {answer}
            {times > 1 && (
              <chakra.span color="ink.soft" fontSize="sm" fontWeight="400">
                {' '}
                {times} times
              </chakra.span>
            )}
          </chakra.div>
        ))}
      </Box>
      <chakra.div fontSize="sm">{group.computed.why}</chakra.div>
      <Box>
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
        <Controller
          name="points"
          control={form.control}
          render={({ field }) => (
            <OneOf
              label="Points"
              choices={Array.from({ length: group.max + 1 }, (_, n) => ({
                id: String(n),
                label: `${n} of ${group.max}`,
              }))}
              chosen={String(field.value)}
              choose={(n) => field.onChange(Number(n))}
            />
          )}
        />
        <Box display="flex" flexWrap="wrap" gap="1.5">
          {readyReasons.map((ready) => (
            <Button key={ready} type="button" size="small" onClick={() => setValue('reason', ready)}>
              {ready}
            </Button>
          ))}
        </Box>
        <Field
          label="Why"
          help="Kept with each mark, with your name and the time."
          error={form.at('reason') ?? form.at('points')}
        >
          <Textarea
            rows={2}
            {...reason}
            ref={(box: HTMLTextAreaElement | null) => {
              reason.ref(box);
              why.current = box;
            }}
            onKeyDown={(e) => {
              if (e.key === 'Enter' && !e.shiftKey) {
                e.preventDefault();
                submit();
              }
            }}
          />
        </Field>
        {form.problem && <Notice tone="stop">{form.problem}</Notice>}
        <Box display="flex" gap="2" flexWrap="wrap">
          <Button type="submit" variant="go" loading={form.busy} disabled={!covered}>
            Decide for {covered}
          </Button>
          {last && (
            <Button type="button" onClick={undo}>
              <Undo2 size={18} aria-hidden /> Take the last back ({last.marks})
            </Button>
          )}
        </Box>
      </Form>
    </Tile>
  );
}
