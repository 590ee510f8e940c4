/** Practising with a class: one question to all, sets given out, and tests shown on the projector. */
import { Box, chakra } from '@chakra-ui/react';
import type { Syllabus } from '@kivex/core';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Button } from '../../kit/Button.js';
import { Failed, Loading } from '../../kit/Notice.js';
import { Parts } from '../../kit/Parts.js';
import { ships, useSyllabus, useSyllabuses } from '../../practicals/practical-queries.js';
import { SyllabusSelect } from '../SyllabusSelect.js';
import { useSyllabusChoice } from '../syllabus-choice.js';
import { DemonstrationPart } from './DemonstrationPart.js';
import { FactsPart } from './FactsPart.js';
import { GivenPart } from './GivenPart.js';
import { QuestionPart } from './QuestionPart.js';
import { SetsPart } from './SetsPart.js';

export default function ClassPage() {
  const [search] = useSearchParams();
  const asked = search.get('syllabus');
  const [shipped, chooseShipped] = useSyllabusChoice(asked);
  const [ownId, setOwnId] = useState(() => (asked && !ships(asked) ? asked : undefined));
  const own = useSyllabuses();
  const opened = useSyllabus(ownId ?? '', ownId !== undefined);
  const choose = (id: string) => {
    if (ships(id)) chooseShipped(id);
    setOwnId(ships(id) ? undefined : id);
  };
  /** A part that rests on the syllabus. */
  const by = (show: (syllabus: Syllabus) => React.ReactNode) => () => {
    if (ownId === undefined) return show(shipped);
    if (opened.data) return show(opened.data.document);
    return opened.error ? (
      <Failed error={opened.error} again={() => void opened.refetch()} />
    ) : (
      <Loading what="the syllabus" />
    );
  };
  return (
    <Box p={{ base: '3', md: '5' }}>
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="end" mb="3" data-noprint>
        <chakra.h1 fontSize="2xl" flex="1">
          Practise with a class
        </chakra.h1>
        <SyllabusSelect chosen={ownId ?? shipped.id} choose={choose} own={own.data ?? []} />
        <Button asChild>
          <Link to="/practise">Practise by yourself</Link>
        </Button>
      </Box>
      <Parts
        label="With a class"
        parts={[
          {
            id: 'question',
            name: 'One question',
            show: by((syllabus) => <QuestionPart key={syllabus.id} syllabus={syllabus} />),
          },
          {
            id: 'sets',
            name: 'Sets of questions',
            show: by((syllabus) => <SetsPart key={syllabus.id} syllabus={syllabus} />),
          },
          {
            id: 'answers',
            name: 'Answers to sets',
            show: () => <GivenPart />,
          },
          {
            id: 'facts',
            name: 'What was known',
            show: () => <FactsPart />,
          },
          {
            id: 'show',
            name: 'Show a test',
            show: by((syllabus) => <DemonstrationPart key={syllabus.id} syllabus={syllabus} />),
          },
        ]}
      />
    </Box>
  );
}
