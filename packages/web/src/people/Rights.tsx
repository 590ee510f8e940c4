/** What is held of a student, taken out whole; a class made nameless, or gone, with a certificate. */
import { Box, chakra } from '@chakra-ui/react';
import type { Certificate, ClassRoster, ErasureWay } from '@kivex/contract';
import { useQueryClient } from '@tanstack/react-query';
import { Archive } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../kit/Button.js';
import { OneOf } from '../kit/Choices.js';
import { Field } from '../kit/Field.js';
import { FileLink } from '../kit/FileLink.js';
import { Fold } from '../kit/Fold.js';
import { Form } from '../kit/Form.js';
import { Input } from '../kit/Input.js';
import { Notice } from '../kit/Notice.js';
import { address, call } from '../kit/request/call.js';
import { useSentForm } from '../kit/request/use-sent-form.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';
import { CertificateLines } from './Certificates.js';

const ways: readonly { readonly id: ErasureWay; readonly label: string }[] = [
  { id: 'nameless', label: 'Names go, work stays' },
  { id: 'gone', label: 'Everything goes' },
];

export function Rights({ roster, head }: { readonly roster: ClassRoster; readonly head: boolean }) {
  const [student, setStudent] = useState('');
  const chosen = roster.students.find((s) => s.id === student);
  return (
    <Tile display="grid" gap="3">
      <chakra.h2 fontSize="lg">Data of this class</chakra.h2>
      <Box display="flex" gap="2" alignItems="flex-end" flexWrap="wrap">
        <Box width="14rem">
          <Field size="small" label="All that is held of">
            <Select size="small" value={student} onChange={(e) => setStudent(e.target.value)}>
              <option value="">Choose a student</option>
              {roster.students.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Select>
          </Field>
        </Box>
        {chosen && (
          <FileLink size="small" href={address('GET /api/students/:student/archive', { student: chosen.id })}>
            <Archive size={14} aria-hidden /> One archive, to hand over
          </FileLink>
        )}
      </Box>
      {head && <Erase roster={roster} />}
    </Tile>
  );
}

function Erase({ roster: { id, name } }: { readonly roster: ClassRoster }) {
  const cache = useQueryClient();
  const [way, setWay] = useState<ErasureWay>('nameless');
  const [done, setDone] = useState<Certificate>();
  const form = useSentForm({
    defaults: { name: '' },
    fields: ['name'],
    send: async ({ name: typed }: { name: string }) => {
      setDone(await call('POST /api/classes/:class/erase', { class: id, body: { way, name: typed } }));
      await cache.invalidateQueries({ queryKey: ['classes'] });
      // A class that is gone cannot be fetched anew.
      if (way === 'nameless') await cache.invalidateQueries({ queryKey: ['class', id] });
    },
  });
  if (done)
    return (
      <Notice tone="go">
        <CertificateLines certificate={done} />
      </Notice>
    );
  return (
    <Fold title="Make names go, or everything">
      <Form display="grid" gap="2" mt="1" onSubmit={form.submit}>
        <OneOf label="What goes" choices={ways} chosen={way} choose={setWay} />
        <chakra.p fontSize="sm" color="ink.soft">
          {way === 'nameless'
            ? 'Names, PINs, pictures, questions and sign-ins go, in the trail too. Entries, words and marks stay under numbers, so that lessons can still be compared. Own words may hold a name: look through them first.'
            : 'All lessons of the class go with it: entries, pictures, marks and their history. Where accidents are on record this is refused, for such records have to be kept.'}{' '}
          It does not come back. Backups made before still hold it: how long those are kept is in the hands of
          whoever runs Kivex.
        </chakra.p>
        <Field label={`Type ${name.trim()} to be sure`} error={form.at('name')}>
          <Input maxW="16rem" {...form.register('name')} />
        </Field>
        {form.problem && <Notice tone="stop">{form.problem}</Notice>}
        <Box>
          <Button type="submit" variant="stop" loading={form.busy}>
            {way === 'nameless' ? 'Make the class nameless' : 'Make everything go'}
          </Button>
        </Box>
      </Form>
    </Fold>
  );
}
