import { ChakraProvider } from '@chakra-ui/react';
import { expect, test } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { system } from './kit/theme/system.js';
import { fetchAhead, Pages } from './pages.js';

const at = (path: string) =>
  render(
    <ChakraProvider value={system}>
      <MemoryRouter initialEntries={[path]}>
        <Pages />
      </MemoryRouter>
    </ChakraProvider>,
  );

test('a page that is not there yet is waited for', async () => {
  at('/specimen');
  expect(screen.getByText(/Kivex …$/)).toBeTruthy();
  expect(await screen.findByRole('heading', { level: 1 }, { timeout: 20_000 })).toBeTruthy();
});

test('one that has been fetched, and all it stands in, is drawn at once; an address without a page is no fault', async () => {
  await fetchAhead('/answer');
  at('/answer');
  expect(screen.getByRole('heading', { level: 1 })).toBeTruthy();
  await expect(fetchAhead('/nowhere')).resolves.toBeUndefined();
});
