import { createBrowserRouter, Navigate } from 'react-router';
import { FailurePage } from './FailurePage';
import { NotFoundPage } from './NotFoundPage';
import { Shell } from './Shell';

// Each screen's own code arrives when it is opened.
export const router = createBrowserRouter([
  {
    path: '/make/:batchId',
    lazy: async () => ({ Component: (await import('../screens/make/BenchScreen')).BenchScreen }),
    HydrateFallback: () => null,
    ErrorBoundary: FailurePage,
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
          { index: true, element: <Navigate to="/blends" replace /> },
          {
            path: 'blends',
            lazy: async () => ({
              Component: (await import('../screens/blends/BlendsScreen')).BlendsScreen,
            }),
          },
          {
            path: 'blends/:blendId',
            lazy: async () => ({
              Component: (await import('../screens/blend/BlendScreen')).BlendScreen,
            }),
          },
          {
            path: 'blends/:blendId/make',
            lazy: async () => ({
              Component: (await import('../screens/make/StartScreen')).StartScreen,
            }),
          },
          {
            path: 'blends/:blendId/drafts',
            lazy: async () => ({
              Component: (await import('../screens/blends/DraftsScreen')).DraftsScreen,
            }),
          },
          {
            path: 'blends/:blendId/label',
            lazy: async () => ({
              Component: (await import('../screens/label/LabelScreen')).BlendLabelScreen,
            }),
          },
          {
            path: 'make',
            lazy: async () => ({
              Component: (await import('../screens/make/MakeScreen')).MakeScreen,
            }),
          },
          {
            path: 'batches',
            lazy: async () => ({
              Component: (await import('../screens/batches/BatchesScreen')).BatchesScreen,
            }),
          },
          {
            path: 'batches/:batchId',
            lazy: async () => ({
              Component: (await import('../screens/batches/BatchScreen')).BatchScreen,
            }),
          },
          {
            path: 'batches/:batchId/label',
            lazy: async () => ({
              Component: (await import('../screens/label/LabelScreen')).BatchLabelScreen,
            }),
          },
          {
            path: 'people',
            lazy: async () => ({
              Component: (await import('../screens/people/PeopleScreen')).PeopleScreen,
            }),
          },
          {
            path: 'people/new',
            lazy: async () => ({
              Component: (await import('../screens/people/PersonScreen')).NewPersonScreen,
            }),
          },
          {
            path: 'people/:personId',
            lazy: async () => ({
              Component: (await import('../screens/people/PersonScreen')).PersonScreen,
            }),
          },
          {
            path: 'settings',
            lazy: async () => ({
              Component: (await import('../screens/settings/SettingsScreen')).SettingsScreen,
            }),
          },
          { path: '*', Component: NotFoundPage },
        ],
      },
    ],
  },
]);
