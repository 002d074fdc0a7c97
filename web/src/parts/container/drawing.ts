import type { Container } from '@jubbet/core/catalog';
import type { ReactNode } from 'react';

/** Where the contents lie, in mm: inside width at the top and at the foot, and height. */
interface Cavity {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly foot: number;
  readonly height: number;
}

/** A container in mm, from its left upper corner. */
export interface Drawing {
  readonly width: number;
  readonly height: number;
  readonly cavity: Cavity;
  /** How high one ml is in the cavity, in mm. */
  readonly perMl: number;
  /** The outline that the contents stay within, where the cavity alone does not say it. */
  readonly clip: string | null;
  /** Behind the contents: the glass. */
  readonly behind: ReactNode;
  /** Before them: walls, lid, what closes it. */
  readonly before: ReactNode;
  /** The walls alone, as it is while it is filled. */
  readonly bare: ReactNode;
  /** The same seen from above, where that shows what it is; with its height. */
  readonly above: { readonly height: number; readonly node: ReactNode } | null;
}

/** Draws a container of one kind. */
export type Draw = (container: Container) => Drawing;

/** Line of the glass, and what is not glass: lids, caps, tubes. */
export const line = { fill: 'none', stroke: 'var(--press)', strokeWidth: 0.6 } as const;
export const solid = { fill: 'var(--cap)' } as const;
