// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState, type ComponentProps } from 'react';
import { afterEach, expect, test } from 'vitest';
import { NumberField } from './NumberField';

afterEach(cleanup);

type Props = ComponentProps<typeof NumberField>;

/** A field over a number that is reported of each time it changes. */
const show = (begun: number | null, more: Partial<Props> = {}) => {
  const told: (number | null)[] = [];
  const Field = () => {
    const [value, setValue] = useState(begun);
    const set = (next: number | null): void => {
      told.push(next);
      setValue(next);
    };
    return (
      <NumberField
        label="Amount"
        value={value}
        rule={{ least: 0, most: 100 }}
        onNumber={set}
        {...more}
        {...(more.onEmpty ? { onEmpty: () => set(null) } : {})}
      />
    );
  };
  render(<Field />);
  const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Amount' });
  return {
    field,
    told,
    type: (text: string) => fireEvent.change(field, { target: { value: text } }),
  };
};

test('a number is taken while it is typed, however it is written', () => {
  const { type, told } = show(1, { unit: 'ml' });
  type('2');
  type('2,5');
  type(' 3.25 ');
  type('4 ml');
  expect(told).toEqual([2, 2.5, 3.25, 4]);
  expect(screen.queryByRole('alert')).toBeNull();
});

test('what cannot stand is told of, takes back what was kept of it, and leaving puts back what stands', () => {
  const { field, type, told } = show(7);
  type('12');
  type('1200');
  expect(told).toEqual([12, 7]);
  expect(field.getAttribute('aria-invalid')).toBe('true');
  expect(screen.getByRole('alert').textContent).toMatch(/100/);
  // What is stated is at the field for those who hear it.
  expect(field.getAttribute('aria-describedby')).toBe(screen.getByRole('alert').id);
  fireEvent.blur(field);
  expect(field.value).toBe('7');
  expect(screen.queryByRole('alert')).toBeNull();
});

test('a number that may be read in two ways asks, and one press answers', () => {
  const { field, type, told } = show(7, { rule: { least: 0, most: 5000 } });
  type('1,250');
  const readings = screen.getAllByRole('button').map((button) => button.textContent);
  expect(readings).toHaveLength(2);
  expect(told).toEqual([]);
  fireEvent.click(screen.getAllByRole('button')[0] as HTMLElement);
  expect(told).toHaveLength(1);
  expect([1.25, 1250]).toContain(told[0]);
  expect(field.getAttribute('aria-invalid')).toBe('false');
});

test('empty stands only where it may', () => {
  const needed = show(7);
  needed.type('');
  expect(screen.getByRole('alert')).toBeTruthy();
  expect(needed.told).toEqual([]);
  cleanup();
  const free = show(7, { onEmpty: () => undefined });
  free.type('');
  expect(screen.queryByRole('alert')).toBeNull();
  expect(free.told).toEqual([null]);
});

test('words are tried as words, and only a number that may not stand is answered as one', () => {
  const heard: string[] = [];
  const { type } = show(7, {
    readTyped: (text, act) => {
      if (act) heard.push(text);
      return text === 'to the neck' ? null : { sentence: 'Type how full it is.', readings: [] };
    },
  });
  type('to the neck');
  expect(screen.queryByRole('alert')).toBeNull();
  type('to the moon');
  expect(screen.getByRole('alert').textContent).toContain('Type how full it is.');
  type('900');
  expect(screen.getByRole('alert').textContent).not.toContain('how full');
  expect(heard).toEqual(['to the neck', 'to the moon']);
});
