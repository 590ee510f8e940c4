/** Review of one lesson: its items, names, strands, times, and what to teach again. */
import { teachWords, speciesName } from '@kivex/core';
import type { Lesson, LessonReview } from '@kivex/contract';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { FileLink } from '../kit/FileLink.js';
import { shortTestName } from '../kit/look-names.js';
import { Empty, Failed, Loading } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { Parts } from '../kit/Parts.js';
import { address, call } from '../kit/request/call.js';
import { SheetLinks } from '../kit/SheetLinks.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface, type Consequence } from '../lessons/Follows.js';
import { useThisLesson } from '../lessons/LessonFrame.js';
import { ItemsPart } from './ItemsPart.js';
import { NamesPart } from './NamesPart.js';
import { percent } from './review-words.js';
import { StrandsPart, strandNames } from './StrandsPart.js';
import { ForecastPart } from './ForecastPart.js';
import { TeachPart } from './TeachPart.js';
import { TimesPart } from './TimesPart.js';

export default function ReviewPage() {
  const lesson = useThisLesson();
  const review = useQuery({
    queryKey: ['review', lesson.id],
    queryFn: () => call('GET /api/lessons/:lesson/review', { lesson: lesson.id }),
  });
  if (review.isPending) return <Loading what="the results" />;
  if (isLacking(review)) return <Failed error={review.error} again={() => void review.refetch()} />;
  if (!review.data.items.length)
    return (
      <Tile>
        <Empty title="Nothing to review yet">Results stand here as soon as somebody has handed in.</Empty>
      </Tile>
    );
  return <LessonResults lesson={lesson} review={review.data} />;
}

export function LessonResults({
  lesson,
  review,
}: {
  readonly lesson: Pick<Lesson, 'id' | 'practical' | 'groupList' | 'planning' | 'samples'>;
  readonly review: LessonReview;
}) {
  const { items, strands, times, teach, namings } = review;
  const shares = useMemo(
    () =>
      strands.map(({ strand, mean, low, high, students }) => ({
        strand,
        share: mean,
        interval: [low, high] as const,
        students,
      })),
    [strands],
  );
  return (
    <Surface
      follows={
        <Follows consequences={factsOf(review)}>
          <SheetLinks
            what="Items"
            at={(kind) => address('GET /api/lessons/:lesson/review/sheet/:kind', { lesson: lesson.id, kind })}
          />
          <FileLink size="small" href={address('GET /api/lessons/:lesson/log', { lesson: lesson.id })}>
            The whole log, as JSON Lines
          </FileLink>
          <Button asChild size="small" variant="quiet">
            <Link to="/review">All lessons of the school</Link>
          </Button>
        </Follows>
      }
    >
      <Parts
        label="What is looked at"
        parts={[
          {
            id: 'teach',
            name: 'Teach again',
            show: () => <TeachPart teach={teach} syllabus={lesson.practical.syllabus} />,
          },
          { id: 'items', name: 'Items', show: () => <ItemsPart items={items} /> },
          { id: 'names', name: 'Names', show: () => <NamesPart named={namings} /> },
          { id: 'strands', name: 'Strands', show: () => <StrandsPart strands={shares} /> },
          { id: 'times', name: 'Time and repeats', show: () => <TimesPart times={times} /> },
          { id: 'forecast', name: 'Forecast', show: () => <ForecastPart lesson={lesson} review={review} /> },
        ]}
      />
    </Surface>
  );
}

/** The few things to be known before anything is looked at. */
function factsOf({ students, absent, open, teach, namings, strands, times }: LessonReview): Consequence[] {
  const mixed = namings.filter((n) => n.named && n.named !== n.truth && n.n > 1).slice(0, 2);
  const weakest = [...strands].sort((a, b) => a.mean - b.mean)[0];
  const slow = times.filter((t) => t.minutes && t.minutes.median > t.planned * 1.25);
  return [
    {
      key: 'who',
      tone: 'tell',
      text: `${students} ${students === 1 ? 'student' : 'students'} marked${absent ? `, ${absent} away and not counted` : ''}.`,
    },
    ...(open
      ? [
          {
            key: 'open',
            tone: 'look' as const,
            text: `${open} ${open === 1 ? 'answer still wants' : 'answers still want'} a person, and ${open === 1 ? 'is' : 'are'} not counted here.`,
          },
        ]
      : []),
    ...(teach[0]
      ? [
          {
            key: 'teach',
            tone: 'look' as const,
            text: `Teach again first: ${teachWords(teach[0])}. It would bring ${teach[0].lost} points.`,
          },
        ]
      : [{ key: 'fine', tone: 'go' as const, text: 'Nothing stands out to teach again.' }]),
    ...(weakest && strands.length > 1
      ? [
          {
            key: 'strand',
            tone: 'tell' as const,
            text: `Weakest strand: ${strandNames[weakest.strand].toLowerCase()}, ${percent(weakest.mean)}.`,
          },
        ]
      : []),
    ...mixed.map((n) => ({
      key: `${n.truth}${n.named}`,
      tone: 'tell' as const,
      text: `${speciesName(n.truth)} was named ${speciesName(n.named!)} ${n.n} times: teach the two side by side.`,
    })),
    ...slow.slice(0, 2).map((t) => ({
      key: `slow ${t.test}`,
      tone: 'tell' as const,
      text: `${shortTestName(t.test)} took ${Math.round(t.minutes!.median)} minutes, planned ${t.planned}.`,
    })),
  ];
}
