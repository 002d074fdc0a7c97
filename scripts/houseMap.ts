// npm run map: draws docs/house-map.svg, the rooms of the house and what they import, from the imports
// themselves.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';

/** Top folders whose own folders are rooms; the others are one room each. */
const withRooms = ['core/src', 'web/src'];
const single = ['protocol/src', 'server/src'];

interface Room {
  files: number;
  lines: number;
  readonly imports: Map<string, number>;
}

const isSource = (name: string): boolean =>
  /\.tsx?$/.test(name) && !/\.(test|testing|long)\.|testing\.ts/.test(name);

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && isSource(entry.name))
    .map((entry) => join(entry.parentPath, entry.name));

/** The room of a file: `core/limits`, `web/store`, `server`. */
const roomOf = (file: string): string => {
  const [top = '', , room = ''] = file.split('/');
  return withRooms.includes(`${top}/src`) && !room.includes('.') ? `${top}/${room}` : top;
};

const packages: Readonly<Record<string, string>> = { core: 'core', protocol: 'protocol' };

/** The room that an import leads to; null where it leaves the house. */
const targetOf = (from: string, to: string): string | null => {
  if (to.startsWith('.')) return roomOf(normalize(join(dirname(from), to)));
  const [, name = '', room] = /^@jubbet\/(\w+)(?:\/(\w+))?/.exec(to) ?? [];
  const top = packages[name];
  if (top === undefined) return null;
  return room ? `${top}/${room}` : top;
};

const rooms = new Map<string, Room>();
for (const file of [...withRooms, ...single].flatMap(filesIn)) {
  const text = readFileSync(file, 'utf8');
  const room = roomOf(file);
  const entry = rooms.get(room) ?? { files: 0, lines: 0, imports: new Map<string, number>() };
  rooms.set(room, entry);
  entry.files += 1;
  entry.lines += text.split('\n').length - 1;
  for (const [, to = ''] of text.matchAll(/(?:from|import\()\s*'([^']+)'/g)) {
    const target = targetOf(file, to);
    if (target !== null && target !== room) {
      entry.imports.set(target, (entry.imports.get(target) ?? 0) + 1);
    }
  }
}

/** The core in the order of its rooms, as the linter holds it. */
const coreOrder =
  /const rooms = \[([^\]]*)\]/
    .exec(readFileSync('.dependency-cruiser.cjs', 'utf8'))?.[1]
    ?.match(/\w+/g)
    ?.map((room) => `core/${room}`)
    .filter((room) => rooms.has(room)) ?? [];
const others = [...rooms.keys()]
  .filter((room) => !coreOrder.includes(room))
  .sort((a, b) => a.localeCompare(b));

const rowHeight = 34;
const [coreX, otherX] = [60, 660];
const boxWidth = 300;
const place = new Map<string, { x: number; y: number }>([
  ...coreOrder.map((room, n) => [room, { x: coreX, y: 80 + n * rowHeight }] as const),
  ...others.map((room, n) => [room, { x: otherX, y: 80 + n * rowHeight }] as const),
]);
const height = 110 + Math.max(coreOrder.length, others.length) * rowHeight;

const arrows = [...rooms].flatMap(([from, { imports }]) =>
  [...imports].flatMap(([to, count]) => {
    const [start, end] = [place.get(from), place.get(to)];
    if (!start || !end) return [];
    const width = Math.min(4, 0.5 + Math.log2(1 + count) / 2).toFixed(1);
    const [y1, y2] = [start.y + 12, end.y + 12];
    // Within a column an arrow swings out beside it; across, it goes straight.
    const isWithin = start.x === end.x;
    const side = start.x === coreX ? start.x : start.x + boxWidth;
    const swing = Math.min(55, 8 + Math.abs(y2 - y1) / 10) * (start.x === coreX ? -1 : 1);
    const path = isWithin
      ? `M${side} ${y1} C${side + swing} ${y1} ${side + swing} ${y2} ${side} ${y2}`
      : `M${Math.min(start.x, end.x) + boxWidth} ${start.x < end.x ? y1 : y2} L${otherX} ${start.x < end.x ? y2 : y1}`;
    return [
      `<path d="${path}" stroke-width="${width}"><title>${from} imports ${to}: ${count} times</title></path>`,
    ];
  }),
);

const boxes = [...place].map(([room, { x, y }]) => {
  const { files, lines } = rooms.get(room) ?? { files: 0, lines: 0 };
  return `<g transform="translate(${x} ${y})"><rect width="${boxWidth}" height="25" rx="5"/><text x="10" y="17">${room}</text><text x="${boxWidth - 10}" y="17" text-anchor="end" class="size">${files} files, ${lines} lines</text></g>`;
});

writeFileSync(
  'docs/house-map.svg',
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1020 ${height}" font-family="sans-serif" font-size="13">
<style>rect{fill:#fbfaf6;stroke:#20409a}text{fill:#1d2433}.size{fill:#565d6e;font-size:11px}path{fill:none;stroke:#20409a;opacity:.25}</style>
<rect width="1020" height="${height}" style="fill:#f3f1ea;stroke:none"/>
<text x="${coreX}" y="50" font-size="18">core: data walks down, imports go up</text>
<text x="${otherX}" y="50" font-size="18">what shows, keeps and serves</text>
${arrows.join('\n')}
${boxes.join('\n')}
</svg>
`,
);
