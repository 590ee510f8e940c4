/** What only staff pages need: the cache of server data, and the dress of their components. Benches do without. */
import { ChakraProvider } from '@chakra-ui/react';
import { onlineManager, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Outlet } from 'react-router';
import { staffSystem } from '../theme/staff-system.js';
import { againIfAway, isAway } from '../request/lacking.js';

// It takes a network for granted until it is told otherwise, and would not hear that one has come.
onlineManager.setOnline(navigator.onLine);

const client = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      // What a person must mend is not asked again; a server that is away is.
      retry: (failures, error) => failures < 3 && isAway(error),
      refetchInterval: againIfAway,
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
