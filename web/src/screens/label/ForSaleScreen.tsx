import { Notice } from '../../ui/Notice';
import { regions } from '@jubbet/core/catalog';
import { claimsIn, labelOf, saleFactsOf, saleQuestions, saleStanding } from '@jubbet/core/label';
import {
  fillingsWords,
  labelText,
  nameOrNone,
  notByJubbet,
  packRows,
  regionWords,
  saleQuestionWords,
  saleText,
  whoKnows,
  labelWords,
} from '@jubbet/core/words';
import { ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { Choices } from '../../ui/Choices';
import { SelectField, TextField } from '../../ui/Field';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { Section } from '../../ui/Section';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { unitsOf } from '../../parts/useUnits';
import { useWrite } from '../../parts/useWrite';
import { today } from '../../store/now';
import { settings, type Settings } from '../../store/settings';
import { AgainstSelling } from './AgainstSelling';
import { SaleIngredients } from './SaleIngredients';
import { type Sold, useSoldWhere, WithSold } from './Sold';

const ForSale = ({ sold, set }: { sold: Sold; set: Settings }) => {
  const catalog = useCatalog();
  const write = useWrite();
  const { region, piece, chosen, choose } = useSoldWhere(sold);
  const { blend, pieces } = sold;
  const { mixture } = piece.evaluation;
  const label = labelOf(blend, piece, sold.labelled, sold.notToBeUsed);
  const facts = saleFactsOf(mixture, blend.brief, {
    region,
    on: today(),
    onBottle: (id) => blend.catalog.openBottle(id)?.bottle.inci ?? null,
  });
  const standing = saleStanding(blend, mixture, region);
  const sale = saleText(catalog, label, facts, {
    region,
    responsible: set.responsible,
    isShownSafe: false,
    isBoxed: false,
    units: unitsOf(set),
  });
  const questions = saleQuestions(mixture, blend.brief, region);
  const rows = packRows(label, sale);
  const directions = labelText(catalog, label).directions;
  const claims = claimsIn([sold.name, blend.purpose, directions].join('. '));
  return (
    <div className="mx-auto grid max-w-4xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title={`For sale: ${nameOrNone(sold.name)}`} aside={sold.aside} />
        <ButtonLink
          to={`${sold.path}/for-sale/sheet?${new URLSearchParams({ for: region, which: chosen }).toString()}`}
        >
          {labelWords.sheetForTheAssessor}
        </ButtonLink>
        {standing.forbidden.length === 0 && !label.doNotUse && label.batch !== '' && (
          <ButtonLink look="first" to={`${sold.path}/label?for=${region}`}>
            {labelWords.labelToSellIt}
          </ButtonLink>
        )}
      </div>
      {label.doNotUse && <Notice tone="over">{labelWords.thisBatchIsNotTo}</Notice>}
      <AgainstSelling catalog={blend.catalog} standing={standing} region={region} />
      <Section title={labelWords.whereItIsSold}>
        <Choices
          legend="Whose law"
          name="region"
          value={region}
          choices={regions.map((value) => ({ value, text: regionWords[value] }))}
          onChoose={(next) => choose({ for: next })}
        />
        {pieces.length > 1 && (
          <SelectField
            label="Which of them"
            value={chosen}
            choices={pieces.map(
              ({ container, count }, n) =>
                [String(n), fillingsWords([{ container, count }])] as const,
            )}
            onChoose={(next) => choose({ which: next })}
          />
        )}
        <TextField
          label={
            region === 'us'
              ? 'Name and place of business, and where harm is reported'
              : 'Responsible person, name and address'
          }
          maxLength={300}
          className="w-full max-w-xl"
          defaultValue={set.responsible}
          onChange={(event) => {
            const { value } = event.target;
            void write('The address', () => settings.write('responsible', value));
          }}
        />
        <p className="text-sm text-soft">{labelWords.theseRulesAreAsJubbet}</p>
      </Section>
      <Section title={labelWords.whatMustBeOnThe}>
        <Table cards columns={[{ name: 'What' }, { name: 'What it says' }]}>
          <tbody>
            {rows.map(({ what, says }) => (
              <Row key={what}>
                <RowHead>{what}</RowHead>
                <Cell under="What it says">
                  {says ?? <span className="text-brick">■ still missing</span>}
                </Cell>
              </Row>
            ))}
          </tbody>
        </Table>
      </Section>
      {claims.length > 0 && (
        <Section title={labelWords.claimsThatTheLawRestricts}>
          <ul className="grid gap-1">
            {claims.map(({ words, instead, about }) => (
              <li key={words}>
                ▲ “{words}”:{' '}
                {about === 'environment'
                  ? 'shown to be true as the law asks, or left out.'
                  : instead === null
                    ? 'leave it out.'
                    : `say instead, for example, “${instead}”.`}
              </li>
            ))}
          </ul>
          <p className="max-w-prose text-sm text-soft">{labelWords.claimToTreatCureOr}</p>
        </Section>
      )}
      {questions.length > 0 && (
        <Section title={labelWords.askYourSupplierOrAssessor}>
          <ul className="list-disc pl-5">
            {questions.map((question) => (
              <li key={question.code}>{saleQuestionWords(catalog, question)}</li>
            ))}
          </ul>
        </Section>
      )}
      <SaleIngredients facts={facts} sale={sale} use={blend.brief.use} />
      <Section title={labelWords.whatJubbetCantDoFor}>
        <ul className="list-disc pl-5">
          {notByJubbet[region].map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
        <p>{whoKnows[region]}</p>
      </Section>
    </div>
  );
};

/** What the law wants of a batch that is sold, or of a blend that is to be, in one place. */
export const ForSaleScreen = () => (
  <WithSold>{(sold, set) => <ForSale sold={sold} set={set} />}</WithSold>
);
