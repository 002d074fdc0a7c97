import { Panel } from '../../ui/Panel';
import {
  containerWordsOf,
  capitalised,
  formatPercent,
  setPointWords,
  temperatureWords,
  textureName,
  waxShareWords,
  blendWords,
} from '@jubbet/core/words';
import { textureFigures } from '@jubbet/core/catalog';
import { fillingsOf, withWax, withWaxPercent, type Evaluation } from '@jubbet/core/drops';
import { textureFor, textureOf, waxFor, type Texture } from '@jubbet/core/mixture';
import { useCatalog } from '../../parts/catalog';
import { useUnits } from '../../parts/useUnits';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { nonBreaking } from '../../parts/nonBreaking';
import type { TokenProps } from './tokenProps';

/** From this share on, in percent, butters make it firmer than its wax says. */
const muchButter = 20;

/** Beyond this nothing for skin is made, in percent of wax. */
const mostWax = 50;

/** What a container or the weather wants of it, with a press that does it. */
const Advice = ({
  recipe,
  texture,
  toWax,
}: {
  recipe: TokenProps['recipe'];
  texture: Texture;
  toWax: (percent: number) => void;
}) => {
  const kinds = [...new Set(fillingsOf(recipe).map(({ container }) => container.kind))];
  const [least, most] = textureFigures.warmPoints;
  const wax = texture.waxPercent.likely;
  return (
    <ul className="grid gap-1.5">
      {kinds.flatMap((kind) => {
        const advice = textureFor(kind, texture);
        if (!advice) return [];
        const [from, to] = advice.waxPercent;
        const aim = advice.what === 'firmer' ? from : to;
        return [
          <li key={kind} className="flex flex-wrap items-center gap-2">
            <span className="flex-1 basis-72 text-amber">
              ▲ {capitalised(containerWordsOf(kind).plural)} want it {advice.what}, {from} to{' '}
              {formatPercent(to)} of wax: {advice.why}.
            </span>
            <Button onClick={() => toWax(aim)}>Make it {formatPercent(aim)}</Button>
          </li>,
        ];
      })}
      {wax > 0 && wax + least <= mostWax && (
        <li className="flex flex-wrap items-center gap-2">
          <span className="flex-1 basis-72 text-soft">
            {blendWords.forAHotSummerA(least, most)}
          </span>
          <Button onClick={() => toWax(Math.round(wax + (least + most) / 2))}>
            Make it {formatPercent(Math.round(wax + (least + most) / 2))}
          </Button>
        </li>
      )}
    </ul>
  );
};

/** A wax in place of another: the amount follows. */
const OtherWax = ({ recipe, change, evaluation }: TokenProps & { evaluation: Evaluation }) => {
  const catalog = useCatalog();
  const here = recipe.bases.filter(({ id }) => catalog.base(id)?.kind === 'wax');
  const others = catalog.bases.filter(
    ({ id, kind }) => kind === 'wax' && waxFor(id) && !here.some((entry) => entry.id === id),
  );
  const [from] = here.filter(({ id }) => waxFor(id));
  if (!from) return null;
  return (
    <label className="flex flex-wrap items-center gap-2 text-sm">
      <span className="text-soft">{blendWords.canBeReplacedBy(catalog.base(from.id)?.name)}</span>
      <select
        aria-label="Another wax"
        className="w-44 rounded-md border border-field bg-sheet px-2 py-1.5"
        value=""
        onChange={(event) => {
          const to = event.target.value;
          if (to) change((before) => withWax(before, evaluation, from.id, to));
        }}
      >
        <option value="">another wax …</option>
        {others.map(({ id, name }) => {
          const entry = textureFigures.waxEquivalents.find(({ wax }) => wax === id);
          return (
            <option key={id} value={id}>
              {name}
              {entry &&
                `: ${entry.gramsForOneGramBeeswax} g for 1 g (met ${entry.range[0]} to ${entry.range[1]}), ${entry.feel}`}
            </option>
          );
        })}
      </select>
    </label>
  );
};

/** How firm a melt will be, and how to make it firmer or softer. */
export const TexturePanel = ({
  recipe,
  change,
  evaluation,
}: TokenProps & { evaluation: Evaluation }) => {
  const units = useUnits();
  const [dragged, setDragged] = useState<number | null>(null);
  const texture = textureOf(evaluation.mixture);
  if (!texture) return null;
  const wax = texture.waxPercent.likely;
  const toWax = (percent: number) =>
    change((before) => withWaxPercent(before, evaluation, percent), 'wax');
  const { band, butters, firmerThan, oilsAtC, known } = texture;
  // What gives way to more wax, or takes its place.
  const yields = evaluation.mixture.bases.some(
    ({ base }) => base.kind === 'oil' || base.kind === 'butter',
  );
  const solid = butters.reduce((total, { percent }) => total + percent, 0);
  return (
    <Panel aria-label="Texture" className="grid gap-2 px-4 py-3">
      <h2 className="flex flex-wrap items-baseline gap-x-2 font-sans text-[15px] font-semibold">
        {capitalised(textureName(texture))}
        <span className="font-normal text-soft">
          {band
            ? `${band.words}; good for ${band.use}`
            : firmerThan
              ? `○ ${formatPercent(solid)} of butters stiffen it, but by how much is not known`
              : solid > 0
                ? `${formatPercent(solid)} of butters, and hardly any wax`
                : 'hardly any wax'}
          {band && solid >= muchButter && '. Its butters make it firmer than that in a cool room'}
        </span>
      </h2>
      {!yields && <p className="text-sm text-soft">{blendWords.itIsAllWaxAdd}</p>}
      <label className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-3 text-sm text-soft">
        softer
        <input
          type="range"
          aria-label={blendWords.waxCountedAsBeeswaxIn}
          aria-valuetext={`${formatPercent(wax)}, ${textureName(texture)}`}
          className="w-full accent-press disabled:opacity-50"
          disabled={!yields}
          min={0}
          max={mostWax}
          step={0.5}
          value={dragged ?? Math.min(mostWax, Math.round(2 * wax) / 2)}
          onChange={(event) => {
            const percent = Number(event.target.value);
            setDragged(percent);
            toWax(percent);
          }}
          onPointerUp={() => setDragged(null)}
          onBlur={() => setDragged(null)}
        />
        firmer
      </label>
      <p className="text-sm">
        {nonBreaking(
          `Wax, counted as beeswax: ${waxShareWords(texture.waxPercent)} by weight. ${setPointWords(texture, units)} Add the oils at ${temperatureWords(oilsAtC, units)}.`,
        )}
        {!known && <span className="text-slate"> {blendWords.notKnownHowOneOf}</span>}
      </p>
      {butters.length > 0 && (
        <ul className="text-sm text-soft">
          {butters.map(({ base, percent, effect }) => (
            <li key={base.id}>
              {base.name}, {formatPercent(percent)}: {effect}.
            </li>
          ))}
        </ul>
      )}
      <OtherWax recipe={recipe} change={change} evaluation={evaluation} />
      <Advice recipe={recipe} texture={texture} toWax={toWax} />
    </Panel>
  );
};
