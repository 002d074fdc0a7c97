import type { StepKind } from './stepKind';

export interface LayOutStep {
  readonly id: string;
  readonly kind: 'lay-out';
  readonly oilIds: readonly string[];
}

/** All oils of the batch are ready, those of a pre-dilution too, and are opened one at a time. */
export const layOut: StepKind<LayOutStep> = {
  kind: 'lay-out',
  plan: ({ blend, oils }) => {
    const ids = oils.flatMap(
      ({ oil }) =>
        blend.preDilutions?.find(({ id }) => id === oil.id)?.oils.map((mixed) => mixed.oil.id) ?? [
          oil.id,
        ],
    );
    return ids.length === 0 ? [] : [{ id: 'lay-out', kind: 'lay-out', oilIds: [...new Set(ids)] }];
  },
};
