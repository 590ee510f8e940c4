/** Where the pages begin: theme, routes, and the shell kept on the device. */
import '@fontsource/atkinson-hyperlegible-next/latin-400.css';
import '@fontsource/atkinson-hyperlegible-next/latin-600.css';
import '@fontsource/atkinson-hyperlegible-next/latin-700.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-400.css';
import '@fontsource/atkinson-hyperlegible-mono/latin-700.css';
import { ChakraProvider } from '@chakra-ui/react';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Loading } from './kit/Notice.js';
import { restoreTheme } from './kit/shell/theme-choice.js';
import { system } from './kit/theme/system.js';
import { NotFound, PageError } from './kit/shell/PageError.js';

restoreTheme();

/** A page fetched when it is first gone to. */
const page = (load: () => Promise<{ default: React.ComponentType }>) => async () => ({
  Component: (await load()).default,
});

const router = createBrowserRouter([
  {
    errorElement: <PageError />,
    hydrateFallbackElement: <Loading what="Kivex" />,
    children: [
      { path: '/', lazy: page(() => import('./bench/JoinPage.js')) },
      { path: '/bench', lazy: page(() => import('./bench/BenchPage.js')) },
      { path: '/specimen', lazy: page(() => import('./specimen/SpecimenPage.js')) },
      {
        lazy: page(() => import('./kit/shell/StaffRoot.js')),
        children: [
          { path: '/sign-in', lazy: page(() => import('./people/SignInPage.js')) },
          { path: '/first-school', lazy: page(() => import('./people/FirstSchoolPage.js')) },
          {
            lazy: async () => ({ Component: (await import('./kit/shell/Shell.js')).Shell }),
            children: [
              { path: '/lessons', lazy: page(() => import('./lessons/LessonsPage.js')) },
              { path: '/lessons/new', lazy: page(() => import('./lessons/NewLessonPage.js')) },
              {
                path: '/lessons/:id',
                lazy: page(() => import('./lessons/LessonFrame.js')),
                children: [
                  { path: 'plan', lazy: page(() => import('./plan/PlanPage.js')) },
                  { path: 'prepare', lazy: page(() => import('./prepare/PreparePage.js')) },
                  { path: 'run', lazy: page(() => import('./run/RunPage.js')) },
                  { path: 'mark', lazy: page(() => import('./mark/MarkPage.js')) },
                  { path: 'review', lazy: page(() => import('./review/ReviewPage.js')) },
                ],
              },
              { path: '/practicals', lazy: page(() => import('./practicals/PracticalsPage.js')) },
              { path: '/practicals/:id', lazy: page(() => import('./practicals/PracticalPage.js')) },
              { path: '/syllabuses', lazy: page(() => import('./syllabuses/SyllabusesPage.js')) },
              { path: '/syllabuses/:id', lazy: page(() => import('./syllabuses/SyllabusPage.js')) },
              { path: '/rooms', lazy: page(() => import('./rooms/RoomsPage.js')) },
              { path: '/store', lazy: page(() => import('./store/StorePage.js')) },
              { path: '/jar/:id', lazy: page(() => import('./prepare/JarPage.js')) },
              { path: '/classes', lazy: page(() => import('./people/ClassesPage.js')) },
              { path: '/classes/:id', lazy: page(() => import('./people/ClassPage.js')) },
              { path: '/school/trail', lazy: page(() => import('./people/TrailPage.js')) },
              { path: '/new-password', lazy: page(() => import('./people/NewPasswordPage.js')) },
              { path: '/school', lazy: page(() => import('./people/SchoolPage.js')) },
            ],
          },
        ],
      },
      { path: '*', Component: NotFound },
    ],
  },
]);

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <ChakraProvider value={system}>
      <RouterProvider router={router} />
    </ChakraProvider>
  </StrictMode>,
);

if ('serviceWorker' in navigator && import.meta.env.PROD) void navigator.serviceWorker.register('/sw.js');
