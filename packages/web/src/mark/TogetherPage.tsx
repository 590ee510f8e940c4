/** Like answers of all lessons one is marking, together: one decision for all who wrote the same, wherever they sat. */
import { Box, chakra } from '@chakra-ui/react';
import type { OpenAnswers } from '@kivex/contract';
import { itemWords, type LikeAnswers } from '@kivex/core';
import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import type { Remote } from 'comlink';
import { Undo2 } from 'lucide-react';
import { useCallback, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { Choices } from '../kit/Choices.js';
import { Form } from '../kit/Form.js';
import { Empty, Failed, Loading, Notice } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { call } from '../kit/request/call.js';
import { askNow } from '../kit/request/now-or-never.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface } from '../lessons/Follows.js';
import { LikeRow } from './LikeRow.js';
import { readyReasons } from './ready-reasons.js';
import type { SortingWork } from './sorting-work.js';
import { byLesson, decideAll, undoAll, type DecidedAll } from './together.js';
import { useDraft } from './use-draft.js';
import { useLikeList } from './use-like-list.js';
import { useSorted } from './use-sorted.js';
import { WhyBox } from './WhyBox.js';
import { Written } from './Written.js';

const none: OpenAnswers = { lessons: [], answers: [] };

/** What was decided is fetched anew, here and on the lessons’ own pages. */
const afresh = (cache: QueryClient) =>
  Promise.all([
    cache.invalidateQueries({ queryKey: ['open-answers'] }),
    cache.invalidateQueries({ queryKey: ['marks'] }),
  ]);

export default function TogetherPage() {
  const open = useQuery({
    ...askNow,
    queryKey: ['open-answers'],
    queryFn: () => call('GET /api/marks/open', {}),
  });
  const all = open.data ?? none;
  const sort = useCallback((work: Remote<SortingWork> | SortingWork) => work.like(all.answers), [all]);
  const { found, error } = useSorted(sort);
  const groups = found ?? [];
  const cache = useQueryClient();
  const list = useLikeList(groups, async (last: DecidedAll) => {
    await undoAll(last);
    await afresh(cache);
  });
  const { group } = list;
  // What one is deciding stays in sight where it could not be fetched anew.
  if (isLacking(open)) return <Failed error={open.error} again={() => void open.refetch()} />;
  if (error) return <Notice tone="stop">{error.message}</Notice>;
  if (open.isPending || !found) return <Loading what="what wants a person" />;
  return (
    <>
      <chakra.h1 fontSize="xl" mb="3">
        What wants a person, of all lessons being marked
      </chakra.h1>
      <Surface
        urgent={group !== undefined}
        follows={
          group ? (
            <Desk
              key={group.key}
              all={all}
              group={group}
              draft={list.draft}
              last={list.last}
              decided={list.decided}
              undo={list.undo}
              notUndone={list.notUndone}
            />
          ) : (
            <Follows
              consequences={[
                {
                  key: 'open',
                  tone: all.answers.length ? 'look' : 'go',
                  text: all.answers.length
                    ? `${all.answers.length} answers in ${all.lessons.length} ${all.lessons.length === 1 ? 'lesson' : 'lessons'}: ${groups.length} decisions.`
                    : 'Nothing wants a person in the lessons you are marking.',
                },
              ]}
            />
          )
        }
      >
        <Tile p="3">
          {!groups.length && (
            <Empty title="Nothing is left to look at">
              Lessons you teach stand here while they are being marked.
            </Empty>
          )}
          <Box role="list" aria-label="Like answers of all lessons">
            {groups.map((g) => (
              <LikeRow
                key={g.key}
                group={g}
                item={itemWords(g)}
                end={byLesson(all, g.ids)
                  .map((l) => l.class)
                  .join(', ')}
                chosen={g === group}
                choose={list.choose}
              />
            ))}
          </Box>
        </Tile>
      </Surface>
    </>
  );
}

function Desk({
  all,
  group,
  draft,
  last,
  decided,
  undo,
  notUndone,
}: {
  readonly all: OpenAnswers;
  readonly group: LikeAnswers;
  readonly draft: { readonly points: number } | undefined;
  readonly last: DecidedAll | undefined;
  readonly decided: (decision: DecidedAll) => void;
  readonly undo: () => void;
  readonly notUndone: string | undefined;
}) {
  const cache = useQueryClient();
  const lessons = byLesson(all, group.ids);
  const [out, setOut] = useState<readonly string[]>([]);
  const covered = lessons.filter((l) => !out.includes(l.id));
  const form = useSentForm({
    defaults: { points: group.computed.points, reason: '' },
    fields: ['points', 'reason'],
    send: async ({ points, reason }: { points: number; reason: string }) => {
      try {
        decided(await decideAll(covered, { points, reason }));
      } finally {
        // Where one lesson refused, the others are decided all the same.
        await afresh(cache);
      }
    },
  });
  useDraft(form, draft, group.max);
  const marks = covered.reduce((n, l) => n + l.marks.length, 0);
  return (
    <Tile p="4" position="sticky" top="4" display="grid" gap="3" aria-label="Marking desk">
      <chakra.h2 fontSize="lg">{itemWords(group)}</chakra.h2>
      <Written ways={group.written} />
      <chakra.div fontSize="sm">{group.computed.why}</chakra.div>
      <Choices
        label="In which lessons"
        choices={lessons.map((l) => ({ id: l.id, label: `${l.class}: ${l.marks.length}` }))}
        chosen={covered.map((l) => l.id)}
        toggle={(id) => setOut((now) => (now.includes(id) ? now.filter((x) => x !== id) : [...now, id]))}
      />
      <Form display="grid" gap="2" onSubmit={form.submit}>
        <WhyBox
          max={group.max}
          form={form}
          help="Kept with each mark, with your name and the time."
          goTo={draft}
        >
          <Box display="flex" flexWrap="wrap" gap="1.5">
            {readyReasons.map((ready) => (
              <Button key={ready} type="button" size="small" onClick={() => form.setValue('reason', ready)}>
                {ready}
              </Button>
            ))}
          </Box>
        </WhyBox>
        {notUndone && <Notice tone="stop">{notUndone}</Notice>}
        <Box display="flex" gap="2" flexWrap="wrap">
          <Button type="submit" variant="go" loading={form.busy} disabled={!marks}>
            Decide for {marks}
          </Button>
          {last && (
            <Button type="button" onClick={undo}>
              <Undo2 size={18} aria-hidden /> Take the last back ({last.marks})
            </Button>
          )}
        </Box>
      </Form>
      <chakra.p fontSize="sm" color="ink.soft">
        {lessons.map((l, i) => (
          <span key={l.id}>
            {i > 0 && ', '}
            <chakra.a asChild color="permanganate" textDecoration="underline">
              <Link to={`/lessons/${l.id}/mark?view=like`}>
                {l.class}, {l.title}
              </Link>
            </chakra.a>
          </span>
        ))}
      </chakra.p>
    </Tile>
  );
}
