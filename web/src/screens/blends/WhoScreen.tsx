import { Panel } from '../../ui/Panel';
import {
  settleProblemWords,
  usualWearerName,
  findingMessage,
  wearerWords,
  blendsWords,
} from '@jubbet/core/words';
import { onWearer, usualWearers } from '@jubbet/core/advice';
import { wearerOn } from '@jubbet/core/brief';
import type { Recipe } from '@jubbet/core/recipe';
import { useCatalog } from '../../parts/catalog';
import { ButtonLink } from '../../ui/Button';
import { OneBlend } from '../../parts/OneBlend';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { nonBreaking } from '../../parts/nonBreaking';
import { VerdictMark } from '../../parts/VerdictMark';
import type { PersonRecord } from '../../store/database';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { useThere } from '../../store/useStored';
import { useWorkedOut } from '../../workers/useWorkedOut';
import { Cell, Row, RowHead, Table } from '../../ui/Table';

const People = ({ recipe, house }: { recipe: Recipe; house: readonly PersonRecord[] }) => {
  const catalog = useCatalog();
  const { worked } = useWorkedOut(recipe);
  if (worked.state !== 'done') {
    return (
      <p className="mt-4">
        {worked.state === 'gaps'
          ? 'Fill in the sentence first. Then you can see who can use the blend.'
          : settleProblemWords(catalog, worked.problem)}
      </p>
    );
  }
  const { wearer: own, personId } = recipe.brief;
  const all = [
    // Whoever it is for comes first, where they are not in the house.
    ...(own !== null && own !== 'anyone' && personId === null
      ? [{ id: 'own', name: wearerWords(own), wearer: own }]
      : []),
    ...house.map(({ id, person }) => {
      const wearer = wearerOn(person, today());
      return { id, name: wearerWords(wearer), wearer };
    }),
    ...usualWearers.map(({ id, wearer }) => ({ id, name: usualWearerName(id), wearer })),
  ];
  return (
    <Panel className="mt-4 px-4 pb-1">
      <Table
        cards
        columns={[
          { name: 'Person', width: 'w-[30%]' },
          { name: 'Verdict', width: 'w-36' },
          { name: 'Reasons' },
        ]}
      >
        <tbody>
          {all.map(({ id, name, wearer }) => {
            const { verdict, blocking, against } = onWearer(
              worked.blend,
              worked.evaluation.plan,
              wearer,
            );
            return (
              <Row key={id}>
                <RowHead className="font-semibold">{name}</RowHead>
                <Cell>
                  <VerdictMark verdict={verdict} />
                  {blocking && <b className="block text-sm text-brick">{blendsWords.doNotUse}</b>}
                </Cell>
                <Cell className="text-[14px]">
                  {against.slice(0, 2).map((finding) => (
                    <p key={`${finding.rule}/${finding.subject}`}>
                      {nonBreaking(findingMessage(catalog, finding))}
                    </p>
                  ))}
                  {against.length > 2 && (
                    <p className="text-soft">And {against.length - 2} more.</p>
                  )}
                </Cell>
              </Row>
            );
          })}
        </tbody>
      </Table>
    </Panel>
  );
};

/** One blend, as it is in its drops, against everyone in the house and a few more. */
export const WhoScreen = () => {
  const data = useThere(['people'], () => people.list());
  if (data === undefined) return null;
  return (
    <OneBlend>
      {({ id, recipe }) => (
        <div className="mx-auto max-w-4xl">
          <div className="flex flex-wrap items-center justify-between gap-3">
            <ScreenTitle
              title={`Who can use ${recipe.name || 'this blend'}`}
              aside={blendsWords.sameBottleDropForDrop}
            />
            <div className="flex flex-wrap gap-2">
              <ButtonLink look="first" to={`/blends/${id}/family`}>
                {blendsWords.makeOneForEach}
              </ButtonLink>
              <ButtonLink to={`/blends/${id}`}>{blendsWords.backToTheBlend}</ButtonLink>
            </div>
          </div>
          <People recipe={recipe} house={data} />
          <p className="mt-3 text-sm text-soft">{blendsWords.publishedGuidanceNotMedicalAdviceA}</p>
        </div>
      )}
    </OneBlend>
  );
};
