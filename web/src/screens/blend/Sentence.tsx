import type { Mixture } from '@jubbet/core';
import { BasesToken } from './BasesToken';
import { PlaceToken } from './PlaceToken';
import { StrengthToken } from './StrengthToken';
import { SunToken, UseToken } from './UseTokens';
import { VesselToken } from './VesselToken';
import type { TokenProps } from './tokenProps';
import { WearerToken } from './WearerToken';

/** The brief, to be read aloud; each coloured part opens in place. */
export const Sentence = ({ draft, change, mixture }: TokenProps & { mixture: Mixture | null }) => {
  const token = { draft, change };
  return (
    <p
      aria-label="Brief"
      role="group"
      className="rounded-xl border border-line bg-sheet px-5 py-3 font-serif text-[21px] leading-[1.6] max-sm:px-4 max-sm:text-[19px]"
    >
      {draft.count > 1 ? '' : 'A '}
      <VesselToken {...token} /> for <WearerToken {...token} />, worn on the{' '}
      <PlaceToken {...token} /> and <UseToken {...token} />, <SunToken {...token} />, at{' '}
      <StrengthToken {...token} mixture={mixture} /> in <BasesToken {...token} />.
    </p>
  );
};
