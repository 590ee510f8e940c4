// The least a page on Chakra and React Router can be: what the bench's own start is set beside.
import { ChakraProvider, Heading, defaultSystem } from '@chakra-ui/react';
import { useEffect } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';

function Empty() {
  useEffect(() => void performance.mark('stands'), []);
  return <Heading>Nothing</Heading>;
}
createRoot(document.getElementById('root')).render(
  <ChakraProvider value={defaultSystem}>
    <RouterProvider router={createBrowserRouter([{ path: '*', element: <Empty /> }])} />
  </ChakraProvider>,
);
