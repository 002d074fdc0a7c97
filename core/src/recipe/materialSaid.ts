import { forms } from '../catalog';
import { amountsIn } from '../quantity';

/** What is typed into one field: a name, and how much of it where that is beside it. */
export interface MaterialSaid {
  readonly name: string;
  /** As it was typed, to be read as an amount; null where none is there. */
  readonly amount: string | null;
}

const bare = /^(.+?\D) ?(\d{1,3})$/;
const times = /^(.+?) ?[x×] ?(\d{1,3})$/i;

const tidied = (name: string): string =>
  name
    .replace(/^[\s,:–-]*(?:of )?/i, '')
    .replace(/[\s,:–-]+$/, '')
    .trim();

/** How something lies in a spoon stands before its name and belongs to its amount: `grated`. */
const formAhead = new RegExp(`^(${[...forms, 'melted'].join('|')}) (?=\\S)`, 'i');

/**
 * Parts what is typed: `lavender 10 drops`, `10 to 15 drops of lavender`, `½ cup grated beeswax`,
 * `a fifth of the bottle geranium`. Of oils a bare number behind a name is drops.
 */
export const materialSaid = (text: string, isOil: boolean): MaterialSaid => {
  const plain = text.trim().replace(/\s+/g, ' ');
  const found = amountsIn(plain).filter(
    ({ from, to }) => from === 0 || plain.slice(to).trim() === '',
  );
  const [amount] = found;
  if (amount) {
    const isAhead = amount.from === 0;
    const name = tidied(isAhead ? plain.slice(amount.to) : plain.slice(0, amount.from));
    const said = plain.slice(amount.from, amount.to).trim();
    const form = isAhead && !isOil ? formAhead.exec(name) : null;
    if (name !== '')
      return form
        ? { name: name.slice(form[0].length), amount: `${said} ${form[1] ?? ''}` }
        : { name, amount: said };
  }
  const alone = isOil ? (times.exec(plain) ?? bare.exec(plain)) : null;
  return alone
    ? { name: tidied(alone[1] ?? ''), amount: `${alone[2] ?? ''} drops` }
    : { name: plain, amount: null };
};
