/** Where the QR code on a jar leads staff: the lesson it belongs to, on its Prepare page. */
import { useQuery } from '@tanstack/react-query';
import { Navigate, useParams } from 'react-router';
import { Failed, Loading } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { call } from '../kit/request/call.js';

export default function JarPage() {
  const { id = '' } = useParams();
  const found = useQuery({
    queryKey: ['jar', id],
    queryFn: () => call('GET /api/jars/:jar', { jar: id }),
    retry: false,
  });
  if (found.isPending) return <Loading what="the jar" />;
  if (isLacking(found)) return <Failed error={found.error} again={() => void found.refetch()} />;
  return <Navigate to={`/lessons/${found.data.id}/prepare?part=make&jar=${id}`} replace />;
}
