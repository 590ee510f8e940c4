import { teachWords } from '@kivex/core';
/** Review of a school: by class, teacher, practical and year; the same figures as of one lesson, to be printed for the department. */
import { Box, chakra } from '@chakra-ui/react';
import type { ReviewedPart, ReviewFilter, SchoolReview } from '@kivex/contract';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Printer } from 'lucide-react';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from '../kit/Button.js';
import { shareBars } from '../kit/chart/chart-options.js';
import { Field } from '../kit/Field.js';
import { Empty, Failed, Loading } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { Parts } from '../kit/Parts.js';
import { address } from '../kit/request/call.js';
import { askNow } from '../kit/request/now-or-never.js';
import { request } from '../kit/request/request.js';
import { Select } from '../kit/Select.js';
import { SheetLinks } from '../kit/SheetLinks.js';
import { Cell, Row, Table } from '../kit/Table.js';
import { Tile } from '../kit/Tile.js';
import { Follows, Surface } from '../lessons/Follows.js';
import { FairnessPart } from './FairnessPart.js';
import { Figures } from './Figures.js';
import { ItemsPart, weak } from './ItemsPart.js';
import { percent, queryOf, schoolYears } from './review-words.js';
import { StrandsPart } from './StrandsPart.js';
import { TeachPart } from './TeachPart.js';

const parts = ['class', 'teacher', 'practical', 'from', 'to'] as const;

export default function SchoolReviewPage() {
  const [params, setParams] = useSearchParams();
  const filter = Object.fromEntries(parts.map((p) => [p, params.get(p) ?? ''])) as Record<
    (typeof parts)[number],
    string
  >;
  const query = queryOf(filter);
  const review = useQuery({
    ...askNow,
    queryKey: ['school-review', query],
    queryFn: () => request<SchoolReview>('GET', address('GET /api/review', {}, query)),
    placeholderData: keepPreviousData,
  });
  const set = (change: ReviewFilter) => {
    const next = new URLSearchParams(params);
    for (const [key, value] of Object.entries(change) as [string, string][])
      if (value) next.set(key, value);
      else next.delete(key);
    setParams(next, { replace: true });
  };
  if (review.isPending) return <Loading what="the results of the school" />;
  if (isLacking(review)) return <Failed error={review.error} again={() => void review.refetch()} />;
  const { data } = review;
  return (
    <>
      <chakra.h1 fontSize="xl" mb="2">
        Results of all lessons
      </chakra.h1>
      <Filters filter={filter} choices={data.choices} set={set} />
      {data.items.length === 0 ? (
        <Tile>
          <Empty title="No marked lessons here">Choose another class, practical or year.</Empty>
        </Tile>
      ) : (
        <Box
          aria-busy={review.isPlaceholderData}
          // Of the choice before, until those of the new one are there.
          outline={review.isPlaceholderData ? '2px dashed' : undefined}
          outlineColor="slate.300"
          outlineOffset="4px"
        >
          <SchoolResults review={data} query={query} />
        </Box>
      )}
    </>
  );
}

function Filters({
  filter,
  choices,
  set,
}: {
  readonly filter: Readonly<Record<(typeof parts)[number], string>>;
  readonly choices: SchoolReview['choices'];
  readonly set: (change: ReviewFilter) => void;
}) {
  const years = useMemo(() => schoolYears(new Date()), []);
  const year = years.find((y) => y.from === filter.from && y.to === filter.to);
  const selects = [
    { part: 'class', label: 'Class', all: 'All classes', of: choices.classes },
    { part: 'teacher', label: 'Teacher', all: 'All teachers', of: choices.teachers },
    { part: 'practical', label: 'Practical', all: 'All practicals', of: choices.practicals },
  ] as const;
  return (
    <Box display="flex" gap="3" flexWrap="wrap" mb="3">
      {selects.map(({ part, label, all, of }) => (
        <Box key={part} width={part === 'practical' ? '18rem' : '11rem'}>
          <Field size="small" label={label}>
            <Select size="small" value={filter[part]} onChange={(e) => set({ [part]: e.target.value })}>
              <option value="">{all}</option>
              {of.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Select>
          </Field>
        </Box>
      ))}
      <Box width="9rem">
        <Field size="small" label="School year">
          <Select
            size="small"
            value={year?.name ?? ''}
            onChange={(e) => {
              const chosen = years.find((y) => y.name === e.target.value);
              set({ from: chosen?.from ?? '', to: chosen?.to ?? '' });
            }}
          >
            <option value="">All years</option>
            {years.map(({ name }) => (
              <option key={name} value={name}>
                {name}
              </option>
            ))}
          </Select>
        </Field>
      </Box>
    </Box>
  );
}

export function SchoolResults({
  review,
  query,
}: {
  readonly review: SchoolReview;
  readonly query: Readonly<Record<string, string>>;
}) {
  const { lessons, reports, open, classes, teachers, practicals, strands, items, teach } = review;
  return (
    <Surface
      follows={
        <Follows
          consequences={[
            {
              key: 'what',
              tone: 'tell',
              text: `${lessons} ${lessons === 1 ? 'lesson' : 'lessons'}, ${reports} ${reports === 1 ? 'report' : 'reports'}.`,
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
                    text: `What would bring most: ${teachWords(teach[0])}.`,
                  },
                ]
              : []),
          ]}
        >
          <SheetLinks what="Items" at={(kind) => address('GET /api/review/sheet/:kind', { kind }, query)} />
          <Button size="small" onClick={() => print()}>
            <Printer size={16} aria-hidden /> Print this page
          </Button>
        </Follows>
      }
    >
      <Parts
        label="What is looked at"
        parts={[
          {
            id: 'classes',
            name: 'Classes',
            show: () => <PartsOf title="Classes" head="Class" list={classes} />,
          },
          {
            id: 'practicals',
            name: 'Practicals',
            show: () => (
              <PartsOf
                title="Practicals and their versions"
                head="Practical"
                list={practicals.map((p) => ({ ...p, name: `${p.name}, version ${p.version}` }))}
              />
            ),
          },
          {
            id: 'teachers',
            name: 'Teachers',
            show: () => <PartsOf title="Teachers" head="Teacher" list={teachers} />,
          },
          { id: 'strands', name: 'Strands', show: () => <StrandsPart strands={strands} /> },
          { id: 'items', name: 'Items', show: () => <ItemsPart items={items} answers={false} /> },
          { id: 'teach', name: 'Teach again', show: () => <TeachPart teach={teach} /> },
          { id: 'fairness', name: 'Same answer, other mark', show: () => <FairnessPart /> },
        ]}
      />
    </Surface>
  );
}

function PartsOf({
  title,
  head,
  list,
}: {
  readonly title: string;
  readonly head: string;
  readonly list: readonly ReviewedPart[];
}) {
  const option = useMemo(
    () => shareBars(list.map(({ name, share }) => ({ name, share, low: share < weak }))),
    [list],
  );
  return (
    <Figures
      title={title}
      says={`Share of points earned: ${list.map((p) => `${p.name} ${percent(p.share)}`).join(', ')}.`}
      option={option}
      bars={list.length}
    >
      <Table label={title} heads={[head, 'Lessons', 'Reports', 'Earned']}>
        {list.map(({ id, name, lessons, reports, share }) => (
          <Row key={id}>
            <Cell>{name}</Cell>
            <Cell>{lessons}</Cell>
            <Cell>{reports}</Cell>
            <Cell>{percent(share)}</Cell>
          </Row>
        ))}
      </Table>
    </Figures>
  );
}
