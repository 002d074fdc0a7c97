// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { KeptContents } from './KeptContents';

afterEach(cleanup);

test('what went in is told from the record alone, container by container', () => {
  render(
    <KeptContents
      contents={[
        {
          numbers: [0, 2],
          container: { kind: 'roll-on', nominalMl: 10 },
          ml: 9.5,
          g: 8.2,
          percent: 2.1,
          verdict: 'within',
          oils: [
            { id: 'lavender', name: 'Lavender', drops: 4, ml: 0.2, g: 0.18 },
            { id: 'gone', name: 'Hedge blossom', drops: null, ml: 0.1, g: 0.09 },
          ],
          bases: [{ id: 'jojoba', name: 'Jojoba oil', ml: 9.2, g: 7.95 }],
        },
      ]}
    />,
  );
  expect(screen.getByRole('listitem').textContent).toBe(
    '10 ml roll-on 1 and 3, 2.1 %: 4 drops of Lavender, 0.1 ml of Hedge blossom and 7.95 g (9.2 ml) of Jojoba oil.',
  );
});
