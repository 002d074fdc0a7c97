// Loaded before every test with a page: how long it may wait for what it expects to see. The default,
// one second, is too short for a page whose parts are still being loaded on a busy machine.
if (typeof document !== 'undefined') {
  const { configure } = await import('@testing-library/react');
  configure({ asyncUtilTimeout: 20_000 });
}

export {};
