/** The school: its staff, what they have done, and everybody's own account. */
import { Box, chakra } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Button } from '../kit/Button.js';
import { Failed, Loading } from '../kit/Notice.js';
import { isLacking } from '../kit/request/lacking.js';
import { call } from '../kit/request/call.js';
import { useMe } from '../kit/shell/Shell.js';
import { Tile } from '../kit/Tile.js';
import { AddStaff } from './AddStaff.js';
import { Retention } from './Certificates.js';
import { OwnPassword } from './OwnPassword.js';
import { OwnSessions } from './OwnSessions.js';
import { SecondFactor } from './SecondFactor.js';
import { StaffList } from './StaffList.js';

export default function SchoolPage() {
  const me = useMe();
  const technician = me.data?.role === 'technician';
  const staff = useQuery({
    queryKey: ['staff'],
    queryFn: () => call('GET /api/people/staff'),
    enabled: me.data !== undefined && !technician,
  });
  if (!me.data || (staff.isPending && !technician)) return <Loading what="the staff" />;
  if (isLacking(staff)) return <Failed error={staff.error} again={() => void staff.refetch()} />;
  const head = me.data.role === 'head';
  return (
    <Box display="grid" gap="4" gridTemplateColumns={{ base: '1fr', lg: '2fr 1fr' }} alignItems="start">
      <Box display="grid" gap="4">
        <Tile>
          <Box display="flex" justifyContent="space-between" alignItems="center" gap="3" mb="3">
            <chakra.h1 fontSize="xl">{me.data.school}</chakra.h1>
            {head && (
              <Button asChild>
                <Link to="/school/trail">What staff have done</Link>
              </Button>
            )}
          </Box>
          {staff.data && <StaffList staff={staff.data} head={head} me={me.data.id} />}
        </Tile>
        <OwnSessions />
        {!technician && <Retention head={head} />}
      </Box>
      <Box display="grid" gap="4">
        {head && <AddStaff />}
        <OwnPassword />
        <SecondFactor on={me.data.secondFactor} />
      </Box>
    </Box>
  );
}
