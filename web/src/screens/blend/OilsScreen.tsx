import { Panel } from '../../ui/Panel';
import {
  notesMissing,
  oilForBrief,
  filterOils,
  type OilForBrief,
  type OilQuery,
} from '@jubbet/core/advice';
import { botanicalOf, looksOf, scentFamilies, type Oil } from '@jubbet/core/catalog';
import { addOil, emptyRecipe, removeOil } from '@jubbet/core/recipe';
import { stockOf } from '@jubbet/core/stock';
import {
  countedWords,
  findingMessage,
  formatList,
  formatNumber,
  maximumWords,
  blendWords,
} from '@jubbet/core/words';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { SelectField, TextField } from '../../ui/Field';
import { OilName } from '../../parts/OilName';
import { OilSwatch } from '../../parts/OilSwatch';
import { OneBlend } from '../../parts/OneBlend';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { nonBreaking } from '../../parts/nonBreaking';
import { useInSlices } from '../../parts/useInSlices';
import { VerdictMark } from '../../parts/VerdictMark';
import { WindowList } from '../../ui/WindowList';
import { bottles } from '../../store/bottles';
import type { BlendRecord } from '../../store/database';
import { useStored } from '../../store/useStored';
import { CompareOils } from './CompareOils';
import { ofToday } from './ofToday';
import { useRecipe } from './useRecipe';
import { Tick } from '../../ui/Tick';

/** More than this are side by side only on a wide wall. */
const mostCompared = 4;

const any = 'any';

/** What this person may have of an oil, in a word or two. */
const ForPerson = ({ forBrief }: { forBrief: OilForBrief | undefined }) => {
  const catalog = useCatalog();
  if (!forBrief?.verdict || forBrief.verdict === 'within') return null;
  return (
    <span className="block text-sm">
      <VerdictMark
        verdict={forBrief.verdict}
        {...(forBrief.blocking ? { word: 'do not use' } : {})}
      />
      {forBrief.against && <> · {nonBreaking(findingMessage(catalog, forBrief.against))}</>}
    </span>
  );
};

const OilLine = ({
  oil,
  left,
  forBrief,
  isIn,
  isCompared,
  onToggle,
  onCompare,
}: {
  oil: Oil;
  /** What is on the shelf, in ml; null where none does. */
  left: number | null;
  forBrief: OilForBrief | undefined;
  isIn: boolean;
  isCompared: boolean;
  onToggle: () => void;
  onCompare: () => void;
}) => (
  <Panel className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 py-2.5">
    <OilSwatch oil={oil} className="h-10 w-5" />
    <div className="min-w-0 flex-1 basis-64">
      <p>
        <Link to={`/materials/${oil.id}`} className="text-press no-underline hover:underline">
          <OilName name={oil.name} />
        </Link>{' '}
        <i className="text-sm text-soft">{botanicalOf(oil)}</i>
      </p>
      <p className="text-sm text-soft">
        {oil.note} note · {looksOf(oil).family ?? 'family of smell not known'} · smell{' '}
        {oil.odourStrength} of 5 · {maximumWords(oil.dermalMaximum)}
        {left !== null && ` · on the shelf, ${formatNumber(left)} ml`}
      </p>
      <ForPerson forBrief={forBrief} />
    </div>
    <Tick className="text-sm" label={`Compare ${oil.name}`} isOn={isCompared} onTick={onCompare}>
      compare
    </Tick>
    <Button
      aria-label={`${isIn ? 'Remove' : 'Add'} ${oil.name}`}
      disabled={!isIn && forBrief?.blocking === true}
      onClick={onToggle}
    >
      {isIn ? 'Remove' : 'Add'}
    </Button>
  </Panel>
);

/** What the blend has of notes, in a sentence. */
const missingWords = (inBlend: readonly Oil[]): string => {
  const missing = notesMissing(inBlend);
  if (inBlend.length === 0) return 'Nothing in it yet.';
  return missing.length === 0
    ? 'It has top, middle and base notes.'
    : `It has no ${formatList(missing)} note${missing.length > 1 ? 's' : ''} yet.`;
};

