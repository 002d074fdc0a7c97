/** What is typed into one field: a name, and how much of it where that is beside it. */
export interface OilSaid {
  readonly name: string;
  /** As it was typed, to be read as an amount; null where none is there. */
  readonly amount: string | null;
}

const figure = String.raw`(?:\d+(?:[.,/]\d+)?(?: ?[½¼¾⅓⅔])?|[½¼¾⅓⅔])`;
const unit = String.raw`(?:drops?|gtts?|ml|g|%|parts?|tsps?|tbsps?)`;
const ahead = new RegExp(String.raw`^(${figure} ?${unit}) (?:of )?(.+)$`, 'i');
const behind = new RegExp(String.raw`^(.+?)(?:[ ,:–-]+|(?<=\D)(?=\d))(${figure} ?${unit})$`, 'i');
const bare = /^(.+?\D) ?(\d{1,3})$/;

const tidied = (name: string): string => name.replace(/[\s,:–-]+$/, '').trim();

/**
 * Parts what is typed: `lavender 10 drops`, `10 drops lavender`, `lavender 10`. A bare number behind
 * a name is drops.
 */
export const oilSaid = (text: string): OilSaid => {
  const plain = text.trim().replace(/\s+/g, ' ');
  const first = ahead.exec(plain);
  if (first) return { name: tidied(first[2] ?? ''), amount: first[1] ?? null };
  const last = behind.exec(plain);
  if (last) return { name: tidied(last[1] ?? ''), amount: last[2] ?? null };
  const alone = bare.exec(plain);
  return alone
    ? { name: tidied(alone[1] ?? ''), amount: `${alone[2] ?? ''} drops` }
    : { name: plain, amount: null };
};
