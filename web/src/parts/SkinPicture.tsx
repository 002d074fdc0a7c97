import type { SkinSign } from '@jubbet/core/batch';

const dots = [
  [22, 20],
  [34, 17],
  [29, 27],
  [41, 26],
  [36, 34],
  [24, 33],
] as const;

/** A patch of skin, drawn: what is to be seen is out by shape as well as by colour. */
export const SkinPicture = ({ sign }: { sign: SkinSign }) => (
  <svg aria-hidden viewBox="0 0 64 52" className="h-13 w-16 forced-color-adjust-none">
    <rect x="1" y="1" width="62" height="50" rx="8" fill="#e6c3a5" stroke="#8a6a50" />
    {sign !== 'clear' && (
      <ellipse
        cx="32"
        cy="26"
        rx="19"
        ry="15"
        fill={sign === 'pink' ? '#e3a395' : '#c9564a'}
        stroke={sign === 'pink' ? 'none' : '#8c2f26'}
        strokeDasharray={sign === 'red' ? '3 2' : undefined}
      />
    )}
    {sign === 'raised' &&
      dots.map(([x, y]) => <circle key={x} cx={x} cy={y} r="3" fill="#dd8277" stroke="#7a241c" />)}
    {sign === 'blisters' &&
      dots.map(([x, y]) => (
        <circle key={x} cx={x} cy={y} r="4.5" fill="#f6ecd2" stroke="#7a241c" strokeWidth="1.5" />
      ))}
  </svg>
);
