import { createBrowserRouter, Navigate } from 'react-router';
import { basePath } from './basePath';
import { FailurePage } from './FailurePage';
import { screens } from './screens';
import { BenchRoom, Shell } from './Shell';

// Each screen's own code arrives when it is opened.
export const router = createBrowserRouter(
  [
    {
      Component: BenchRoom,
      HydrateFallback: () => null,
      ErrorBoundary: FailurePage,
      children: [
        {
          path: '/make/:batchId',
          lazy: async () => ({ Component: (await screens.bench()).BenchScreen }),
          ErrorBoundary: FailurePage,
        },
      ],
    },
    {
      path: '/',
      Component: Shell,
      HydrateFallback: () => null,
      ErrorBoundary: FailurePage,
      children: [
        {
          ErrorBoundary: FailurePage,
          children: [
            {
              index: true,
              lazy: async () => ({ Component: (await screens.welcome()).WelcomeScreen }),
            },
            {
              path: 'blends',
              lazy: async () => ({
                Component: (await screens.blends()).BlendsScreen,
              }),
            },
            {
              path: 'blends/:blendId',
              lazy: async () => ({
                Component: (await screens.blend()).BlendScreen,
              }),
            },
            {
              path: 'blends/:blendId/make',
              lazy: async () => ({
                Component: (await screens.start()).StartScreen,
              }),
            },
            {
              path: 'blends/:blendId/versions',
              lazy: async () => ({
                Component: (await screens.drafts()).VersionsScreen,
              }),
            },
            {
              path: 'blends/:blendId/oils',
              lazy: async () => ({
                Component: (await screens.oils()).OilsScreen,
              }),
            },
            {
              path: 'blends/:blendId/family',
              lazy: async () => ({ Component: (await screens.family()).FamilyScreen }),
            },
            {
              path: 'blends/:blendId/share',
              lazy: async () => ({ Component: (await screens.share()).ShareScreen }),
            },
            {
              path: 'blends/:blendId/card',
              lazy: async () => ({
                Component: (await screens.card()).CardScreen,
              }),
            },
            {
              path: 'blends/:blendId/label',
              lazy: async () => ({
                Component: (await screens.label()).BlendLabelScreen,
              }),
            },
            {
              path: 'today',
              lazy: async () => ({ Component: (await screens.today()).TodayScreen }),
            },
            {
              path: 'plans',
              lazy: async () => ({ Component: (await screens.plans()).PlansScreen }),
            },
            {
              path: 'plans/:planId',
              lazy: async () => ({ Component: (await screens.plan()).PlanScreen }),
            },
            // What Today has taken the place of: addresses that were kept lead there.
            ...['make', 'todo'].map((path) => ({
              path,
              element: <Navigate to="/today" replace />,
            })),
            { path: 'read', lazy: async () => ({ Component: (await screens.read()).ReadScreen }) },
            { path: 'scan', lazy: async () => ({ Component: (await screens.scan()).ScanScreen }) },
            {
              path: 'recall',
              lazy: async () => ({ Component: (await screens.recall()).RecallScreen }),
            },
            {
              path: 'batches',
              lazy: async () => ({
                Component: (await screens.batches()).BatchesScreen,
              }),
            },
            {
              path: 'batches/:batchId',
              lazy: async () => ({
                Component: (await screens.batch()).BatchScreen,
              }),
            },
            ...['batches/:batchId/for-sale', 'blends/:blendId/for-sale'].flatMap((path) => [
              {
                path,
                lazy: async () => ({ Component: (await screens.forSale()).ForSaleScreen }),
              },
              {
                path: `${path}/sheet`,
                lazy: async () => ({
                  Component: (await screens.assessorSheet()).AssessorSheetScreen,
                }),
              },
            ]),
            {
              path: 'batches/:batchId/label',
              lazy: async () => ({
                Component: (await screens.label()).BatchLabelScreen,
              }),
            },
            {
              path: 'people',
              lazy: async () => ({
                Component: (await screens.people()).PeopleScreen,
              }),
            },
            {
              path: 'people/blends',
              lazy: async () => ({
                Component: (await screens.peopleGrid()).PeopleGridScreen,
              }),
            },
            {
              path: 'people/new',
              lazy: async () => ({
                Component: (await screens.person()).NewPersonScreen,
              }),
            },
            {
              path: 'people/:personId',
              lazy: async () => ({
                Component: (await screens.person()).PersonScreen,
              }),
            },
            {
              path: 'blends/:blendId/carriers',
              lazy: async () => ({ Component: (await screens.carriers()).CarriersScreen }),
            },
            // Addresses as they were before.
            { path: 'blends/:blendId/wearers', element: <Navigate to="../who" relative="path" /> },
            {
              path: 'blends/:blendId/drafts',
              element: <Navigate to="../versions" relative="path" />,
            },
            { path: 'shelf/vessels/*', element: <Navigate to="/shelf" /> },
            {
              path: 'blends/:blendId/who',
              lazy: async () => ({ Component: (await screens.wearers()).WhoScreen }),
            },
            {
              path: 'shelf',
              lazy: async () => ({ Component: (await screens.shelf()).ShelfScreen }),
            },
            {
              path: 'shelf/shopping',
              lazy: async () => ({ Component: (await screens.shopping()).ShoppingScreen }),
            },
            {
              path: 'shelf/import',
              lazy: async () => ({ Component: (await screens.shelfImport()).ShelfImportScreen }),
            },
            {
              path: 'shelf/dates',
              lazy: async () => ({ Component: (await screens.dates()).DatesScreen }),
            },
            {
              path: 'shelf/new',
              lazy: async () => ({ Component: (await screens.bottle()).NewBottleScreen }),
            },
            {
              path: 'shelf/containers/new',
              lazy: async () => ({ Component: (await screens.container()).NewContainerScreen }),
            },
            {
              path: 'shelf/containers/:containerId',
              lazy: async () => ({ Component: (await screens.container()).ContainerScreen }),
            },
            {
              path: 'shelf/:bottleId',
              lazy: async () => ({ Component: (await screens.bottle()).BottleScreen }),
            },
            {
              path: 'materials/new/:kind',
              lazy: async () => ({ Component: (await screens.own()).OwnMaterialScreen }),
            },
            {
              path: 'materials/:materialId/edit',
              lazy: async () => ({ Component: (await screens.own()).EditMaterialScreen }),
            },
            {
              path: 'materials/:materialId',
              lazy: async () => ({ Component: (await screens.material()).MaterialScreen }),
            },
            {
              path: 'handbook',
              lazy: async () => ({ Component: (await screens.handbook()).HandbookScreen }),
            },
            {
              path: 'handbook/figures',
              lazy: async () => ({ Component: (await screens.figures()).FiguresScreen }),
            },
            {
              path: 'first-aid',
              lazy: async () => ({ Component: (await screens.firstAid()).FirstAidScreen }),
            },
            {
              path: 'settings',
              lazy: async () => ({
                Component: (await screens.settings()).SettingsScreen,
              }),
            },
            {
              path: '*',
              lazy: async () => ({ Component: (await import('./NotFoundPage')).NotFoundPage }),
            },
          ],
        },
      ],
    },
  ],
  { basename: basePath },
);
