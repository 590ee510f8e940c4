/** The students of a class: who has a PIN, who is shut out, and what can be done. */
import { Box } from '@chakra-ui/react';
import type { ClassRoster } from '@kivex/contract';
import { KeyRound, LockOpen, UserMinus } from 'lucide-react';
import { Button } from '../kit/Button.js';
import { IconButton } from '../kit/IconButton.js';
import { Mark } from '../kit/Mark.js';
import type { WorkColumn } from '../kit/worktable/columns.js';
import { WorkTable } from '../kit/worktable/WorkTable.js';

type Student = ClassRoster['students'][number];

interface RosterTableProps {
  readonly students: readonly Student[];
  readonly unlock: (id: string) => void;
  readonly newPin: (id: string) => void;
  readonly takeOut: (student: Student) => void;
}

const stateOf = (s: Student): string =>
  s.shutOut ? 'too many wrong PINs' : s.hasPin ? 'has a PIN' : 'no PIN yet';

export function RosterTable({ students, unlock, newPin, takeOut }: RosterTableProps) {
  const columns: WorkColumn<Student>[] = [
    { id: 'name', head: 'Student', says: 'Student', value: (s) => s.name, show: (s) => s.name },
    {
      id: 'pin',
      head: 'PIN',
      says: 'Whether they can join',
      value: stateOf,
      show: (s) => <Mark tone={s.shutOut || !s.hasPin ? 'look' : 'tell'}>{stateOf(s)}</Mark>,
    },
    {
      id: 'do',
      head: '',
      says: 'What can be done',
      show: (s) => (
        <Box display="flex" gap="1" justifyContent="flex-end" alignItems="center">
          {s.shutOut && (
            <Button size="small" aria-label={`Let ${s.name} try again`} onClick={() => unlock(s.id)}>
              <LockOpen size={14} aria-hidden /> Unlock
            </Button>
          )}
          <IconButton size="small" label={`New PIN for ${s.name}`} onClick={() => newPin(s.id)}>
            <KeyRound size={16} aria-hidden />
          </IconButton>
          <IconButton size="small" label={`Take ${s.name} out of the class`} onClick={() => takeOut(s)}>
            <UserMinus size={16} aria-hidden />
          </IconButton>
        </Box>
      ),
    },
  ];
  return (
    <WorkTable
      label="Class list"
      rows={students}
      rowId={(s) => s.id}
      columns={columns}
      find="Find a student"
      nothing="No student is called that."
    />
  );
}
