// npm run fixtures: writes the stored house of the browser tests again, from the example house as it is
// now. The fixture is frozen apart from that, so that a change of the example breaks no test.
import { writeFileSync } from 'node:fs';
import { storedFixture } from '../web/src/store/fixture.testing';

writeFileSync('e2e/fixtures/house.json', `${JSON.stringify(await storedFixture())}\n`);