const Oils = ({ record }: { record: BlendRecord }) => {
  const catalog = useCatalog();
  const { recipe, change } = useRecipe(record);
  const shelf = useStored(['bottles'], () => bottles.list()).data;
  const [query, setQuery] = useState<OilQuery>({
    note: null,
    family: null,
    onShelfOnly: false,
    nearOnly: false,
    find: '',
  });
  const [without, setWithout] = useState(true);
  const [compared, setCompared] = useState<readonly string[]>([]);
  const ask = (some: Partial<OilQuery>) => setQuery((before) => ({ ...before, ...some }));
  const stock = useMemo(() => stockOf((shelf ?? []).map(({ bottle }) => bottle)), [shelf]);
  const inBlend = useMemo(
    () => recipe.oils.flatMap(({ id }) => catalog.oil(id) ?? []),
    [recipe.oils, catalog],
  );
  // What is stated of an oil hangs on the person and the place, not on what else is in the blend.
  const { brief, guideline, containers, bases, by } = useMemo(
    () => ofToday(recipe, record),
    [recipe, record],
  );
  const judge = useMemo(() => {
    const blank = { ...emptyRecipe(), brief, guideline, containers, bases, by };
    return (oil: Oil) => oilForBrief(catalog, blank, oil);
  }, [catalog, brief, guideline, containers, bases, by]);
  const all = useMemo(
    () => catalog.oils.filter(({ forbidden }) => forbidden === undefined),
    [catalog],
  );
  const { done, share } = useInSlices(all, judge);
  const saidOf = useMemo(
    () => new Map(done.map((oilForBrief, n) => [all[n]?.id ?? '', oilForBrief])),
    [done, all],
  );
  const shown = filterOils(all, query, inBlend, (id) => stock.has(id)).filter(
    ({ id, keepOffSkin }) => !without || !(keepOffSkin || saidOf.get(id)?.blocking),
  );
  const toggle = (id: string) =>
    change(recipe.oils.some((oil) => oil.id === id) ? removeOil(id) : addOil(catalog, id));
  return (
    <div className="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title={`Oils for ${recipe.name || 'this blend'}`}
          aside={missingWords(inBlend)}
        />
        <ButtonLink look="first" to={`/blends/${record.id}`}>
          {blendWords.backToTheBlend}
        </ButtonLink>
      </div>
      <div
        role="search"
        aria-label="Filter the oils"
        className="flex flex-wrap items-end gap-x-5 gap-y-3 rounded-xl border border-line bg-sheet px-4 py-3"
      >
        <TextField
          label="Name"
          maxLength={80}
          className="w-40"
          value={query.find}
          onChange={(event) => ask({ find: event.target.value })}
        />
        <SelectField
          label="Note"
          value={query.note ?? any}
          choices={[any, 'top', 'middle', 'base'].map((text) => [text, text] as const)}
          onChoose={(note) => ask({ note: note === any ? null : (note as Oil['note']) })}
        />
        <SelectField
          label="Family of smell"
          value={query.family ?? any}
          choices={[any, ...scentFamilies].map((text) => [text, text] as const)}
          onChoose={(family) =>
            ask({ family: scentFamilies.find((scentFamily) => scentFamily === family) ?? null })
          }
        />
        <Tick isOn={query.onShelfOnly} onTick={(onShelfOnly) => ask({ onShelfOnly })}>
          {blendWords.onTheShelfOnly}
        </Tick>
        <Tick isOn={query.nearOnly} onTick={(nearOnly) => ask({ nearOnly })}>
          {blendWords.nearInSmellToWhat}
        </Tick>
        <Tick isOn={without} onTick={setWithout}>
          {blendWords.hideDoNotUse}
        </Tick>
        <p role="status" className="basis-full text-sm text-soft">
          {share < 1
            ? `Checking for this person: ${Math.round(100 * share)} %`
            : countedWords(shown.length, 'oil')}
        </p>
      </div>
      {compared.length > 1 && (
        <CompareOils
          oils={compared.flatMap((id) => catalog.oil(id) ?? [])}
          saidOf={saidOf}
          leftOf={(id) => stock.get(id)?.ml ?? null}
          onClose={() => setCompared([])}
        />
      )}
      {shown.length === 0 && <p>{blendWords.noMatchesRemoveAFilter}</p>}
      <WindowList ids={shown.map(({ id }) => id)} rowPx={84}>
        {(id) => {
          const oil = catalog.oil(id);
          return oil ? (
            <OilLine
              oil={oil}
              left={stock.get(id)?.ml ?? null}
              forBrief={saidOf.get(id)}
              isIn={recipe.oils.some((entry) => entry.id === id)}
              isCompared={compared.includes(id)}
              onToggle={() => toggle(id)}
              onCompare={() =>
                setCompared((before) =>
                  before.includes(id)
                    ? before.filter((text) => text !== id)
                    : [...before, id].slice(-mostCompared),
                )
              }
            />
          ) : null;
        }}
      </WindowList>
    </div>
  );
};

/** All oils to choose from, for the person, the shelf and the smell of this blend. */
export const OilsScreen = () => <OneBlend>{(record) => <Oils record={record} />}</OneBlend>;
