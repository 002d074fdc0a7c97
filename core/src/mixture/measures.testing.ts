import type { OilMeasure } from './formula';

// How much of an oil, as tests write it.

export const parts = (count: number): OilMeasure => ({ by: 'parts', parts: count });
export const drops = (count: number): OilMeasure => ({ by: 'drops', drops: count });
export const ml = (amount: number): OilMeasure => ({ by: 'ml', ml: amount });
export const g = (amount: number): OilMeasure => ({ by: 'g', g: amount });
