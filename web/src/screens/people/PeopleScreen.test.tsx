// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { showScreen } from '../../parts/onScreen.testing';
import { people } from '../../store/people';
import { PeopleScreen } from './PeopleScreen';

afterEach(cleanup);

test('what matters for their skin is said in words, not by ids', async () => {
  await people.add({
    name: 'Odile',
    born: '1955-02',
    pregnant: false,
    breastfeeding: false,
    conditions: ['anticoagulants', 'something of her own'],
    allergies: ['tree nut'],
    skin: 'normal',
  });
  showScreen(PeopleScreen, '/people');
  expect(
    await screen.findByText('blood thinners · something of her own · allergic to tree nuts'),
  ).toBeTruthy();
});
