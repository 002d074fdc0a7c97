import { assessorSheet, saleFactsOf, saleQuestions, saleStanding } from '@jubbet/core/label';
import {
  findingMessage,
  formatList,
  formatNumber,
  formatPercent,
  formatRange,
  limitName,
  nameOrNone,
  regionWords,
  saleQuestionWords,
  labelWords,
} from '@jubbet/core/words';
import { Button, ButtonLink } from '../../ui/Button';
import { nameIn } from '@jubbet/core/catalog';
import { useCatalog } from '../../parts/catalog';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { Section } from '../../ui/Section';
import { Cell, Row, RowHead, Table } from '../../ui/Table';
import { today } from '../../store/now';
import { saveAssessorSheet } from './saveAssessorSheet';
import { type Sold, useSoldWhere, WithSold } from './Sold';

const AssessorSheet = ({ sold }: { sold: Sold }) => {
  const catalog = useCatalog();
  const { region, piece } = useSoldWhere(sold);
  const { mixture } = piece.evaluation;
  const { blend } = sold;
  const lines = assessorSheet(mixture, region);
  const facts = saleFactsOf(mixture, blend.brief, {
    region,
    on: today(),
    onBottle: (id) => blend.catalog.openBottle(id)?.bottle.inci ?? null,
  });
  const standing = saleStanding(blend, mixture, region);
  const questions = saleQuestions(mixture, blend.brief, region);
  const number = sold.labelled.batch || nameOrNone(sold.name);
  return (
    <div className="mx-auto grid max-w-4xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title={`For the assessor: ${nameOrNone(sold.name)}`}
          aside={`${sold.aside}; to sell in ${regionWords[region]}`}
        />
        <div className="screen-only flex flex-wrap gap-2">
          <ButtonLink to={`${sold.path}/for-sale?for=${region}`}>Back</ButtonLink>
          <Button
            onClick={() =>
              saveAssessorSheet(number, { lines, facts, standing, catalog, reason: sold.reason })
            }
          >
            Save as CSV
          </Button>
          <Button look="first" onClick={() => window.print()}>
            Print
          </Button>
        </div>
      </div>
      <Section title="Formula by weight">
        <Table
          cards
          columns={[
            { name: 'Ingredient' },
            { name: 'INCI' },
            { name: 'CAS' },
            { name: 'Function' },
            { name: 'g', right: true },
            { name: '% by weight', right: true },
          ]}
        >
          <tbody>
            {lines.map(({ materialId, name, inci, cas, use, g, percent }) => (
              <Row key={materialId}>
                <RowHead>{name}</RowHead>
                <Cell under="INCI">{inci.join(', ') || 'from the bottle'}</Cell>
                <Cell under="CAS">{cas.join(', ') || 'not known'}</Cell>
                <Cell under="Function">{use}</Cell>
                <Cell right under="g">
                  {formatNumber(g, 3)}
                </Cell>
                <Cell right under="% by weight">
                  {formatNumber(percent, 3)}
                </Cell>
              </Row>
            ))}
          </tbody>
        </Table>
      </Section>
      {facts.allergens.length > 0 && (
        <Section title={labelWords.allergensToBeNamed}>
          <Table
            cards
            columns={[{ name: 'Allergen' }, { name: 'At most', right: true }, { name: 'From' }]}
          >
            <tbody>
              {facts.allergens.map(({ label, percent, from, isDoubtful }) => (
                <Row key={label}>
                  <RowHead>
                    {label}
                    {isDoubtful && ' ▲ by a careful reading'}
                  </RowHead>
                  <Cell right under="At most">
                    {formatPercent(percent.high, 3)}
                  </Cell>
                  <Cell under="From">{formatList(from.map((id) => nameIn(catalog, id)))}</Cell>
                </Row>
              ))}
            </tbody>
          </Table>
        </Section>
      )}
      <Section title="Limits">
        <Table
          cards
          columns={[
            { name: 'Limit on' },
            { name: 'In it', right: true },
            { name: 'At most', right: true },
            { name: 'Source' },
          ]}
        >
          <tbody>
            {standing.measured.map((finding, n) => (
              <Row key={n}>
                <RowHead>{limitName(catalog, finding)}</RowHead>
                <Cell right under="In it">
                  {finding.value && formatRange(finding.value, finding.unit ?? '', 3)}
                </Cell>
                <Cell right under="At most">
                  {finding.limit === null
                    ? ''
                    : `${formatNumber(finding.limit, 4)} ${finding.unit ?? ''}`.trim()}
                </Cell>
                <Cell under="Source">{finding.source}</Cell>
              </Row>
            ))}
          </tbody>
        </Table>
        {[...standing.forbidden, ...standing.over].map((finding, n) => (
          <p key={n} className="text-brick">
            ■ {findingMessage(catalog, finding)}
          </p>
        ))}
        {sold.reason !== '' && (
          <p>
            <b>{labelWords.whyItIsSoldPast}</b> {sold.reason}
          </p>
        )}
      </Section>
      {questions.length > 0 && (
        <Section title="Open questions">
          <ul className="list-disc pl-5">
            {questions.map((question) => (
              <li key={question.code}>{saleQuestionWords(catalog, question)}</li>
            ))}
          </ul>
        </Section>
      )}
      <p className="max-w-prose text-sm text-soft">{labelWords.workedOutFromWhatWas}</p>
    </div>
  );
};

/** The formula, its allergens and its limits on paper, for whoever assesses its safety. */
export const AssessorSheetScreen = () => (
  <WithSold>{(sold) => <AssessorSheet sold={sold} />}</WithSold>
);
