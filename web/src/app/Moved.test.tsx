// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { isAtFormerAddress, Moved } from './Moved';

afterEach(cleanup);

const at = (address: string) => isAtFormerAddress(new URL(address) as unknown as Location);

test('only the old address on this machine says that it moved', () => {
  expect(at('http://localhost:4173/blends')).toBe(true);
  expect(at('http://127.0.0.1:4173/')).toBe(true);
  expect(at('http://localhost:4718/')).toBe(false);
  expect(at('https://example.org:4173/')).toBe(false);
});

test('it says where to, and how to bring along what is kept here', () => {
  render(<Moved />);
  expect(screen.getByRole('link', { name: 'http://localhost:4718' })).toBeTruthy();
  expect(screen.getByRole('link', { name: /back up everything/ }).getAttribute('href')).toBe(
    '/settings',
  );
});
