import { Panel } from '../../ui/Panel';
import { variantFor, type Variant } from '@jubbet/core/advice';
import { wearerOn } from '@jubbet/core/brief';
import type { Catalog } from '@jubbet/core/catalog';
import { workOut } from '@jubbet/core/drops';
import { labelOf, labelSizeOf, plannedPieces } from '@jubbet/core/label';
import type { Recipe } from '@jubbet/core/recipe';
import {
  countedWords,
  labelText,
  nameOrNone,
  strengthWords,
  tooSmallWords,
  variantWords,
  wearerWords,
  labelWords,
} from '@jubbet/core/words';
import { useCallback, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { StoredScreen, together } from '../../parts/StoredScreen';
import { Button, ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { useNotice } from '../../parts/notice';
import { OneBlend } from '../../parts/OneBlend';
import { saveFile } from '../../parts/saveFile';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { useInSlices } from '../../parts/useInSlices';
import { unitsOf } from '../../parts/useUnits';
import { useWrite } from '../../parts/useWrite';
import { VerdictMark } from '../../parts/VerdictMark';
import { blends } from '../../store/blends';
import type { PersonRecord } from '../../store/database';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { settings, type Settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { Tick } from '../../ui/Tick';
import { largestSize } from './labelToPrint';

/** More people than this are no family: the rest can be had one by one. */
const mostPeople = 20;

/** The label of a variant that is planned, and its size; none where it fills nothing. */
const labelOfVariant = (catalog: Catalog, recipe: Recipe, set: Settings) => {
  const worked = workOut(catalog, recipe);
  if (worked.state !== 'done') return [];
  const [piece] = plannedPieces(worked.blend, worked.evaluation);
  if (!piece) return [];
  const facts = { batch: '', madeOn: today(), maker: set.maker };
  return [
    {
      label: labelText(catalog, labelOf(worked.blend, piece, facts), {
        names: set.labelNames,
        units: unitsOf(set),
      }),
      size: set.labelSizes[piece.container.kind] ?? labelSizeOf(piece.container),
    },
  ];
};

const Member = ({
  who,
  variant,
  own,
  isIn,
  onTick,
}: {
  who: string;
  /** Undefined while it is worked out. */
  variant: Variant | undefined;
  own: Recipe;
  isIn: boolean;
  onTick: (isIn: boolean) => void;
}) => {
  const catalog = useCatalog();
  return (
    <Row>
      <RowHead>
        <Tick disabled={!variant?.ok} isOn={variant?.ok === true && isIn} onTick={onTick}>
          {who}
        </Tick>
      </RowHead>
      <Cell right under="Strength" className="whitespace-nowrap">
        {variant?.ok ? strengthWords(variant.evaluation.mixture, variant.recipe.by) : '–'}
      </Cell>
      <Cell under="What is changed">{variant ? variantWords(catalog, variant, own) : '…'}</Cell>
      <Cell under="Verdict">
        {variant?.ok && <VerdictMark verdict={variant.evaluation.verdict} />}
      </Cell>
    </Row>
  );
};

const Family = ({
  id,
  recipe,
  house,
  set,
}: {
  id: string;
  recipe: Recipe;
  house: readonly PersonRecord[];
  set: Settings;
}) => {
  const catalog = useCatalog();
  const navigate = useNavigate();
  const tell = useNotice();
  const write = useWrite();
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const people = useMemo(() => house.slice(0, mostPeople), [house]);
  const work = useCallback(
    ({ id: personId, person }: PersonRecord) =>
      variantFor(catalog, recipe, { wearer: wearerOn(person, today()), personId }),
    [catalog, recipe],
  );
  const { done } = useInSlices(people, work);
  const chosen = people.flatMap(({ id: personId, person }, n): Recipe[] => {
    const variant = done[n];
    return variant?.ok && !left.has(personId)
      ? [{ ...variant.recipe, name: `${recipe.name || 'Blend'} for ${person.name}`.slice(0, 120) }]
      : [];
  });
  const tick = (personId: string, isIn: boolean): void => {
    const next = new Set(left);
    if (isIn) next.delete(personId);
    else next.add(personId);
    setLeft(next);
  };
  const save = async (): Promise<void> => {
    const ids = await write('The blends', () => blends.addAll(chosen));
    if (!ids) return;
    await navigate('/blends');
    tell({
      text: `${countedWords(ids.length, 'blend')} added, one for each.`,
      undo: () => void write('The blends', () => blends.removeAll(ids)),
    });
  };
  const labels = async (): Promise<void> => {
    const all = chosen.flatMap((entry) => labelOfVariant(catalog, entry, set));
    const [first] = all;
    if (!first) return;
    const { labelPdf } = await import('./labelPdf');
    const { data, left: unfit } = await labelPdf(
      all.map(({ label }) => ({ label, count: 1 })),
      largestSize(
        first.size,
        all.map(({ size }) => size),
      ),
      set.labelPaper,
    );
    saveFile(`${nameOrNone(recipe.name)}, labels.pdf`, new Uint8Array(data), 'application/pdf');
    if (unfit.length > 0) tell({ text: tooSmallWords(unfit), alarm: true });
  };
  return (
    <div className="mx-auto grid max-w-4xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title={`${nameOrNone(recipe.name)}, one for each`} />
        <ButtonLink to={`/blends/${id}/who`}>Back</ButtonLink>
      </div>
      <p className="max-w-prose">{labelWords.eachKeepsTheProportionsAnd}</p>
      {house.length === 0 && (
        <p className="flex flex-wrap items-center gap-3">
          {labelWords.nobodyIsInTheHouse} <ButtonLink to="/people/new">Add person</ButtonLink>
        </p>
      )}
      {house.length > 0 && (
        <Panel aria-label="One for each" className="px-5 py-2">
          <Table
            cards
            columns={[
              { name: 'Person' },
              { name: 'Strength', right: true },
              { name: 'What is changed' },
              { name: 'Verdict' },
            ]}
          >
            <tbody>
              {people.map(({ id: personId, person }, n) => (
                <Member
                  key={personId}
                  who={wearerWords(wearerOn(person, today()))}
                  variant={done[n]}
                  own={recipe}
                  isIn={!left.has(personId)}
                  onTick={(isIn) => tick(personId, isIn)}
                />
              ))}
            </tbody>
          </Table>
        </Panel>
      )}
      {house.length > mostPeople && (
        <p className="text-soft">The first {mostPeople} people are shown.</p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button look="first" disabled={chosen.length === 0} onClick={() => void save()}>
          Save {countedWords(chosen.length, 'blend')}
        </Button>
        <Button disabled={chosen.length === 0} onClick={() => void write('The labels', labels)}>
          {labelWords.labelsOfAllOnOne}
        </Button>
      </div>
    </div>
  );
};

/** One blend for several people in one press: a variant for each. */
export const FamilyScreen = () => {
  const house = useStored(['people'], () => people.list());
  const set = useStored(['settings'], () => settings.read());
  return (
    <StoredScreen of={together({ house, set })}>
      {(here) => (
        <OneBlend>{({ id, recipe }) => <Family id={id} recipe={recipe} {...here} />}</OneBlend>
      )}
    </StoredScreen>
  );
};
