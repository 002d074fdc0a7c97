import type { ComponentType } from 'react';

/** One page of the application: its address, and its own code, which is loaded when it is opened. */
type Page = readonly [path: string, load: () => Promise<ComponentType>];

/**
 * Every page, by its address below the application's own. Of two that match an address the one
 * without a parameter there wins, whichever stands first.
 */
export const pages: readonly Page[] = [
  ['', async () => (await import('../screens/blends/WelcomeScreen')).WelcomeScreen],
  ['blends', async () => (await import('../screens/blends/BlendsScreen')).BlendsScreen],
  ['blends/:blendId', async () => (await import('../screens/blend/BlendScreen')).BlendScreen],
  ['blends/:blendId/make', async () => (await import('../screens/make/StartScreen')).StartScreen],
  [
    'blends/:blendId/label',
    async () => (await import('../screens/label/LabelScreen')).BlendLabelScreen,
  ],
  ['blends/:blendId/who', async () => (await import('../screens/blends/WhoScreen')).WhoScreen],
  ['blends/:blendId/oils', async () => (await import('../screens/blend/OilsScreen')).OilsScreen],
  [
    'blends/:blendId/carriers',
    async () => (await import('../screens/blend/CarriersScreen')).CarriersScreen,
  ],
  [
    'blends/:blendId/versions',
    async () => (await import('../screens/blends/VersionsScreen')).VersionsScreen,
  ],
  [
    'blends/:blendId/family',
    async () => (await import('../screens/label/FamilyScreen')).FamilyScreen,
  ],
  [
    'blends/:blendId/share',
    async () => (await import('../screens/blends/ShareScreen')).ShareScreen,
  ],
  ['blends/:blendId/card', async () => (await import('../screens/blends/CardScreen')).CardScreen],
  [
    'blends/:blendId/for-sale',
    async () => (await import('../screens/label/ForSaleScreen')).ForSaleScreen,
  ],
  [
    'blends/:blendId/for-sale/sheet',
    async () => (await import('../screens/label/AssessorSheetScreen')).AssessorSheetScreen,
  ],
  ['today', async () => (await import('../screens/today/TodayScreen')).TodayScreen],
  ['make/:batchId', async () => (await import('../screens/make/BenchScreen')).BenchScreen],
  ['plans', async () => (await import('../screens/plans/PlansScreen')).PlansScreen],
  ['plans/:planId', async () => (await import('../screens/plans/PlanScreen')).PlanScreen],
  ['batches', async () => (await import('../screens/batches/BatchesScreen')).BatchesScreen],
  ['batches/:batchId', async () => (await import('../screens/batches/BatchScreen')).BatchScreen],
  [
    'batches/:batchId/label',
    async () => (await import('../screens/label/LabelScreen')).BatchLabelScreen,
  ],
  [
    'batches/:batchId/for-sale',
    async () => (await import('../screens/label/ForSaleScreen')).ForSaleScreen,
  ],
  [
    'batches/:batchId/for-sale/sheet',
    async () => (await import('../screens/label/AssessorSheetScreen')).AssessorSheetScreen,
  ],
  ['recall', async () => (await import('../screens/trail/RecallScreen')).RecallScreen],
  ['people', async () => (await import('../screens/people/PeopleScreen')).PeopleScreen],
  ['people/new', async () => (await import('../screens/people/PersonScreen')).NewPersonScreen],
  [
    'people/blends',
    async () => (await import('../screens/people/PeopleGridScreen')).PeopleGridScreen,
  ],
  ['people/:personId', async () => (await import('../screens/people/PersonScreen')).PersonScreen],
  ['shelf', async () => (await import('../screens/shelf/ShelfScreen')).ShelfScreen],
  ['shelf/new', async () => (await import('../screens/shelf/BottleScreen')).NewBottleScreen],
  ['shelf/shopping', async () => (await import('../screens/shelf/ShoppingScreen')).ShoppingScreen],
  [
    'shelf/import',
    async () => (await import('../screens/shelf/ShelfImportScreen')).ShelfImportScreen,
  ],
  ['shelf/dates', async () => (await import('../screens/shelf/DatesScreen')).DatesScreen],
  [
    'shelf/containers/new',
    async () => (await import('../screens/shelf/ContainerScreen')).NewContainerScreen,
  ],
  [
    'shelf/containers/:containerId',
    async () => (await import('../screens/shelf/ContainerScreen')).ContainerScreen,
  ],
  ['shelf/:bottleId', async () => (await import('../screens/shelf/BottleScreen')).BottleScreen],
  [
    'materials/new/:kind',
    async () => (await import('../screens/shelf/OwnMaterialScreen')).OwnMaterialScreen,
  ],
  [
    'materials/:materialId',
    async () => (await import('../screens/shelf/MaterialScreen')).MaterialScreen,
  ],
  [
    'materials/:materialId/edit',
    async () => (await import('../screens/shelf/OwnMaterialScreen')).EditMaterialScreen,
  ],
  ['read', async () => (await import('../screens/read/ReadScreen')).ReadScreen],
  ['scan', async () => (await import('../screens/blends/ScanScreen')).ScanScreen],
  ['handbook', async () => (await import('../screens/handbook/HandbookScreen')).HandbookScreen],
  [
    'handbook/figures',
    async () => (await import('../screens/handbook/FiguresScreen')).FiguresScreen,
  ],
  ['first-aid', async () => (await import('../screens/handbook/FirstAidScreen')).FirstAidScreen],
  ['settings', async () => (await import('../screens/settings/SettingsScreen')).SettingsScreen],
];

/** Addresses as they were before, and where they lead now. */
export const formerPages: readonly (readonly [path: string, to: string])[] = [
  ['make', '/today'],
  ['todo', '/today'],
  ['blends/:blendId/wearers', '../who'],
  ['blends/:blendId/drafts', '../versions'],
  ['shelf/vessels/*', '/shelf'],
];

/** What an address names: it has no parameters of its own, and its parts are compared one by one. */
const parts = (path: string): readonly string[] => path.split('/').filter(Boolean);

/** How well a page matches: the parts that are the same; −1 where it does not. */
const matched = (path: string, address: readonly string[]): number => {
  const pattern = parts(path);
  if (pattern.length !== address.length) return -1;
  let same = 0;
  for (const [at, part] of pattern.entries()) {
    if (part === address[at]) same += 1;
    else if (!part.startsWith(':')) return -1;
  }
  return same;
};

/** The page at an address within the application (“/blends/42”); null where there is none. */
export const pageAt = (address: string): Page | null => {
  const wanted = parts(address);
  let best: Page | null = null;
  let bestSame = -1;
  for (const page of pages) {
    const same = matched(page[0], wanted);
    if (same > bestSame) [best, bestSame] = [page, same];
  }
  return best;
};
