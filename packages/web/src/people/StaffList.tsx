/** The staff of the school; the head of department locks, removes, gives roles and new passwords. */
import { Box, chakra } from '@chakra-ui/react';
import { staffRoles, type StaffMember, type StaffRole } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import { KeyRound, Lock, LockOpen, ShieldOff, UserMinus } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { Select } from '../kit/Select.js';
import { roleNames } from './role-names.js';

interface StaffListProps {
  readonly staff: readonly StaffMember[];
  /** May the person who looks change accounts? */
  readonly head: boolean;
  readonly me: string;
}

export function StaffList({ staff, head, me }: StaffListProps) {
  const cache = useQueryClient();
  const [problem, setProblem] = useState<string>();
  const [fresh, setFresh] = useState<{ readonly name: string; readonly password: string }>();
  const [leaving, setLeaving] = useState<string>();
  const attempt = async (work: () => Promise<unknown>) => {
    setProblem(undefined);
    setFresh(undefined);
    try {
      await work();
      await cache.invalidateQueries({ queryKey: ['staff'] });
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  const change = (person: StaffMember, what: { locked?: boolean; role?: StaffRole }) =>
    void attempt(() => call('PATCH /api/people/staff/:person', { person: person.id, body: what }));
  return (
    <>
      {problem && <Notice tone="stop">{problem}</Notice>}
      {fresh && (
        <Notice
          tone="go"
          action={<Button onClick={() => setFresh(undefined)}>I have written it down</Button>}
        >
          {fresh.name}’s password is <chakra.b fontFamily="mono">{fresh.password}</chakra.b>. It is shown this
          once: hand it over in person. They choose their own when they sign in.
        </Notice>
      )}
      <chakra.ul>
        {staff.map((person) => (
          <chakra.li
            key={person.id}
            display="grid"
            gridTemplateColumns={{ base: '1fr', md: 'minmax(8rem, 1fr) minmax(10rem, 1.4fr) 11rem 11rem' }}
            gap="3"
            alignItems="center"
            py="2"
            borderTop="1px solid"
            borderColor="slate.200"
          >
            <Box>
              <b>{person.name}</b>
              {person.locked && <chakra.span color="cinnabar"> locked</chakra.span>}
              {person.secondFactor && (
                <chakra.div fontSize="xs" color="ink.soft">
                  second factor on
                </chakra.div>
              )}
            </Box>
            <chakra.span overflowWrap="anywhere">{person.email}</chakra.span>
            {head && person.id !== me ? (
              <Select
                aria-label={`Role of ${person.name}`}
                value={person.role}
                onChange={(e) => change(person, { role: e.target.value as StaffRole })}
              >
                {staffRoles.map((role) => (
                  <option key={role} value={role}>
                    {roleNames[role]}
                  </option>
                ))}
              </Select>
            ) : (
              <span>{roleNames[person.role]}</span>
            )}
            {head && person.id !== me ? (
              leaving === person.id ? (
                <Box display="flex" gap="1" flexWrap="wrap" alignItems="center">
                  <Button
                    size="small"
                    variant="stop"
                    onClick={() => {
                      setLeaving(undefined);
                      void attempt(() => call('DELETE /api/people/staff/:person', { person: person.id }));
                    }}
                  >
                    Remove for good
                  </Button>
                  <Button size="small" onClick={() => setLeaving(undefined)}>
                    Keep
                  </Button>
                </Box>
              ) : (
                <Box display="flex" gap="1">
                  <Button
                    size="small"
                    variant="quiet"
                    title={person.locked ? 'Unlock' : 'Lock: ends their sessions'}
                    aria-label={`${person.locked ? 'Unlock' : 'Lock'} ${person.name}`}
                    onClick={() => change(person, { locked: !person.locked })}
                  >
                    {person.locked ? <LockOpen size={16} aria-hidden /> : <Lock size={16} aria-hidden />}
                  </Button>
                  <Button
                    size="small"
                    variant="quiet"
                    title="New password"
                    aria-label={`New password for ${person.name}`}
                    onClick={() =>
                      void attempt(async () => {
                        const { password } = await call('POST /api/people/staff/:person/password', {
                          person: person.id,
                        });
                        setFresh({ name: person.name, password });
                      })
                    }
                  >
                    <KeyRound size={16} aria-hidden />
                  </Button>
                  {person.secondFactor && (
                    <Button
                      size="small"
                      variant="quiet"
                      title="Take the second factor off"
                      aria-label={`Take the second factor of ${person.name} off`}
                      onClick={() =>
                        void attempt(() =>
                          call('DELETE /api/people/staff/:person/second-factor', { person: person.id }),
                        )
                      }
                    >
                      <ShieldOff size={16} aria-hidden />
                    </Button>
                  )}
                  <Button
                    size="small"
                    variant="quiet"
                    title="Remove from the school"
                    aria-label={`Remove ${person.name}`}
                    onClick={() => setLeaving(person.id)}
                  >
                    <UserMinus size={16} aria-hidden />
                  </Button>
                </Box>
              )
            ) : (
              <span />
            )}
          </chakra.li>
        ))}
      </chakra.ul>
    </>
  );
}
