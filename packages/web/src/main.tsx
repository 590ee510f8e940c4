/** Where the pages begin: theme, routes, and the shell kept on the device. */
import '@fontsource/atkinson-hyperlegible-next/latin-400.css';
import '@fontsource/atkinson-hyperlegible-next/latin-600.css';
import '@fontsource/atkinson-hyperlegible-next/latin-700.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-400.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-700.css';
import { ChakraProvider } from '@chakra-ui/react';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { atMost } from './kit/at-most.js';
import { restoreTheme } from './kit/shell/theme-choice.js';
import { system } from './kit/theme/system.js';
import { fetchAhead, Pages } from './pages.js';
import { keepShell } from './keep-shell.js';

/** Milliseconds after which it is said that Kivex loads, on a network that slow. */
const patience = 400;

restoreTheme();

const draw = () =>
  createRoot(document.getElementById('root')!).render(
    <StrictMode>
      <ChakraProvider value={system}>
        <BrowserRouter>
          <Pages />
        </BrowserRouter>
      </ChakraProvider>
    </StrictMode>,
  );
void atMost(patience, fetchAhead(location.pathname)).then(draw);

if ('serviceWorker' in navigator && import.meta.env.PROD) void keepShell(navigator.serviceWorker);
