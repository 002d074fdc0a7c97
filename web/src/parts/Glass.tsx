import { containerFacts, findContainer, type Container } from '@jubbet/core/catalog';
import { formatMl, containerWords } from '@jubbet/core/words';
import type { Mixture } from '@jubbet/core/mixture';
import { layersOf } from './layers';
import { OpenContainer, openWidthMm } from './OpenContainer';

/** The container in section, in mm: outer size from the library, or of a like bottle. */
const shapeOf = (container: Container) => {
  const usual = container.id ? findContainer(container.id) : undefined;
  const brimful = usual?.brimfulMl ?? container.brimfulMl ?? container.nominalMl * 1.15;
  return {
    width: usual?.outerDiameterMm ?? 20 * Math.cbrt(container.nominalMl / 10),
    height: usual?.heightMm ?? 86 * Math.cbrt(container.nominalMl / 10),
    brimful,
  };
};

/** Room for words beside a container, in mm. */
const sideMm = 34;

const graduation = (nominalMl: number): number =>
  nominalMl <= 5 ? 1 : nominalMl <= 15 ? 5 : nominalMl <= 60 ? 10 : 50;

interface Box {
  readonly left: number;
  readonly width: number;
  readonly height: number;
  readonly cap: number;
}

/** What closes the bottle, and what of it stands in the liquid. */
const Top = ({ kind, box: { left, width, height, cap } }: { kind: string; box: Box }) => {
  const middle = left + width / 2;
  const lid = (
    <rect
      x={left + width * 0.12}
      y={kind === 'roll-on' ? 0 : cap * 0.45}
      width={width * 0.76}
      height={kind === 'roll-on' ? cap * 0.8 : cap * 0.5}
      rx={1}
      fill="var(--soft)"
      opacity={0.45}
    />
  );
  const tube = (to: number, thick: number) => (
    <path
      d={`M ${middle} ${cap * 0.9} V ${height * to}`}
      stroke="var(--soft)"
      strokeWidth={thick}
      opacity={0.55}
      fill="none"
    />
  );
  switch (kind) {
    case 'roll-on':
      return (
        <>
          {lid}
          <circle
            cx={middle}
            cy={cap * 0.95}
            r={width * 0.2}
            fill="var(--glass)"
            stroke="var(--soft)"
            strokeWidth={0.4}
          />
        </>
      );
    case 'dropper bottle':
      return (
        <>
          {tube(0.82, width * 0.09)}
          {lid}
          <rect
            x={middle - width * 0.15}
            y={-height * 0.01}
            width={width * 0.3}
            height={cap * 0.5}
            rx={width * 0.13}
            fill="var(--soft)"
            opacity={0.7}
          />
        </>
      );
    case 'pump bottle':
    case 'treatment pump':
      return (
        <>
          {tube(0.95, width * 0.05)}
          {lid}
          <path
            d={`M ${middle} ${cap * 0.45} V ${cap * 0.12} h ${width * 0.42} v ${cap * 0.16}`}
            stroke="var(--soft)"
            strokeWidth={width * 0.09}
            fill="none"
          />
        </>
      );
    case 'spray bottle':
      return (
        <>
          {tube(0.95, width * 0.04)}
          {lid}
          <rect
            x={middle - width * 0.2}
            y={0}
            width={width * 0.4}
            height={cap * 0.45}
            rx={0.8}
            fill="var(--soft)"
            opacity={0.7}
          />
          <circle cx={middle + width * 0.14} cy={cap * 0.22} r={width * 0.03} fill="var(--sheet)" />
        </>
      );
    default:
      return lid;
  }
};

interface GlassProps {
  readonly container: Container;
  readonly mixture: Mixture | null;
  /** True where the mixture is a whole jug, of which this container takes its fill. */
  readonly poured?: boolean;
  /** Width of the widest container drawn beside this one, in mm, so that all are to one scale. */
  readonly spanMm?: number;
}

