/** Each screen's own code, to be fetched when it is opened. */
export const screens = {
  bench: () => import('../screens/make/BenchScreen'),
  blends: () => import('../screens/blends/BlendsScreen'),
  blend: () => import('../screens/blend/BlendScreen'),
  start: () => import('../screens/make/StartScreen'),
  drafts: () => import('../screens/blends/DraftsScreen'),
  label: () => import('../screens/label/LabelScreen'),
  make: () => import('../screens/make/MakeScreen'),
  batches: () => import('../screens/batches/BatchesScreen'),
  batch: () => import('../screens/batches/BatchScreen'),
  people: () => import('../screens/people/PeopleScreen'),
  person: () => import('../screens/people/PersonScreen'),
  settings: () => import('../screens/settings/SettingsScreen'),
};
