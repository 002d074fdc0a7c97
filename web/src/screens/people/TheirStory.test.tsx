// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeAll, expect, test } from 'vitest';
import { showScreen } from '../../parts/onScreen.testing';
import { db } from '../../store/database';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { seedOnce } from '../../store/seed.testing';
import { PersonScreen } from './PersonScreen';

beforeAll(() => seedOnce(db, today()));
afterEach(cleanup);

const story = async () => within(await screen.findByRole('region', { name: 'What happened' }));

test('the page of a person tells what they got, with the way to it', async () => {
  showScreen(PersonScreen, '/people/:personId', '/people/bettina');
  const links = await (await story()).findAllByRole('link', { name: /^Got Leading lady, batch/ });
  expect(links[0]?.getAttribute('href')).toMatch(/^\/batches\//);
});

test('what they agreed to has the day on which it was written, and stands in their history', async () => {
  showScreen(PersonScreen, '/people/:personId', '/people/bettina');
  const agreed = await screen.findByLabelText('Did they agree to this record?');
  fireEvent.change(agreed, { target: { value: 'yes, at the stage door' } });
  await waitFor(async () =>
    expect((await people.get('bettina'))?.person).toMatchObject({
      consent: 'yes, at the stage door',
      consentOn: today(),
    }),
  );
  expect(await (await story()).findByText('“yes, at the stage door”')).toBeTruthy();
  fireEvent.change(agreed, { target: { value: '' } });
  await waitFor(async () =>
    expect((await people.get('bettina'))?.person).not.toHaveProperty('consentOn', today()),
  );
});
