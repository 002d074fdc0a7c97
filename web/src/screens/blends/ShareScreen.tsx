import { Panel } from '../../ui/Panel';
import { nameIn } from '@jubbet/core/catalog';
import { fillingsOf } from '@jubbet/core/drops';
import { blendHowTo, blendMarkdown, fileOf, formulaRows, writeBlend } from '@jubbet/core/exchange';
import { stepsOf } from '@jubbet/core/making';
import { forAnyone, type Recipe } from '@jubbet/core/recipe';
import {
  capitalised,
  fillingsWords,
  nameOrNone,
  recipeAmountWords,
  stepDetail,
  stepTitle,
  strengthWords,
  wearerWords,
  CodedError,
  blendsWords,
} from '@jubbet/core/words';
import Papa from 'papaparse';
import { useMemo, useRef, useState } from 'react';
import { codeOfBlend } from '../../parts/blendCode';
import { Button, ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { Glass } from '../../parts/Glass';
import { OneBlend } from '../../parts/OneBlend';
import { qrCodeOf } from '../../parts/qrCode';
import { saveFile } from '../../parts/saveFile';
import { svgFile } from '../../parts/svgFile';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useUnits } from '../../parts/useUnits';
import { useWrite } from '../../parts/useWrite';
import { materials } from '../../store/materials';
import { useStored } from '../../store/useStored';
import { useWorkedOut } from '../../workers/useWorkedOut';
import { cardPicture } from './cardPicture';
import { Tick } from '../../ui/Tick';

/** @throws where the drawing is not there yet */
const saveDrawing = (element: HTMLElement | null, name: string): void => {
  const svg = element?.querySelector('svg');
  if (!svg) throw new CodedError('no-drawing', {});
  saveFile(`${name}.svg`, svgFile(svg), 'image/svg+xml');
};

