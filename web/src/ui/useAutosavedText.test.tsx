// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { useAutosavedText } from './useAutosavedText';

beforeEach(() => {
  vi.useFakeTimers();
});

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

/** A field over a store that is reported of, and can be written by someone else too. */
const show = (begun = '') => {
  const kept: string[] = [];
  let other: (text: string) => void = () => undefined;
  const Field = ({ stored, keep }: { stored: string; keep: (text: string) => void }) => (
    <input aria-label="Words" {...useAutosavedText(stored, keep)} />
  );
  const House = () => {
    const [stored, setStored] = useState(begun);
    other = setStored;
    return (
      <Field
        stored={stored}
        keep={(text) => {
          kept.push(text);
          setStored(text);
        }}
      />
    );
  };
  const page = render(<House />);
  const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Words' });
  return {
    kept,
    field,
    type: (text: string) => fireEvent.change(field, { target: { value: text } }),
    rest: () => {
      act(() => {
        vi.advanceTimersByTime(1000);
      });
    },
    elsewhere: (text: string) => {
      act(() => {
        other(text);
      });
    },
    gone: () => page.unmount(),
  };
};

test('what is typed is kept after a rest, once, without spaces around it', () => {
  const { kept, field, type, rest } = show();
  fireEvent.focus(field);
  type('gre');
  type('green ');
  expect(kept).toEqual([]);
  rest();
  expect(kept).toEqual(['green']);
  // The space may be the beginning of the next word.
  expect(field.value).toBe('green ');
  type('green tea');
  fireEvent.blur(field);
  expect(kept).toEqual(['green', 'green tea']);
  rest();
  expect(kept).toHaveLength(2);
});

test('it is kept where the field goes, the page is hidden, or the page is closed, before any rest', () => {
  const ways: ((page: ReturnType<typeof show>) => void)[] = [
    ({ gone }) => gone(),
    () => fireEvent(document, new Event('visibilitychange')),
    () => fireEvent(window, new Event('pagehide')),
  ];
  for (const way of ways) {
    const page = show('before');
    page.type('after');
    way(page);
    expect(page.kept).toEqual(['after']);
    cleanup();
  }
});

test('nothing is written of what was not changed, or was taken back', () => {
  const { kept, field, type, rest } = show('as it was');
  fireEvent.focus(field);
  fireEvent.blur(field);
  type('as it was not');
  type('as it was');
  rest();
  expect(kept).toEqual([]);
});

test('words from elsewhere show, unless somebody is typing', () => {
  const { field, type, rest, elsewhere, kept } = show('one');
  elsewhere('two');
  expect(field.value).toBe('two');
  fireEvent.focus(field);
  type('mine');
  elsewhere('theirs');
  expect(field.value).toBe('mine');
  rest();
  expect(kept).toEqual(['mine']);
  fireEvent.blur(field);
  elsewhere('theirs again');
  expect(field.value).toBe('theirs again');
});
