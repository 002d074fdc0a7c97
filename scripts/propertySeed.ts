import fc from 'fast-check';

// Every run of npm test throws the same things at a property, so that a red run is about the
// change at hand. npm run test:long throws new ones, more of them; SEED repeats one of its runs.
fc.configureGlobal({ seed: Number(process.env['SEED'] ?? 1) });