/** How wide a container is drawn, in mm. */
export const widthMm = (container: Container): number =>
  containerFacts(container.kind).runs ? shapeOf(container).width : openWidthMm(container);

/** A container to scale with what is in it: a bottle, or what is scooped or rubbed from. */
export const Glass = (props: GlassProps) =>
  containerFacts(props.container.kind).runs ? (
    <BottleGlass {...props} />
  ) : (
    <OpenContainer {...props} />
  );

/**
 * A bottle to scale: its true outline, fill line and graduations, and the liquids
 * in their true proportion.
 */
const BottleGlass = ({ container, mixture, poured = false, spanMm }: GlassProps) => {
  const { width, height, brimful } = shapeOf(container);
  const fill = (container.nominalMl * container.workingFillPercent) / 100;
  const cap = height * 0.13;
  const neck = height * 0.07;
  const body = height - cap - neck;
  const wall = 1;
  // The shoulder stands where a full bottle has about six sevenths of what it takes brimful.
  const perMl = (body - wall) / (brimful * 0.86);
  const bottom = height - wall;
  const yOf = (ml: number) => bottom - ml * perMl;
  const left = width * 0.55;
  const aside = Math.max(0, (spanMm ?? 0) + sideMm - 2 * left - width) / 2;
  const liquids = layersOf(mixture, poured ? fill : null);
  const step = graduation(container.nominalMl);
  const marks = Array.from(
    { length: Math.floor(container.nominalMl / step) },
    (_, n) => (n + 1) * step,
  ).filter((ml) => Math.abs(ml - fill) > step * 0.35 && ml < fill);
  const corner = width * 0.14;
  const inner = { x: left + wall, width: width - 2 * wall };
  const outline = `M ${left + width * 0.2} ${cap} h ${width * 0.6} v ${neck * 0.6} q ${width * 0.2} 0 ${width * 0.2} ${neck} V ${height - corner} q 0 ${corner} ${-corner} ${corner} h ${-(width - 2 * corner)} q ${-corner} 0 ${-corner} ${-corner} V ${cap + neck * 1.6} q 0 ${-neck} ${width * 0.2} ${-neck} z`;
  const text = 0.07 * (2 * left + width);
  return (
    <svg
      role="img"
      aria-label={`A ${containerWords(container)}, filled to ${formatMl(fill, 3)}`}
      viewBox={`${-aside} -1 ${left * 2 + width + 2 * aside} ${height + 2}`}
      className="mx-auto block h-full max-h-[430px] w-full max-w-[210px]"
    >
      <clipPath id="glass-inside">
        <path d={outline} />
      </clipPath>
      <path d={outline} fill="var(--glass)" />
      <g clipPath="url(#glass-inside)">
        {liquids.map(({ id, ml, fromMl, colour }) => (
          <rect key={id} {...inner} y={yOf(fromMl + ml)} height={ml * perMl + 0.05} fill={colour} />
        ))}
      </g>
      <path d={outline} fill="none" stroke="var(--press)" strokeWidth={0.7} />
      <Top kind={container.kind} box={{ left, width, height, cap }} />
      <g fontSize={text} fill="var(--soft)" textAnchor="end">
        {marks.map((ml) => (
          <g key={ml}>
            <path
              d={`M ${left} ${yOf(ml)} h ${width * 0.14}`}
              stroke="var(--soft)"
              strokeWidth={0.4}
            />
            <text x={left - 1.2} y={yOf(ml) + text * 0.35}>
              {ml} ml
            </text>
          </g>
        ))}
        <path
          d={`M ${left - 1} ${yOf(fill)} h ${width + 2}`}
          stroke="var(--ink)"
          strokeWidth={0.4}
          strokeDasharray="1.2 0.8"
        />
        <text x={left - 1.2} y={yOf(fill) + text * 0.35} fill="var(--ink)" fontWeight={600}>
          {formatMl(fill, 3)}
        </text>
      </g>
    </svg>
  );
};
