import { containerKinds, usualContainers, type Container } from '@jubbet/core/catalog';
import { formatMl, oneOf } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { ContainerFigure } from '../../parts/ContainerFigure';
import { sizeOf } from '../../parts/container/size';

/** One scale for all kinds, in px to the mm; and how high the largest size of a kind is drawn. */
const kindScale = 0.36;
const tallestPx = 96;

const sizesOf = (kind: string): readonly Container[] =>
  usualContainers.filter((usualContainer) => usualContainer.kind === kind);

/** What is for a kind: the size in the middle. */
const typicalOf = (kind: string): Container | undefined => {
  const sizes = sizesOf(kind);
  return sizes[Math.floor((sizes.length - 1) / 2)];
};

const Standing = ({
  container,
  words,
  chosen,
  pxPerMm,
  onChoose,
}: {
  container: Container;
  words: string;
  chosen: boolean;
  pxPerMm: number;
  onChoose: () => void;
}) => (
  // For the hand alone: the whole gallery is hidden from readers, and the fields beside it take keys.
  // eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-static-element-interactions
  <div
    className={clsx(
      'flex min-w-11 cursor-pointer flex-col items-center justify-end gap-1 rounded-lg px-1.5 pt-2 pb-1 text-xs',
      chosen
        ? 'bg-slate-wash font-semibold text-press outline-2 outline-press'
        : 'hover:bg-slate-wash',
    )}
    onClick={onChoose}
  >
    <ContainerFigure container={container} closed pxPerMm={pxPerMm} />
    <span className="whitespace-nowrap">{words}</span>
  </div>
);

/**
 * Containers to point at: every kind at one scale, and the sizes of the kind that is chosen. The
 * fields beside them say and take the same.
 */
export const ContainerGallery = ({
  container,
  onKind,
  onSize,
}: {
  container: Container;
  onKind: (kind: string) => void;
  onSize: (id: string) => void;
}) => {
  const sizes = sizesOf(container.kind);
  const scale = Math.min(1, tallestPx / Math.max(1, ...sizes.map((size) => sizeOf(size).height)));
  return (
    <div aria-hidden className="grid gap-2">
      <div className="flex flex-wrap items-end gap-0.5">
        {containerKinds.map((kind) => {
          const typical = typicalOf(kind);
          return typical ? (
            <Standing
              key={kind}
              container={typical}
              words={oneOf(kind)}
              chosen={kind === container.kind}
              pxPerMm={kindScale}
              onChoose={() => onKind(kind)}
            />
          ) : null;
        })}
      </div>
      <div className="flex flex-wrap items-end gap-0.5 border-t border-line pt-2">
        {sizes.map((size) => (
          <Standing
            key={size.id}
            container={size}
            words={formatMl(size.nominalMl, 4)}
            chosen={size.id === container.id}
            pxPerMm={scale}
            onChoose={() => size.id !== null && onSize(size.id)}
          />
        ))}
      </div>
    </div>
  );
};
