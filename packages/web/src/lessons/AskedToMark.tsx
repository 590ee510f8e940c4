/** What somebody has asked one to mark blind. */
import { chakra } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Notice } from '../kit/Notice.js';
import { call } from '../kit/request/call.js';

export function AskedToMark() {
  const asked = useQuery({ queryKey: ['asked-to-mark'], queryFn: () => call('GET /api/second-markings') });
  return asked.data?.map(({ id, title, askedBy, size, done }) => (
    <chakra.div key={id} mb="3">
      <Notice tone="look">
        {askedBy} asks you to mark {size} answers of “{title}” blind{done ? `; ${done} are marked` : ''}.{' '}
        <Link to={`/second/${id}`}>Mark them</Link>
      </Notice>
    </chakra.div>
  ));
}
