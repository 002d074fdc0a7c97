import { plainLetters } from '../../quantity';

/** What a part of a recipe holds. */
export type Section = 'ingredients' | 'steps' | 'notes';

const ingredientHeads =
  /^(?:the |what |all |main )?(?:ingredients?(?: list)?|(?:you|we)(?: wi|')?ll need|you need|what you(?:'ll| will)? need|supplies|shopping list|materials?|needed|the blend|blend|essential oils?(?: blend)?|(?:eo|e\.o\.?)s?|carriers?(?: oils?| blend)?|base(?: oils?)?|oils|recipe|formula|butters?(?: and waxes)?|waxes|phase [a-d]|(?:oil|water|wax|heated|cool(?: ?down)?) phase|(?:top|middle|heart)(?: notes?)?|base notes?|for the [\w ]{2,40}|in(?:to)? the (?:bottle|roller|jar))(?: \([^)]*\))?$/;
const stepHeads =
  /^(?:the )?(?:directions?|instructions?|methods?|steps?|how to(?: make(?: it| this)?| do it| blend| prepare)?|to make(?: it)?|making(?: it)?|preparation|procedure|process|what to do|how it'?s made|do this|mix(?:ing)?)(?: \([^)]*\))?$/;
const noteHeads =
  /^(?:the )?(?:notes?|tips?|storage|shelf life|to use|how to use|use|usage|safety|cautions?|warnings?|variations?|about|yields?|makes|serving|why(?: it works| this works)?|benefits|equipment|tools|disclaimer|substitutions?|faq|comments?)$/;

/** The section that a line opens, with what is behind its colon; null where it opens none. */
export const sectionOpened = (
  text: string,
): { readonly section: Section; readonly rest: string } | null => {
  const plain = plainLetters(text);
  const colon = plain.indexOf(':');
  const head = (colon > 0 ? plain.slice(0, colon) : plain)
    .replace(/^[^a-z]+|[^a-z0-9)]+$/g, '')
    .trim();
  const rest = colon > 0 ? text.slice(colon + 1).trim() : '';
  // `1 % blend` says how strong it is.
  if (head === '' || head.length > 60 || /\d ?%/.test(plain)) return null;
  if (stepHeads.test(head)) return { section: 'steps', rest };
  if (ingredientHeads.test(head)) {
    // `Carrier: jojoba` and `Base: 30 ml almond` are told apart from their heads.
    return { section: 'ingredients', rest };
  }
  if (noteHeads.test(head)) return { section: 'notes', rest };
  return null;
};

/** Words that begin what is to be done. */
const doing =
  /^(?:first(?:ly)?,? |then,? |next,? |now,? |finally,? |gently |carefully |once \S+|when \S+|after \S+|in (?:a|the|your) |using |you )?(?:add|allow|apply|beat|blend|boil|chill|crush|dip|drizzle|enjoy|freeze|grind|infuse|refrigerate|scoop|spoon|steep|strain|bottle|bring|carefully|clean|close|combine|cool|cover|dab|dissolve|drip|drop|fill|fit|gently|grate|heat|insert|keep|label|leave|let|massage|measure|melt|mix|once|open|place|pop|pour|press|put|remove|replace|rest|roll|rub|screw|set|shake|simmer|smell|spray|sterili[sz]e|stir|store|swirl|take|tighten|top|turn|use|wait|warm|wash|weigh|whip|whisk|wipe)\b/;

/** True where a line says what to do. */
export const saysWhatToDo = (text: string): boolean => doing.test(plainLetters(text).trim());

/** `Massage oil`, `Roll-on for sleep`: words that begin a name as well as a deed. */
const mayBeName =
  /^(?:massage|roll|rub|spray|blend|mix|press|shake|rest|wash|top|warm|cool|whip|cover|bottle|dab)/;

/** True where a line of a few words may be a name, though a deed begins like that too. */
export const mayBeNamed = (text: string): boolean =>
  !saysWhatToDo(text) ||
  (mayBeName.test(plainLetters(text).trim()) && text.split(/\s+/).length <= 6);

/** True where a line reads like prose: sentences, or many words. */
export const isProse = (text: string): boolean =>
  text.split(/\s+/).length > 14 || /[.!?] +\p{Lu}/u.test(text);
