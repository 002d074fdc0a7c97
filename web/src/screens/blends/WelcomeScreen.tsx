import { useState } from 'react';
import { Navigate, useNavigate } from 'react-router';
import { Button } from '../../parts/Button';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { blends } from '../../store/blends';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';

const example = () => import('./putAway');

/** What Jubbet does, and the two ways to begin. It is shown until one is chosen. */
export const WelcomeScreen = () => {
  const { data, error } = useStored(['settings'], () => settings.read());
  const navigate = useNavigate();
  const write = useWrite();
  const tell = useNotice();
  const [busy, setBusy] = useState(false);
  if (error) throw error;
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
  const begin = async (): Promise<void> => {
    const hadExample = data.exampleHere;
    const id = await write('The first blend', async () => {
      if (hadExample) await (await example()).putExampleAway();
      await settings.write('seeded', true);
      await settings.write('welcomed', true);
      return blends.create();
    });
    if (id === undefined) return;
    await navigate(`/blends/${id}`);
    if (!hadExample) return;
    tell({
      text: 'The example is put away. What you made or changed is still here.',
      undo: () => void write('The example', async () => (await example()).bringExampleBack()),
    });
  };
  return (
    <section aria-label="Welcome" className="mx-auto grid max-w-2xl gap-5 pt-[8vh]">
      <ScreenTitle title="Blend essential oils for skin, and know that the numbers are right" />
      <p className="text-lg">
        Say who it is for and where it goes. Jubbet works out the drops, checks them against
        published limits, counts them in with you and prints the label.
      </p>
      <div className="grid gap-4 sm:grid-cols-2">
        <div className="grid content-start gap-2">
          <Button look="first" className="min-h-12" onClick={() => void begin()}>
            Start my first blend
          </Button>
          <p className="text-sm text-soft">It starts empty: only what you add.</p>
        </div>
        <div className="grid content-start gap-2">
          <Button className="min-h-12" disabled={busy} onClick={() => void look()}>
            {busy ? 'Furnishing the example' : 'Look around the example'}
          </Button>
          <p className="text-sm text-soft">
            Wardrobe Lane, the back room of a village theatre. Everyone in it is made up.
          </p>
        </div>
      </div>
      <p className="text-sm text-soft">
        Everything stays in this browser. Published guidance, not medical advice.
      </p>
    </section>
  );
};
