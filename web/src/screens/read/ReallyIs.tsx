import {
  noStronger,
  strengthFor,
  type StrengthFor,
  strengthsByDrop,
  usualWearers,
} from '@jubbet/core/advice';
import { wearerOn } from '@jubbet/core/brief';
import { placeId, type PlaceId } from '@jubbet/core/catalog';
import { textureOf } from '@jubbet/core/mixture';
import { choosePlace, setWearer, type Recipe } from '@jubbet/core/recipe';
import {
  formatList,
  formatPercent,
  placeWords,
  textureName,
  timesTooStrongWords,
  uncapitalised,
  usualWearerName,
  wearerWords,
  readWords,
} from '@jubbet/core/words';
import { useMemo, useState } from 'react';
import { Button } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { SelectField } from '../../ui/Field';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { VerdictBox } from '../../parts/VerdictBox';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { useStored } from '../../store/useStored';
import { useWorkedOut } from '../../workers/useWorkedOut';
import { Section } from '../../ui/Section';

const anyone = 'anyone';
/** More of a large house are looked at on the blend’s own page. */
const mostPeople = 40;

/** For whom it is too strong, and by how much. */
const TooStrongFor = ({
  rows,
  isUnsure,
}: {
  /** True while something of the recipe is not understood: then nobody is within. */
  isUnsure: boolean;
  rows: readonly ({ readonly key: string; readonly name: string } & StrengthFor)[];
}) => {
  const over = rows.filter(({ times }) => times > 1);
  const within = rows.filter(({ times }) => times <= 1);
  return (
    <div className="grid gap-2">
      <h4 className="text-sm text-soft">{readWords.tooStrongFor}</h4>
      {over.length > 0 && (
        <Table
          cards
          columns={[{ name: 'For whom' }, { name: 'At most', right: true }, { name: 'This is' }]}
        >
          <tbody>
            {over.map(({ key, name, maximum, times }) => (
              <Row key={key}>
                <RowHead>{name}</RowHead>
                <Cell right under="At most" className="whitespace-nowrap">
                  {maximum === 0 ? 'none' : formatPercent(maximum)}
                </Cell>
                <Cell under="This is" className="text-brick">
                  ■ {timesTooStrongWords(times)}
                </Cell>
              </Row>
            ))}
          </tbody>
        </Table>
      )}
      {within.length > 0 && (
        <p className="text-[15px]">
          {isUnsure
            ? '○ Can’t be checked while something is not understood: '
            : '● Within the maximum for '}
          {formatList(within.map(({ name }) => name))}.
        </p>
      )}
    </div>
  );
};

/** What a recipe really is: how strong in whose drops, for whom too strong; and how to make it the maker’s own. */
export const ReallyIs = ({
  recipe,
  dropsPerMl,
  onDropsPerMl,
  onMake,
}: {
  recipe: Recipe;
  dropsPerMl: number;
  onDropsPerMl: (dropsPerMl: number) => void;
  onMake: (recipe: Recipe) => void;
}) => {
  const catalog = useCatalog();
  const house = useStored(['people'], () => people.list()).data ?? [];
  const [who, setWho] = useState(anyone);
  const [chosenPlace, setPlace] = useState<PlaceId | null>(null);
  const place = chosenPlace ?? recipe.brief.place ?? 'body-leave-on';
  const person = house.find(({ id }) => id === who);
  const wearer = useMemo(
    () => (person ? wearerOn(person.person, today()) : ('anyone' as const)),
    [person],
  );
  const personId = person?.id ?? null;
  const theirs = useMemo(
    (): Recipe => choosePlace(place)(setWearer(wearer, personId)(recipe)),
    [recipe, wearer, personId, place],
  );
  const { worked, looking } = useWorkedOut(theirs);
  const of = worked.state === 'done' ? textureOf(worked.evaluation.mixture) : null;
  const texture = of === null ? null : textureName(of);
  const strengths = strengthsByDrop(catalog, theirs);
  const percent = strengths.find(({ perMl }) => perMl === dropsPerMl)?.percent ?? null;
  const { recommended } = strengthFor(percent ?? 0, { wearer, place }, recipe.guideline);
  const mine = useMemo(
    () =>
      worked.state === 'done' && recommended > 0 && theirs.oils.length > 0
        ? noStronger(catalog, theirs, worked.evaluation, recommended)
        : null,
    [catalog, theirs, worked, recommended],
  );
  const rows = [
    ...usualWearers.map(({ id, wearer: one }) => ({
      key: id,
      name: uncapitalised(usualWearerName(id)),
      wearer: one,
    })),
    ...house.slice(0, mostPeople).map(({ id, person: one }) => ({
      key: id,
      name: wearerWords(wearerOn(one, today())),
      wearer: wearerOn(one, today()),
    })),
  ].map(({ wearer: one, ...row }) => ({
    ...row,
    ...strengthFor(percent ?? 0, { wearer: one, place }, recipe.guideline),
  }));
  return (
    <Section heading="h3" title={readWords.whatItReallyIs}>
      {strengths.length > 0 ? (
        <div className="grid items-start gap-x-10 gap-y-4 lg:grid-cols-[auto_minmax(0,1fr)]">
          <fieldset>
            <legend className="mb-1 text-sm text-soft">{readWords.essentialOilByTheSize}</legend>
            {strengths.map(({ perMl, percent: one }) => (
              <label key={perMl} className="flex min-h-10 items-center gap-2">
                <input
                  type="radio"
                  name="drops"
                  checked={perMl === dropsPerMl}
                  onChange={() => onDropsPerMl(perMl)}
                />
                <b className="inline-block w-16 text-right tabular-nums">{formatPercent(one)}</b>
                at {perMl} drops per ml
              </label>
            ))}
          </fieldset>
          <TooStrongFor rows={rows} isUnsure={recipe.notUnderstood.length > 0} />
        </div>
      ) : (
        <p>{readWords.howStrongItCantBe}</p>
      )}
      <div className="flex flex-wrap gap-x-6 gap-y-3">
        <SelectField
          label={readWords.whoItIsFor}
          value={who}
          choices={[
            [anyone, 'anyone'] as const,
            ...house.map(({ id, person: { name } }) => [id, name] as const),
          ]}
          onChoose={setWho}
        />
        <SelectField
          label="Where it goes"
          hint={
            chosenPlace === null
              ? recipe.brief.place === null
                ? 'The recipe does not say.'
                : 'As the recipe says.'
              : undefined
          }
          value={place}
          choices={placeId.options.map((option) => [option, placeWords[option]] as const)}
          onChoose={setPlace}
        />
      </div>
      <VerdictBox worked={worked} looking={looking} />
      {texture && texture !== 'liquid' && <p>Texture: {texture}.</p>}
      <div className="flex flex-wrap gap-3">
        {mine && (
          <Button look="first" onClick={() => onMake(mine)}>
            {readWords.saveCopyForMeAt(formatPercent(mine.target?.percent ?? 0))}
          </Button>
        )}
        <Button onClick={() => onMake(theirs)}>{readWords.makeItABlendAs}</Button>
      </div>
      <p className="max-w-prose text-sm text-soft">{readWords.saveCopyForMeKeeps}</p>
    </Section>
  );
};
