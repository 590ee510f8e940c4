/** What only staff pages need: the cache of server data, and the dress of their components. Benches do without. */
import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Outlet } from 'react-router';
import { staffSystem } from '../theme/staff-system.js';
import { RequestProblem } from '../request/request.js';

const client = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      // What a person must mend is not asked again; a server that is away is.
      retry: (failures, error) =>
        failures < 3 && !(error instanceof RequestProblem && error.status >= 400 && error.status < 500),
    },
  },
});

export default function StaffRoot() {
  return (
    <ChakraProvider value={staffSystem}>
      <QueryClientProvider client={client}>
        <Outlet />
      </QueryClientProvider>
    </ChakraProvider>
  );
}
