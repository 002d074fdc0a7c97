import { isRunning, type Container } from '@jubbet/core/catalog';
import { useId } from 'react';
import { OilPattern } from '../OilPattern';
import type { Layer } from '../layers';
import { bottle } from './bottle';
import type { Drawing } from './drawing';
import { open } from './open';

/** A container in mm, open or with its lid on, with where its contents are. */
export const drawingOf = (container: Container, closed = false): Drawing => {
  const { kind } = container;
  return isRunning(kind) ? bottle(kind, container) : open(kind, container, closed);
};

/** From this height on, in mm, a layer bears the pattern of its family. */
const leastPatterned = 1.6;

/** Layers as bands of the cavity, which may narrow to its foot. */
const Contents = ({ layers, drawing }: { layers: readonly Layer[]; drawing: Drawing }) => {
  const id = useId();
  const { left, top, width, foot, height } = drawing.cavity;
  const inset = (y: number): number => ((width - foot) / 2) * (Math.max(0, y) / height);
  return layers.map(({ id: layer, ml, fromMl, colour, family }) => {
    const low = height - fromMl * drawing.perMl;
    const high = low - ml * drawing.perMl;
    const [a, b] = [inset(low), inset(high)];
    const d = `M ${left + b} ${top + high} H ${left + width - b} L ${left + width - a} ${top + low + 0.05} H ${left + a} z`;
    const patterned = family !== null && low - high >= leastPatterned;
    return (
      <g key={layer}>
        <path d={d} fill={colour} />
        {patterned && (
          <>
            <OilPattern id={`${id}${layer}`} family={family} colour={colour} tile={3} />
            <path d={d} fill={`url(#${id}${layer})`} />
          </>
        )}
      </g>
    );
  });
};

/** A container as it is, in mm from its left upper corner, with what is in it. */
export const Standing = ({ drawing, layers }: { drawing: Drawing; layers: readonly Layer[] }) => {
  const id = useId();
  return (
    <>
      {drawing.behind}
      {drawing.clip && (
        <clipPath id={id}>
          <path d={drawing.clip} />
        </clipPath>
      )}
      <g clipPath={drawing.clip ? `url(#${id})` : undefined}>
        <Contents layers={layers} drawing={drawing} />
      </g>
      {drawing.before}
    </>
  );
};
