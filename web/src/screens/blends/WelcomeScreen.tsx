import { blendsWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { useState } from 'react';
import { Navigate, useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { blends } from '../../store/blends';
import { settings } from '../../store/settings';
import { useThere } from '../../store/useStored';
import type { OpenedWith } from '../../parts/openedWith';
import { EmptyRollOn } from './EmptyRollOn';

const example = () => import('./putAway');

/** For whom a first blend may be. */
const people = [
  ['me', 'me'],
  ['someone', 'someone I know'],
  ['child', 'a child'],
  ['anyone', 'anyone: a gift, a stall'],
] as const;

/** The product itself, before there is anything in it: the sentence with its gaps over an empty bottle. */
export const WelcomeScreen = () => {
  const data = useThere(['settings'], () => settings.read());
  const navigate = useNavigate();
  const write = useWrite();
  const tell = useNotice();
  const [busy, setBusy] = useState(false);
  if (!data) return null;
  if (data.welcomed) return <Navigate to="/blends" replace />;

  const look = async (): Promise<void> => {
    setBusy(true);
    const done = await write('The example', async () => {
      await (await example()).furnish();
      await settings.write('welcomed', true);
      return true;
    });
    setBusy(false);
    if (done) await navigate('/blends');
  };
  const readRecipe = async (): Promise<void> => {
    const done = await write('The settings', async () => {
      await settings.write('seeded', true);
      await settings.write('welcomed', true);
      return true;
    });
    if (done) await navigate('/read');
  };
  /** The maker’s own house begins with the first gap that is answered; the sheet goes on from there. */
  const begin = async (from: OpenedWith): Promise<void> => {
    const hadExample = data.exampleHere;
    const id = await write('The first blend', async () => {
      if (hadExample) await (await example()).putExampleAway();
      await settings.write('seeded', true);
      await settings.write('welcomed', true);
      return blends.create(from.who === 'anyone' ? { wearer: 'anyone' } : {});
    });
    if (id === undefined) return;
    await navigate(`/blends/${id}`, { state: from });
    if (!hadExample) return;
    tell({
      text: 'The example is put away. What you made or changed is still here.',
      undo: () => void write('The example', async () => (await example()).bringExampleBack()),
    });
  };
  const gap = (text: string, opens: OpenedWith['opens'], isGiven = false) => (
    <button
      type="button"
      className={clsx(
        'rounded-xs text-press underline underline-offset-[8px] hover:bg-slate-wash',
        isGiven ? 'decoration-2' : 'italic decoration-2 decoration-dashed',
      )}
      onClick={() => void begin({ opens })}
    >
      {text}
    </button>
  );
  return (
    <section
      aria-label="Welcome"
      className="mx-auto grid max-w-5xl items-center gap-x-12 gap-y-6 pt-[4vh] sm:grid-cols-[auto_minmax(0,1fr)]"
    >
      <EmptyRollOn />
      <div className="grid gap-7">
        <div className="sr-only">
          <ScreenTitle title={blendsWords.blendEssentialOilsForSkin} />
        </div>
        <p
          aria-label="Your first blend"
          role="group"
          className="font-serif text-[34px] leading-[1.55] font-semibold max-sm:text-[25px]"
        >
          A {gap('10 ml roll-on', 'Container', true)} for {gap('who?', 'Person')}, used on{' '}
          {gap('where?', 'Place')}, at {gap('how strong?', 'Strength')} in{' '}
          {gap('which carrier?', 'Carrier')}
        </p>
        <div role="group" aria-label={blendsWords.whoItIsFor} className="flex flex-wrap gap-3">
          {people.map(([who, text]) => (
            <button
              key={who}
              type="button"
              className="min-h-11 rounded-full border border-field bg-sheet px-5 font-semibold hover:border-press"
              onClick={() => void begin({ opens: who === 'anyone' ? 'Place' : 'Person', who })}
            >
              {text}
            </button>
          ))}
        </div>
        <p className="max-w-prose text-[17px]">{blendsWords.answerAGapAndThe}</p>
        <p className="flex flex-wrap gap-x-6 gap-y-2">
          <Button look="quiet" className="px-0!" onClick={() => void readRecipe()}>
            {blendsWords.readARecipeIHave}
          </Button>
          <Button look="quiet" className="px-0!" disabled={busy} onClick={() => void look()}>
            {busy ? 'Furnishing the example' : 'Look around an example house'}
          </Button>
        </p>
        <p className="text-sm text-soft">{blendsWords.everythingStaysInThisBrowser}</p>
      </div>
    </section>
  );
};
