/** Practising with a class: one question to all, and tests shown on the projector. */
import { Box, chakra } from '@chakra-ui/react';
import { Link, useSearchParams } from 'react-router';
import { Button } from '../../kit/Button.js';
import { Parts } from '../../kit/Parts.js';
import { SyllabusSelect } from '../SyllabusSelect.js';
import { useSyllabusChoice } from '../syllabus-choice.js';
import { DemonstrationPart } from './DemonstrationPart.js';
import { FactsPart } from './FactsPart.js';
import { QuestionPart } from './QuestionPart.js';
import { SetsPart } from './SetsPart.js';

export default function ClassPage() {
  const [search] = useSearchParams();
  const [syllabus, choose] = useSyllabusChoice(search.get('syllabus'));
  return (
    <Box p={{ base: '3', md: '5' }}>
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="end" mb="3" data-noprint>
        <chakra.h1 fontSize="2xl" flex="1">
          Practise with a class
        </chakra.h1>
        <SyllabusSelect syllabus={syllabus} choose={choose} />
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
            show: () => <QuestionPart key={syllabus.id} syllabus={syllabus} />,
          },
          {
            id: 'sets',
            name: 'Sets of questions',
            show: () => <SetsPart key={syllabus.id} syllabus={syllabus} />,
          },
          {
            id: 'facts',
            name: 'What was known',
            show: () => <FactsPart />,
          },
          {
            id: 'show',
            name: 'Show a test',
            show: () => <DemonstrationPart key={syllabus.id} syllabus={syllabus} />,
          },
        ]}
      />
    </Box>
  );
}
