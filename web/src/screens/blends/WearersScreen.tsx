import {
  settleProblemWords,
  usualWearerName,
  findingMessage,
  wearerWords,
} from '@jubbet/core/words';
import { onWearer, usualWearers } from '@jubbet/core/advice';
import { wearerOn } from '@jubbet/core/brief';
import type { Recipe } from '@jubbet/core/recipe';
import { useCatalog } from '../../parts/catalog';
import { useParams } from 'react-router';
import { ButtonLink } from '../../parts/Button';
import { Missing } from '../../parts/Missing';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { together } from '../../parts/together';
import { VerdictMark } from '../../parts/VerdictMark';
import { blends } from '../../store/blends';
import type { PersonRecord } from '../../store/database';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { useStored } from '../../store/useStored';
import { useWorkedOut } from '../../workers/useWorkedOut';

const Table = ({ recipe, house }: { recipe: Recipe; house: readonly PersonRecord[] }) => {
  const catalog = useCatalog();
  const { worked } = useWorkedOut(recipe);
  if (worked.state !== 'done') {
    return (
      <p className="mt-4">
        {worked.state === 'gaps'
          ? 'The sentence still has gaps, so nobody can be compared yet.'
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
    <table className="mt-4 w-full border-collapse rounded-xl border border-line bg-sheet max-sm:block">
      <thead className="max-sm:sr-only">
        <tr className="border-b border-line text-left text-sm text-soft">
          <th scope="col" className="w-[30%] px-4 py-2 font-semibold">
            Wearer
          </th>
          <th scope="col" className="w-32 px-2 py-2 font-semibold">
            Verdict
          </th>
          <th scope="col" className="px-2 py-2 font-semibold">
            What speaks against it
          </th>
        </tr>
      </thead>
      <tbody className="max-sm:block">
        {all.map(({ id, name, wearer }) => {
          const { verdict, blocking, against } = onWearer(
            worked.blend,
            worked.evaluation.plan,
            wearer,
          );
          return (
            <tr
              key={id}
              className="border-b border-line align-top last:border-0 max-sm:block max-sm:py-2"
            >
              <th
                scope="row"
                className="px-4 py-2.5 text-left font-semibold max-sm:block max-sm:py-0.5"
              >
                {name}
              </th>
              <td className="px-2 py-2.5 max-sm:block max-sm:px-4 max-sm:py-0.5">
                <VerdictMark verdict={verdict} />
                {blocking && <b className="block text-sm text-brick">must not use it</b>}
              </td>
              <td className="px-2 py-2.5 text-[14px] max-sm:block max-sm:px-4 max-sm:py-0.5">
                {against.slice(0, 2).map((one) => (
                  <p key={`${one.rule}/${one.subject}`}>{together(findingMessage(catalog, one))}</p>
                ))}
                {against.length > 2 && <p className="text-soft">And {against.length - 2} more.</p>}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
};

/** One blend, as it stands in its drops, against everyone in the house and a few more. */
export const WearersScreen = () => {
  const { blendId = '' } = useParams();
  const { data, error } = useStored(['blend', blendId], () => blends.get(blendId));
  const house = useStored(['people'], () => people.list());
  const failed = error ?? house.error;
  if (failed) throw failed;
  if (data === undefined || house.data === undefined) return null;
  if (data === null) {
    return <Missing title="This blend is not in the book" text="It may have been deleted." />;
  }
  return (
    <div className="mx-auto max-w-4xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title={`Who may wear ${data.recipe.name || 'this blend'}`}
          aside="the same bottle, drop for drop"
        />
        <ButtonLink to={`/blends/${blendId}`}>Back to the sheet</ButtonLink>
      </div>
      <Table recipe={data.recipe} house={house.data} />
      <p className="mt-3 text-sm text-soft">
        Published guidance, not medical advice. A licensed practitioner comes first.
      </p>
    </div>
  );
};
