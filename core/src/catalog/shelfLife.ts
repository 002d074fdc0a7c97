import { monthsAfter, type Day } from '../quantity';
import type { Base, Oil } from './schema';

/** The day until which a material keeps that was opened on this one; half years count. */
export const keepsFrom = (day: Day, material: Oil | Base): Day =>
  monthsAfter(
    day,
    'shelfMonths' in material ? material.shelfMonths : Math.round(material.shelfYears * 12),
  );
