import { expect, test } from 'vitest';
import { labelSheets, papers, spotsOf } from './labelSize';

test('on every sheet all labels lie on the paper, and none on another', () => {
  for (const sheet of labelSheets) {
    const page = papers[sheet.paper];
    const spots = spotsOf(sheet);
    expect(spots).toHaveLength(sheet.columns * sheet.rows);
    for (const { x, y } of spots) {
      expect(x).toBeGreaterThan(0);
      expect(y).toBeGreaterThan(0);
      expect(x + sheet.size.width).toBeLessThan(page.width);
      expect(y + sheet.size.height).toBeLessThan(page.height);
    }
    const [first, second] = spots;
    expect((second?.x ?? 0) - (first?.x ?? 0)).toBeGreaterThan(sheet.size.width);
  }
});

test('65 labels of 38.1 by 21.2 mm begin 4.75 mm from the left and 10.7 mm from the top', () => {
  // (210 - 5 × 38.1 - 4 × 2.5) / 2 and (297 - 13 × 21.2) / 2
  const [first] = spotsOf(labelSheets[0]!);
  expect(first?.x).toBeCloseTo(4.75, 10);
  expect(first?.y).toBeCloseTo(10.7, 10);
});

test('each sheet has an id of its own', () => {
  expect(new Set(labelSheets.map(({ id }) => id)).size).toBe(labelSheets.length);
});
