/** How long names are kept, classes whose time is over, and certificates of what went. */
import { Box, chakra } from '@chakra-ui/react';
import type { Certificate } from '@kivex/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Field } from '../kit/Field.js';
import { Fold } from '../kit/Fold.js';
import { dayAndTime } from '../kit/moments.js';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';
import { nowOrNever } from '../kit/request/now-or-never.js';
import { Select } from '../kit/Select.js';
import { Tile } from '../kit/Tile.js';

export function CertificateLines({ certificate }: { readonly certificate: Certificate }) {
  const { way, className, by, at, went } = certificate;
  return (
    <>
      <b>{className}</b> {way === 'nameless' ? 'made nameless' : 'gone'}, {dayAndTime(at)}, by {by}. Went:{' '}
      {Object.entries(went)
        .map(([what, n]) => `${n} ${what}`)
        .join(', ')}
      .
    </>
  );
}

const choices = [6, 12, 18, 24, 36, 60] as const;

export function Retention({ head }: { readonly head: boolean }) {
  const cache = useQueryClient();
  const retention = useQuery({ queryKey: ['retention'], queryFn: () => call('GET /api/school/retention') });
  const set = useMutation({
    ...nowOrNever,
    mutationFn: (months: number | null) => call('PUT /api/school/retention', { body: { months } }),
    onSuccess: () => cache.invalidateQueries({ queryKey: ['retention'] }),
  });
  if (!retention.data) return retention.error ? <Notice tone="stop">{retention.error.message}</Notice> : null;
  const { months, due, certificates } = retention.data;
  return (
    <Tile display="grid" gap="2">
      <chakra.h2 fontSize="lg">How long names are kept</chakra.h2>
      <Field
        label="After a class’s last lesson"
        help="Nothing goes by itself: classes whose time is over are named here."
      >
        <Select
          value={months ?? ''}
          disabled={!head || set.isPending}
          onChange={(e) => set.mutate(e.target.value ? Number(e.target.value) : null)}
        >
          <option value="">without a limit</option>
          {[...new Set([...choices, ...(months ? [months] : [])])]
            .sort((a, b) => a - b)
            .map((n) => (
              <option key={n} value={n}>
                {n} months
              </option>
            ))}
        </Select>
      </Field>
      {set.error && <Notice tone="stop">{set.error.message}</Notice>}
      {due.map(({ id, name, lastLesson }) => (
        <Notice key={id} tone="look">
          <Link to={`/classes/${id}`}>{name}</Link> had its last lesson on {dayAndTime(lastLesson)}: its names
          are to go.
        </Notice>
      ))}
      {certificates.length > 0 && (
        <Fold
          title={`What went: ${certificates.length} ${certificates.length === 1 ? 'certificate' : 'certificates'}`}
        >
          <Box as="ul" pl="1.25rem" display="grid" gap="1" fontSize="sm">
            {certificates.map((certificate) => (
              <li key={certificate.id}>
                <CertificateLines certificate={certificate} />
              </li>
            ))}
          </Box>
        </Fold>
      )}
    </Tile>
  );
}
