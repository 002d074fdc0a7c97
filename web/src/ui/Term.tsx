import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import type { ReactNode } from 'react';

/** What the words of the field mean, for whoever meets them for the first time. */
const meanings = {
  'dermal maximum': 'The most of one oil on skin, in percent of the finished product.',
  phototoxic:
    'Phototoxic, or sun-sensitising: on skin that sees the sun it can burn, even days later. Each such oil has a limit, and what all of them use of it adds up.',
  'combined limit':
    'A constituent that many oils share, such as citral, has one limit for all of them together.',
} as const;

/** A word of the field that explains itself where it is. */
export const Term = ({ term, children }: { term: keyof typeof meanings; children: ReactNode }) => (
  <Popover as="span">
    <PopoverButton className="min-h-6 rounded-xs text-left font-[inherit] underline decoration-dotted underline-offset-3">
      {children}
    </PopoverButton>
    <PopoverPanel
      anchor={{ to: 'bottom', gap: 6, padding: 12 }}
      className="z-40 w-72 max-w-[calc(100vw-24px)] rounded-lg border border-line bg-sheet px-3 py-2 text-left text-sm font-normal text-ink shadow-lg"
    >
      {meanings[term]}
    </PopoverPanel>
  </Popover>
);
