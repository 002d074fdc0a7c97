import { plainLetters, type Span } from '../../quantity';

/** The strength that a recipe says it has, in percent. */
export interface ReadTarget extends Span {
  readonly percent: number;
  readonly upTo?: number;
  readonly text: string;
}

const figure = String.raw`(\d+(?:[.,]\d+)?|½|¼)`;
const range = String.raw`${figure}(?: ?(?:-|to) ?${figure})? ?(?:%|per ?cent)`;
const stated = [
  new RegExp(
    String.raw`${range} ?(?:(?:\w+ ){0,2}(?:dilution|strength|solution|blend(?! of))|(?:of |total |pure )*(?:essential oils?|eos?)\b)`,
  ),
  new RegExp(
    String.raw`(?:dilut(?:ion|ed|e)|strength)(?: (?:rate|ratio|of|is|at|to|this|about|around|roughly|a|the|blend))*[ :=(~]*${range}`,
  ),
  new RegExp(String.raw`\bat (?:a |about )?${range}(?= ?(?:[:.,;)]|$|in\b|for\b))`),
];
const alone = [
  new RegExp(String.raw`\((?:a |about |approx\.? |~)?${range}(?: \w+)?\) *$`),
  new RegExp(String.raw`(?:^|[,;] )(?:a |at |about )?${range}\.?$`),
];

const valueOf = (text: string | undefined): number =>
  text === '½' ? 0.5 : text === '¼' ? 0.25 : Number((text ?? '').replace(',', '.'));

/**
 * The strength that a line states; null where it states none.
 *
 * @param isAlone the line names no material: a percentage by itself is the strength then
 */
export const targetIn = (line: string, isAlone: boolean): ReadTarget | null => {
  const plain = plainLetters(line);
  for (const pattern of isAlone ? [...stated, ...alone] : stated) {
    const match = pattern.exec(plain);
    if (!match) continue;
    const percent = valueOf(match[1]);
    const upTo = match[2] === undefined ? undefined : valueOf(match[2]);
    if (!(percent > 0) || percent > 100) continue;
    return {
      percent,
      ...(upTo !== undefined && upTo > percent && upTo <= 100 && { upTo }),
      from: match.index,
      to: match.index + match[0].length,
      text: line.slice(match.index, match.index + match[0].length).trim(),
    };
  }
  return null;
};
