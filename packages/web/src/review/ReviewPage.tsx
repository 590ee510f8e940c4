/** Review: how the class did item by item, and which ion was taken for which. */
import { Box, chakra } from '@chakra-ui/react';
import { itemResults, namings, speciesName, type ItemResult, type Naming } from '@kivex/core';
import { Cell, Row, Table } from '../kit/Table.js';
import { Formula } from '../kit/Formula.js';
import { Empty, Failed, Loading } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface, type Consequence } from '../lessons/Follows.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { useBoardLog, useMarks } from '../lessons/lesson-queries.js';

const share = ({ earned, of }: ItemResult): number => (of ? earned / of : 0);
/** Below this share of points an item is named for teaching again. */
const weak = 0.6;

const didWords = {
  observation: 'saw',
  conclusion: 'named',
  equation: 'equation',
  technique: 'technique',
} as const;

export default function ReviewPage() {
  const lesson = useThisLesson();
  const marks = useMarks(lesson.id);
  const events = useBoardLog(lesson.id);
  if (marks.isPending || events.isPending) return <Loading what="the results" />;
  if (marks.error || events.error)
    return (
      <Failed
        error={marks.error ?? events.error}
        again={() => {
          void marks.refetch();
          void events.refetch();
        }}
      />
    );
  const items = itemResults(marks.data.rows.flatMap((r) => r.cells));
  if (!items.length)
    return (
      <Tile>
        <Empty title="Nothing to review yet">Results stand here as soon as somebody has handed in.</Empty>
      </Tile>
    );
  const named = namings(
    events.data.events,
    lesson.samples.filter((s) => s.role === 'unknown'),
    lesson.practical.asks,
  );
  const labelOf = (id: string) => lesson.samples.find((s) => s.id === id)!;

  const again: Consequence[] = items
    .filter((i) => share(i) < weak)
    .sort((a, b) => share(a) - share(b))
    .slice(0, 4)
    .map((i) => ({
      key: `${i.strand}${i.sample}`,
      tone: 'look',
      text: {
        observation: `Look again at what ${labelOf(i.sample).holds} shows: ${i.earned} of ${i.of} points for describing it in the words wanted.`,
        conclusion: `Naming ${labelOf(i.sample).holds}: ${i.earned} of ${i.of} had it.`,
        equation: `Equations of ${labelOf(i.sample).holds}: ${i.earned} of ${i.of} points. Write them together, charges first.`,
        technique: `Technique: ${i.earned} of ${i.of} were signed off. Show the steps again.`,
      }[i.strand],
    }));
  const mixed = named
    .filter((n) => n.named && n.named !== n.truth && n.n > 1)
    .slice(0, 3)
    .map((n): Consequence => ({
      key: `${n.truth}${n.named}`,
      tone: 'tell',
      text: `${speciesName(n.truth)} was named ${speciesName(n.named!)} ${n.n} times: teach the two side by side.`,
    }));
  return (
    <Surface
      follows={
        <Follows
          consequences={
            again.length || mixed.length
              ? [...again, ...mixed]
              : [{ key: 'fine', tone: 'go', text: 'Nothing stands out to teach again.' }]
          }
        />
      }
    >
      <Tile>
        <chakra.h2 fontSize="lg" mb="2">
          Points earned, by item
        </chakra.h2>
        <Table
          label="Points earned, by item"
          heads={[
            'Sample',
            'What',
            'Earned',
            <chakra.span key="share" srOnly>
              Share
            </chakra.span>,
          ]}
        >
          {lesson.samples
            .flatMap((s) => items.filter((i) => i.sample === s.id))
            .map((item) => (
              <Row key={`${item.strand}${item.sample}`}>
                <Cell>
                  {labelOf(item.sample).role === 'known'
                    ? labelOf(item.sample).holds
                    : `${labelOf(item.sample).label}, ${labelOf(item.sample).holds}`}
                </Cell>
                <Cell>{didWords[item.strand]}</Cell>
                <Cell whiteSpace="nowrap">
                  {item.earned} of {item.of}
                </Cell>
                <Cell width="45%">
                  <Box bg="slate.100" borderRadius="tile" height="14px" aria-hidden>
                    <Box
                      height="14px"
                      borderRadius="tile"
                      width={`${Math.round(share(item) * 100)}%`}
                      bg={share(item) < weak ? 'saffron.line' : 'verdigris.line'}
                    />
                  </Box>
                </Cell>
              </Row>
            ))}
        </Table>
      </Tile>
      <Tile>
        <chakra.h2 fontSize="lg" mb="2">
          What it was, and what it was named
        </chakra.h2>
        <Matrix named={named} />
      </Tile>
    </Surface>
  );
}

function Matrix({ named }: { readonly named: readonly Naming[] }) {
  if (!named.length) return <chakra.p color="ink.soft">Nobody has named a jar yet.</chakra.p>;
  const truths = [...new Set(named.map((n) => n.truth))].sort();
  const columns = [...new Set([...truths, ...named.flatMap((n) => n.named ?? [])])].sort();
  const count = (truth: string, as: string | null) =>
    named.filter((n) => n.truth === truth && n.named === as).reduce((sum, n) => sum + n.n, 0);
  const unread = named.some((n) => n.named === null);
  return (
    <Table
      label="What it was, and what it was named"
      heads={[
        'was ↓ named →',
        ...columns.map((c) => <Formula key={c} ion={c} />),
        ...(unread ? ['unclear'] : []),
      ]}
    >
      {truths.map((truth) => (
        <Row key={truth}>
          <Cell fontWeight="600">
            {speciesName(truth)} <Formula ion={truth} />
          </Cell>
          {columns.map((c) => {
            const n = count(truth, c);
            return (
              <Cell
                key={c}
                textAlign="center"
                fontFamily="mono"
                bg={!n ? undefined : c === truth ? 'verdigris.wash' : 'saffron.wash'}
                fontWeight={n ? '700' : '400'}
                color={n ? 'ink' : 'ink.faint'}
              >
                {n || '·'}
              </Cell>
            );
          })}
          {unread && (
            <Cell textAlign="center" fontFamily="mono">
              {count(truth, null) || '·'}
            </Cell>
          )}
        </Row>
      ))}
    </Table>
  );
}
