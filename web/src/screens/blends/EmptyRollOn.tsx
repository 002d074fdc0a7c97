/** A roll-on of 10 ml in section, as it stands empty: 20 by 86 mm, filled to 9.5 ml. */
export const EmptyRollOn = () => (
  <svg viewBox="-11 0 34 88" className="h-[min(62vh,520px)] max-sm:mx-auto max-sm:h-36" aria-hidden>
    <rect x="3.6" y="1" width="12.8" height="11" rx="1" fill="var(--cap)" />
    <circle cx="10" cy="13.5" r="4" fill="var(--glass)" stroke="var(--press)" strokeWidth="0.5" />
    <path
      d="M 5 14 H 15 V 17 C 18.6 17.8 19.7 20 19.7 24 V 85 Q 19.7 87 17.7 87 H 2.3 Q 0.3 87 0.3 85 V 24 C 0.3 20 1.4 17.8 5 17 Z"
      fill="var(--glass)"
      stroke="var(--press)"
      strokeWidth="0.6"
    />
    <path d="M 17 28 V 82" stroke="var(--sheet)" strokeWidth="0.9" opacity="0.8" />
    <path
      d="M -1.4 26 H 21.5"
      stroke="var(--ink)"
      strokeWidth="0.45"
      strokeDasharray="1.6 1.2"
      fill="none"
    />
    <text x="-2.2" y="27" textAnchor="end" fontSize="2.6" fill="var(--ink)" fontWeight="600">
      9.5 ml
    </text>
  </svg>
);