const Share = ({ id, recipe: whole }: { id: string; recipe: Recipe }) => {
  const catalog = useCatalog();
  const units = useUnits();
  const write = useWrite();
  const drawing = useRef<HTMLDivElement>(null);
  const own = useStored(['materials'], () => materials.list()).data;
  const { wearer } = whole.brief;
  const isTheirs = wearer !== null && wearer !== 'anyone';
  const [withPerson, setWithPerson] = useState(false);
  const recipe = useMemo(
    () => (withPerson || !isTheirs ? whole : forAnyone(whole)),
    [whole, withPerson, isTheirs],
  );
  // Judged as it is shared: for the person, or for anyone.
  const { worked } = useWorkedOut(recipe);
  const isBlocked = worked.state === 'done' && worked.evaluation.blocking;
  const file = useMemo(() => fileOf(recipe, own?.map((record) => record.own) ?? []), [recipe, own]);
  const code = useMemo(() => qrCodeOf(codeOfBlend(file)), [file]);
  const name = nameOrNone(recipe.name);
  const steps =
    worked.state === 'done' && !isBlocked
      ? stepsOf(worked.blend, worked.evaluation.mixture).map(
          (step) => `${stepTitle(catalog, step, units)}. ${stepDetail(catalog, step, units)}`,
        )
      : [];
  const mixture = worked.state === 'done' ? worked.evaluation.mixture : null;
  const out = { recipe, file, steps, mixture };
  const filled = fillingsOf(recipe)[0]?.container;
  const save = (ending: string, type: string, content: () => BlobPart | Promise<BlobPart>) => () =>
    void write('The file', async () => saveFile(`${name}.${ending}`, await content(), type));
  const picture = () =>
    cardPicture(
      {
        name,
        about: [
          ...(recipe.purpose ? [recipe.purpose] : []),
          capitalised(fillingsWords(fillingsOf(recipe))),
          ...(worked.state === 'done'
            ? [`${strengthWords(worked.evaluation.mixture, recipe.by)} essential oil`]
            : []),
        ],
        rows: [...recipe.bases, ...recipe.oils].map(
          ({ id: material, amount }) =>
            [nameIn(catalog, material), recipeAmountWords(amount)] as const,
        ),
        foot: 'Published guidance, not medical advice.',
      },
      code,
    );
  return (
    <div className="mx-auto grid max-w-4xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title={`Share ${name}`} />
        <ButtonLink to={`/blends/${id}`}>{blendsWords.backToTheBlend}</ButtonLink>
      </div>
      {isTheirs && (
        <Tick
          className="rounded-xl border border-line bg-sheet px-5 py-3"
          isOn={withPerson}
          onTick={setWithPerson}
        >
          {blendsWords.withThePerson(wearerWords(wearer))}
          <span className="block text-sm text-soft">{blendsWords.otherwiseItSaysForAnyone}</span>
        </Tick>
      )}
      <Panel
        aria-label="As a code"
        className="grid items-start gap-5 px-5 py-4 sm:grid-cols-[auto_minmax(0,1fr)]"
      >
        {code && own ? (
          <svg
            role="img"
            aria-label={`QR code of ${name}`}
            viewBox={`-4 -4 ${code.size + 8} ${code.size + 8}`}
            // Each square as many whole pixels as it takes to be read off a screen.
            style={{ width: (code.size + 8) * Math.max(3, Math.floor(320 / (code.size + 8))) }}
            className="max-w-full rounded-md bg-white text-black"
            shapeRendering="crispEdges"
          >
            <path d={code.path} fill="currentColor" />
          </svg>
        ) : (
          <p>{blendsWords.thisBlendIsTooLarge}</p>
        )}
        <div className="grid gap-2">
          <h2 className="text-lg">As a code</h2>
          <p>{blendsWords.wholeRecipeIsInThe}</p>
        </div>
      </Panel>
      {worked.state === 'done' && filled && (
        <Panel
          aria-label="As a drawing"
          className="grid items-start gap-5 px-5 py-4 sm:grid-cols-[auto_minmax(0,1fr)]"
        >
          <div ref={drawing} className="w-44">
            <Glass
              container={filled}
              mixture={worked.evaluation.mixture}
              poured={worked.blend.inOne}
            />
          </div>
          <div className="grid content-start justify-items-start gap-3">
            <h2 className="text-lg">As a drawing</h2>
            <p>{blendsWords.containerToScaleWithWhat}</p>
            <Button
              onClick={() =>
                void write('The drawing', () => Promise.resolve(saveDrawing(drawing.current, name)))
              }
            >
              Save as SVG
            </Button>
          </div>
        </Panel>
      )}
      <Panel aria-label="As a file" className="grid gap-3 px-5 py-4">
        <h2 className="text-lg">As a file</h2>
        <div className="flex flex-wrap gap-3">
          <Button look="first" onClick={save('json', 'application/json', () => writeBlend(file))}>
            Blend file
          </Button>
          <Button onClick={save('md', 'text/markdown', () => blendMarkdown(catalog, out))}>
            Markdown
          </Button>
          <Button onClick={save('jsonld', 'application/ld+json', () => blendHowTo(catalog, out))}>
            JSON-LD
          </Button>
          <Button
            onClick={save('csv', 'text/csv', () =>
              Papa.unparse(
                formulaRows(catalog, recipe).map((row) => [...row]),
                { escapeFormulae: true },
              ),
            )}
          >
            {blendsWords.csvOfTheFormula}
          </Button>
          {!isBlocked && (
            <>
              <Button onClick={save('png', 'image/png', picture)}>
                {blendsWords.pictureOfACard}
              </Button>
              <ButtonLink to={`/blends/${id}/card`}>Card to print</ButtonLink>
            </>
          )}
        </div>
        {isBlocked && <p className="text-brick">{blendsWords.doNotUseThis}</p>}
        <p className="max-w-prose text-sm text-soft">{blendsWords.blendFileMarkdownAndJson}</p>
      </Panel>
    </div>
  );
};

/** A blend on its way to someone else: as a code, a file or a card. */
export const ShareScreen = () => (
  <OneBlend>{({ id, recipe }) => <Share id={id} recipe={recipe} />}</OneBlend>
);
