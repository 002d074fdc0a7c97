import type { StepKind } from './stepKind';

export interface SmellStep {
  readonly id: string;
  readonly kind: 'smell';
}

/** The oils are smelled together before anything is poured over them. */
export const smell: StepKind<SmellStep> = {
  kind: 'smell',
  plan: ({ oils }) => (oils.length === 0 ? [] : [{ id: 'smell', kind: 'smell' }]),
};
