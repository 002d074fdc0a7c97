import { firstLine } from '@jubbet/core/recipe';
import type { Mixture } from '@jubbet/core/mixture';
import { memo } from 'react';
import { BasesToken } from './BasesToken';
import { PlaceToken } from './PlaceToken';
import { StrengthToken } from './StrengthToken';
import { OftenToken, SunToken, UseToken } from './UseTokens';
import { ContainerToken } from './ContainerToken';
import type { TokenProps } from './tokenProps';
import { WearerToken } from './WearerToken';

const read = [
  'brief',
  'containers',
  'bases',
  'dropsPerMl',
  'guideline',
  'by',
  'mixedInOne',
  'lossPercent',
  'whipPercent',
  'useMl',
  'useCount',
] as const;

/** A drop more leaves most of the sentence as it is: these parts do not read the oils. */
const same = (before: TokenProps, after: TokenProps): boolean =>
  before.change === after.change && read.every((key) => before.recipe[key] === after.recipe[key]);

const Container = memo(ContainerToken, same);
const Wearer = memo(WearerToken, same);
const Place = memo(PlaceToken, same);
const Use = memo(UseToken, same);
const Sun = memo(SunToken, same);
const Often = memo(OftenToken, same);
const Bases = memo(BasesToken, same);

/** The brief, to be read aloud; each coloured part opens in place. */
export const Sentence = memo(
  ({ recipe, change, mixture }: TokenProps & { mixture: Mixture | null }) => {
    const token = { recipe, change };
    return (
      <p
        aria-label="Brief"
        role="group"
        className="rounded-xl border border-line bg-sheet px-5 py-2 font-serif text-[20.5px] leading-[1.45] max-sm:px-4 max-sm:text-[19px]"
      >
        {recipe.containers.length > 1 || firstLine(recipe).count > 1 ? '' : 'A '}
        <Container {...token} /> for <Wearer {...token} />, used on <Place {...token} /> and{' '}
        <Use {...token} />, <Sun {...token} />, <Often {...token} />, at{' '}
        <StrengthToken {...token} mixture={mixture} /> in <Bases {...token} />
      </p>
    );
  },
);
Sentence.displayName = 'Sentence';
