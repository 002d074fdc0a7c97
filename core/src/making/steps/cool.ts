import type { StepKind } from './stepKind';

export interface CoolStep {
  readonly id: string;
  readonly kind: 'cool';
  readonly toC: readonly [number, number];
  readonly setsAtC: number | null;
}

/** As cool as it still pours, before the oils go in. */
export const cool: StepKind<CoolStep> = {
  kind: 'cool',
  plan: ({ texture }) =>
    texture === null
      ? []
      : [
          {
            id: 'cool',
            kind: 'cool',
            toC: texture.oilsAtC,
            setsAtC: texture.setPointC?.likely ?? null,
          },
        ],
};
