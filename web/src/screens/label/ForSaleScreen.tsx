import { madeOf } from '@jubbet/core/batch';
import { regions, type Region } from '@jubbet/core/catalog';
import {
  claimsIn,
  labelOf,
  madePieces,
  saleFactsOf,
  saleQuestions,
  saleStanding,
} from '@jubbet/core/label';
import type { BenchEvent } from '@jubbet/core/making';
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
} from '@jubbet/core/words';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { Button, ButtonLink } from '../../parts/Button';
import { useCatalog } from '../../parts/catalog';
import { Choices } from '../../parts/Choices';
import { SelectField, TextField } from '../../parts/Field';
import { Missing } from '../../parts/Missing';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { Cell, Row, RowHead, Table } from '../../parts/Table';
import { useWrite } from '../../parts/useWrite';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';
import { madeBlend } from '../../store/madeBlend';
import { today } from '../../store/now';
import { settings, type Settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { unitsOf } from '../../parts/useUnits';
import { saveAssessorSheet } from './saveAssessorSheet';
import { AgainstSelling } from './AgainstSelling';
import { SaleIngredients } from './SaleIngredients';
import { Section } from '../../parts/Section';

const ForSale = ({
  batch,
  events,
  set,
}: {
  batch: BatchRecord;
  events: readonly BenchEvent[];
  set: Settings;
}) => {
  const catalog = useCatalog();
  const write = useWrite();
  const made = useMemo(() => madeOf(madeBlend(catalog, batch), events), [catalog, batch, events]);
  const pieces = madePieces(made);
  const [region, setRegion] = useState<Region>('eu');
  const [chosen, setChosen] = useState('0');
  const piece = pieces[Number(chosen)] ?? pieces[0];
  if (!piece) {
    return <Missing title="Nothing is in it yet" text="Make the batch first." />;
  }
  const label = labelOf(
    made.blend,
    piece,
    { batch: batch.number, madeOn: batch.madeOn, maker: set.maker },
    batch.notToBeUsed,
  );
  const facts = saleFactsOf(piece.evaluation.mixture, made.blend.brief, {
    region,
    on: today(),
    onBottle: (id) => made.blend.catalog.openBottle(id)?.bottle.inci ?? null,
  });
  const standing = saleStanding(made.blend, piece.evaluation.mixture, region);
  const sale = saleText(catalog, label, facts, {
    region,
    responsible: set.responsible,
    isShownSafe: false,
    isBoxed: false,
    units: unitsOf(set),
  });
  const questions = saleQuestions(piece.evaluation.mixture, made.blend.brief, region);
  const rows = packRows(label, sale);
  const directions = labelText(catalog, label).directions;
  const claims = claimsIn([batch.file.name, made.blend.purpose, directions].join('. '));
  return (
    <div className="mx-auto grid max-w-4xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title={`For sale: ${nameOrNone(batch.file.name)}`}
          aside={`batch ${batch.number}`}
        />
        <Button
          onClick={() => saveAssessorSheet(batch.number, piece.evaluation.mixture, facts, region)}
        >
          Sheet for the assessor
        </Button>
        {standing.forbidden.length === 0 && !label.doNotUse && (
          <ButtonLink look="first" to={`/batches/${batch.id}/label?for=${region}`}>
            Label to sell it
          </ButtonLink>
        )}
      </div>
      {label.doNotUse && (
        <p className="rounded-lg bg-brick-wash px-4 py-2 text-brick">
          ■ This batch is not to be used, so it can’t be sold. You can’t override this.
        </p>
      )}
      <AgainstSelling catalog={made.blend.catalog} standing={standing} region={region} />
      <Section title="Where it is sold">
        <Choices
          legend="Whose law"
          name="region"
          value={region}
          choices={regions.map((value) => ({ value, text: regionWords[value] }))}
          onChoose={setRegion}
        />
        {pieces.length > 1 && (
          <SelectField
            label="Which of them"
            value={chosen}
            choices={pieces.map(
              ({ container, count }, n) =>
                [String(n), fillingsWords([{ container, count }])] as const,
            )}
            onChoose={setChosen}
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
        <p className="text-sm text-soft">
          These rules are as Jubbet knew them in November 2026: recalled, not copied from the law.
          Check the current text; local rules decide.
        </p>
      </Section>
      <Section title="What must be on the pack">
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
        <Section title="Claims that the law restricts">
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
          <p className="max-w-prose text-sm text-soft">
            A claim to treat, cure or prevent makes it a medicine in the eyes of the law, whatever
            is in it; others must be shown to be true.
          </p>
        </Section>
      )}
      {questions.length > 0 && (
        <Section title="Ask your supplier or assessor">
          <ul className="list-disc pl-5">
            {questions.map((question) => (
              <li key={question.code}>{saleQuestionWords(catalog, question)}</li>
            ))}
          </ul>
        </Section>
      )}
      <SaleIngredients facts={facts} sale={sale} use={made.blend.brief.use} />
      <Section title="What Jubbet can’t do for you">
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

/** What the law wants of a batch that is sold, in one place. */
export const ForSaleScreen = () => {
  const { batchId = '' } = useParams();
  const { data, error } = useStored(['batch with events', batchId], () =>
    batches.withEvents(batchId),
  );
  const set = useStored(['settings'], () => settings.read()).data;
  if (error) throw error;
  if (data === undefined || !set) return null;
  if (data === null) {
    return <Missing title="Batch not found" text="It may have been deleted." />;
  }
  return <ForSale batch={data.batch} events={data.events} set={set} />;
};
