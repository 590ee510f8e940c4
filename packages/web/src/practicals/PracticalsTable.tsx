/** The practicals of the school in a table: sorted, searched, and what can be done with each. */
import { Box, chakra } from '@chakra-ui/react';
import type { PracticalHead } from '@kivex/contract';
import { Archive, ArchiveRestore, CalendarPlus, Copy, Lock, Users } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { IconButton } from '../kit/IconButton.js';
import type { WorkColumn } from '../kit/worktable/columns.js';
import { WorkTable } from '../kit/worktable/WorkTable.js';

interface PracticalsTableProps {
  readonly practicals: readonly PracticalHead[];
  readonly teaching: boolean;
  readonly syllabusName: (id: string) => string;
  readonly copy: (practical: PracticalHead) => void;
  readonly set: (id: string, wanted: { shared?: boolean; archived?: boolean }) => void;
  readonly tools: ReactNode;
  /** What the address carries on into the practical that is opened. */
  readonly carry?: string;
}

const whose = (p: PracticalHead): string =>
  p.shared ? (p.owner ? `${p.owner}, shared` : 'the school’s') : 'only you';

export function PracticalsTable(props: PracticalsTableProps) {
  const { practicals, syllabusName, carry = '' } = props;
  const columns: WorkColumn<PracticalHead>[] = [
    {
      id: 'title',
      head: 'Practical',
      says: 'Title and what it is about',
      value: (p) => `${p.title} ${p.summary}`,
      show: (p) => (
        <Box minW={{ base: '9rem', md: '14rem' }}>
          <chakra.a asChild color="ink" textDecoration="none" _hover={{ textDecoration: 'underline' }}>
            <Link to={`/practicals/${p.id}${carry}`}>{p.title}</Link>
          </chakra.a>
          <chakra.div fontSize="sm" fontWeight="400" color="ink.soft" lineHeight="1.3">
            {p.summary}
          </chakra.div>
        </Box>
      ),
    },
    {
      id: 'syllabus',
      head: 'Syllabus',
      says: 'Syllabus',
      value: (p) => syllabusName(p.syllabus),
      show: (p) => syllabusName(p.syllabus),
    },
    {
      id: 'tests',
      head: 'Tests',
      says: 'Number of tests',
      centred: true,
      value: (p) => p.tests,
      show: (p) => p.tests,
    },
    {
      id: 'samples',
      head: 'Samples',
      says: 'Labelled and unknown samples',
      value: (p) => p.knowns + p.unknowns,
      show: (p) => (
        <span style={{ whiteSpace: 'nowrap' }}>
          {p.knowns} labelled, {p.unknowns} unknown
        </span>
      ),
    },
    {
      id: 'minutes',
      head: 'Minutes',
      says: 'Length of the lesson in minutes',
      centred: true,
      value: (p) => p.minutes,
      show: (p) => p.minutes,
    },
    {
      id: 'whose',
      head: 'Whose',
      says: 'Whose it is, and its version',
      value: whose,
      show: (p) => (
        <chakra.span fontSize="sm" color="ink.soft">
          {whose(p)}, version {p.version}
        </chakra.span>
      ),
    },
    ...(props.teaching
      ? [
          {
            id: 'do',
            head: '',
            says: 'What can be done with it',
            show: (p: PracticalHead) => <Acts {...props} of={p} />,
          },
        ]
      : []),
  ];
  return (
    <WorkTable
      label="Practicals"
      rows={practicals}
      rowId={(p) => p.id}
      columns={columns}
      find="Find a practical"
      nothing="Nothing is called that. Try another word."
      tools={props.tools}
    />
  );
}

function Acts({ of: p, copy, set }: PracticalsTableProps & { readonly of: PracticalHead }) {
  return (
    <Box display="flex" gap="1" justifyContent="flex-end" alignItems="center">
      {!p.archived && (
        <Button asChild size="small">
          <Link to={`/lessons/new?practical=${p.id}`} title="Make a lesson of it">
            <CalendarPlus size={16} aria-hidden /> Lesson
          </Link>
        </Button>
      )}
      <IconButton size="small" label={`Copy ${p.title}`} onClick={() => copy(p)}>
        <Copy size={16} aria-hidden />
      </IconButton>
      {p.mine && (
        <IconButton
          size="small"
          label={p.shared ? `Keep ${p.title} to yourself` : `Share ${p.title}`}
          onClick={() => set(p.id, { shared: !p.shared })}
        >
          {p.shared ? <Lock size={16} aria-hidden /> : <Users size={16} aria-hidden />}
        </IconButton>
      )}
      <IconButton
        size="small"
        label={p.archived ? `Bring ${p.title} back` : `Archive ${p.title}`}
        onClick={() => set(p.id, { archived: !p.archived })}
      >
        {p.archived ? <ArchiveRestore size={16} aria-hidden /> : <Archive size={16} aria-hidden />}
      </IconButton>
    </Box>
  );
}
