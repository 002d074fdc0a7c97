import { ageWords } from '../brief/words';
import type { Wearer } from '../brief/wearer';
import type { Made } from '../make/made';
import type { BlendFile } from './blendFile';
import { fileToDraft, type BlendDraft } from './draft';

/**
 * A batch as a sheet again, as it was made: the drops that fell, in the container that it went
 * into. Where several bottles differ it is as in the first. An oil of which nothing went in is
 * left out. Of a batch with nothing in it the plan is all there is.
 */
export const draftAsMade = (file: BlendFile, { vessels, tally }: Made): BlendDraft => {
  const planned = fileToDraft(file);
  const first = vessels.find(({ isEmpty }) => !isEmpty);
  if (!first) return planned;
  const { mixture } = first.evaluation;
  const moved = tally.movedTo.get(first.number);
  return {
    ...planned,
    ...(moved === undefined ? {} : { vessel: { id: moved } }),
    oils: planned.oils.flatMap((oil, index) => {
      const mixed = mixture.oils[index];
      if (!mixed || mixed.ml.likely === 0) return [];
      return [oil.drops === undefined ? oil : { ...oil, drops: mixed.drops ?? oil.drops }];
    }),
  };
};

/** True where what was made is what was planned, in every container. */
export const isAsPlanned = (file: BlendFile, made: Made): boolean =>
  made.tally.movedTo.size === 0 &&
  made.tally.filledTo.size === 0 &&
  made.vessels.every(({ evaluation: { mixture } }) =>
    file.oils.every(({ drops }, index) => {
      const mixed = mixture.oils[index];
      return drops === undefined ? (mixed?.ml.likely ?? 0) > 0 : mixed?.drops === drops;
    }),
  );

const differing = (before: readonly string[], after: readonly string[]): string[] => [
  ...after.filter((one) => !before.includes(one)).map((one) => `now: ${one}`),
  ...before.filter((one) => !after.includes(one)).map((one) => `no longer: ${one}`),
];

/** What has changed of somebody between two days, in a few words each; none where nothing has. */
export const wearerChanges = (before: Wearer, after: Wearer): string[] => {
  const age = [before, after].map(({ ageMonths }) => ageWords(ageMonths));
  const stage = (is: (wearer: Wearer) => boolean, word: string): string[] =>
    is(before) === is(after) ? [] : [is(after) ? `now ${word}` : `no longer ${word}`];
  return [
    ...(age[0] === age[1] ? [] : [`${age[1]} old, ${age[0]} then`]),
    ...stage(({ pregnant }) => pregnant, 'pregnant'),
    ...stage(({ nursing }) => nursing, 'breastfeeding'),
    ...(before.skin === after.skin ? [] : [`${after.skin} skin, ${before.skin} then`]),
    ...differing(before.conditions, after.conditions),
    ...differing(before.allergies, after.allergies).map((one) => `${one} (allergy)`),
  ];
};
