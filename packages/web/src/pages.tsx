/**
 * Every page by its address, fetched when it is first gone to. The plain router serves: the one with loaders costs a bench
 * twenty kilobytes it has no use for.
 */
import { lazy, Suspense, useMemo, useState, type ComponentType } from 'react';
import { matchRoutes, useLocation, useRoutes, type RouteObject } from 'react-router';
import { ErrorBoundary } from './kit/shell/ErrorBoundary.js';
import { NotFound } from './kit/shell/PageError.js';
import { Loading } from './kit/Notice.js';

type Load = () => Promise<{ readonly default: ComponentType }>;
/** What to fetch for a page, kept beside its route. */
interface Handle {
  readonly load: Load;
}

/**
 * A page that is drawn at once where it has been fetched already. Waiting for it shows what stands in for it, and React
 * keeps that for a third of a second at least: on the way to a page of staff that would come twice.
 */
const page = (fetch: Load): { readonly element: React.ReactNode; readonly handle: Handle } => {
  let here: ComponentType | undefined;
  const load: Load = async () => {
    const fetched = await fetch();
    here = fetched.default;
    return fetched;
  };
  const Later = lazy(load);
  function Page() {
    // As it was when it was first drawn: what is drawn must not be taken for another page when it has come.
    const [Own] = useState<ComponentType>(() => here ?? Later);
    return <Own />;
  }
  return { element: <Page />, handle: { load } };
};

const Palette = lazy(() => import('./palette/Palette.js'));

const routes: RouteObject[] = [
  { path: '/', ...page(() => import('./bench/JoinPage.js')) },
  { path: '/bench', ...page(() => import('./bench/BenchPage.js')) },
  { path: '/specimen', ...page(() => import('./specimen/SpecimenPage.js')) },
  {
    ...page(() => import('./kit/shell/StaffRoot.js')),
    children: [
      { path: '/sign-in', ...page(() => import('./people/SignInPage.js')) },
      { path: '/bench/on-screen', ...page(() => import('./practise/ScreenWorkPage.js')) },
      { path: '/answer', ...page(() => import('./practise/AnswerPage.js')) },
      { path: '/set/:code', ...page(() => import('./practise/SetPage.js')) },
      { path: '/practise', ...page(() => import('./practise/PractisePage.js')) },
      { path: '/first-school', ...page(() => import('./people/FirstSchoolPage.js')) },
      {
        ...page(async () => {
          const { Shell } = await import('./kit/shell/Shell.js');
          return { default: () => <Shell palette={Palette} /> };
        }),
        children: [
          { path: '/lessons', ...page(() => import('./lessons/LessonsPage.js')) },
          { path: '/lessons/new', ...page(() => import('./lessons/NewLessonPage.js')) },
          {
            path: '/lessons/:id',
            ...page(() => import('./lessons/LessonFrame.js')),
            children: [
              { path: 'plan', ...page(() => import('./plan/PlanPage.js')) },
              { path: 'prepare', ...page(() => import('./prepare/PreparePage.js')) },
              { path: 'run', ...page(() => import('./run/RunPage.js')) },
              { path: 'mark', ...page(() => import('./mark/MarkPage.js')) },
              { path: 'review', ...page(() => import('./review/ReviewPage.js')) },
            ],
          },
          { path: '/second/:id', ...page(() => import('./mark/BlindPage.js')) },
          { path: '/practise/class', ...page(() => import('./practise/class/ClassPage.js')) },
          { path: '/review', ...page(() => import('./review/SchoolReviewPage.js')) },
          { path: '/practicals', ...page(() => import('./practicals/PracticalsPage.js')) },
          { path: '/practicals/:id', ...page(() => import('./practicals/PracticalPage.js')) },
          { path: '/marking', ...page(() => import('./mark/TogetherPage.js')) },
          { path: '/syllabuses', ...page(() => import('./syllabuses/SyllabusesPage.js')) },
          { path: '/syllabuses/:id', ...page(() => import('./syllabuses/SyllabusPage.js')) },
          { path: '/rooms', ...page(() => import('./rooms/RoomsPage.js')) },
          { path: '/store', ...page(() => import('./store/StorePage.js')) },
          { path: '/kept', ...page(() => import('./run/KeptPage.js')) },
          { path: '/kept/:code', ...page(() => import('./run/KeptPage.js')) },
          { path: '/devices', ...page(() => import('./devices/DevicesPage.js')) },
          { path: '/jar/:id', ...page(() => import('./prepare/JarPage.js')) },
          { path: '/classes', ...page(() => import('./people/ClassesPage.js')) },
          { path: '/classes/:id', ...page(() => import('./people/ClassPage.js')) },
          { path: '/school/trail', ...page(() => import('./people/TrailPage.js')) },
          { path: '/new-password', ...page(() => import('./people/NewPasswordPage.js')) },
          { path: '/school', ...page(() => import('./people/SchoolPage.js')) },
        ],
      },
    ],
  },
  { path: '*', element: <NotFound /> },
];

/** Fetches a page and all it stands in at once, rather than one after the other. Never rejects: what is missing is told when it is drawn. */
export async function fetchAhead(path: string): Promise<void> {
  await Promise.allSettled(
    (matchRoutes(routes, path) ?? []).map(({ route }) => (route.handle as Handle | undefined)?.load()),
  );
}

/** The page of the present address. */
export function Pages() {
  const { pathname } = useLocation();
  // As soon as it is gone to: by itself React asks for a page only once it has drawn what the page stands in.
  useMemo(() => void fetchAhead(pathname), [pathname]);
  return (
    <ErrorBoundary>
      <Suspense fallback={<Loading ofShell what="Kivex" />}>{useRoutes(routes)}</Suspense>
    </ErrorBoundary>
  );
}
