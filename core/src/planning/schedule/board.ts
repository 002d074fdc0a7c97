import { spanFor } from './calendar';
import { attendedMinutes, type Block, type Calendar, type Capacity, type Segment } from './problem';

/** How much of something is taken in each minute. */
class Taken {
  private minutes = new Uint8Array(4096);

  /** The last minute of a stretch in which all is taken; -1 where there is none. */
  lastFull(from: number, to: number, capacity: number): number {
    const end = Math.min(to, this.minutes.length);
    for (let minute = end - 1; minute >= from; minute -= 1) {
      if ((this.minutes[minute] ?? 0) >= capacity) return minute;
    }
    return -1;
  }

  add(from: number, to: number, by: number): void {
    if (to > this.minutes.length) {
      const larger = new Uint8Array(Math.max(to, 2 * this.minutes.length));
      larger.set(this.minutes);
      this.minutes = larger;
    }
    for (let minute = from; minute < to; minute += 1) {
      this.minutes[minute] = (this.minutes[minute] ?? 0) + by;
    }
  }
}

/** What blocks take, minute by minute, and where another can go. */
export class Board {
  private readonly hands = new Taken();
  private readonly pans = new Taken();
  private readonly fridges = new Taken();
  /** The span that was found last: most questions are about the same one. */
  private near = 0;

  constructor(
    private readonly calendar: Calendar,
    private readonly capacity: Capacity,
  ) {}

  /** The first minute from one on at which a block can begin. */
  earliest(block: Block, from: number): number {
    const attended = attendedMinutes(block);
    let start = from;
    for (;;) {
      start = attended > 0 ? this.within(start, attended) : start;
      const next = this.freeFrom(block, start);
      if (next === start) return start;
      start = next;
    }
  }

  /** Puts a block there, or takes it away again. */
  put(block: Block, start: number, by: 1 | -1 = 1): void {
    let at = start;
    for (const segment of block) {
      const end = at + segment.minutes;
      for (const taken of this.takenBy(segment)) taken.add(at, end, by);
      at = end;
    }
  }

  private within(from: number, minutes: number): number {
    this.near = spanFor(this.calendar, from, minutes, this.near);
    return Math.max(from, this.calendar.span(this.near).from);
  }

  /** The start itself where all is free; else the first minute that may do. */
  private freeFrom(block: Block, start: number): number {
    let at = start;
    for (const segment of block) {
      const end = at + segment.minutes;
      const full = Math.max(
        segment.hands ? this.hands.lastFull(at, end, this.capacity.hands) : -1,
        segment.pan ? this.pans.lastFull(at, end, this.capacity.pans) : -1,
        segment.fridge ? this.fridges.lastFull(at, end, this.capacity.fridges) : -1,
      );
      if (full >= 0) return start + (full + 1 - at);
      at = end;
    }
    return start;
  }

  private *takenBy({ hands, pan, fridge }: Segment): Generator<Taken> {
    if (hands) yield this.hands;
    if (pan) yield this.pans;
    if (fridge) yield this.fridges;
  }
}
