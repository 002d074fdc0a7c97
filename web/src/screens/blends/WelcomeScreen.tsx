import { Navigate, useNavigate } from 'react-router';
import { Button } from '../../parts/Button';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { blends } from '../../store/blends';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';

const house = async () => (await import('../../store/house')).house;

/** What Jubbet does, and the two ways to begin. It is shown until one is chosen. */
export const WelcomeScreen = () => {
  const { data, error } = useStored(['settings'], () => settings.read());
  const navigate = useNavigate();
  const write = useWrite();
  const tell = useNotice();
  if (error) throw error;
  if (!data) return null;
  if (data.welcomed) return <Navigate to="/blends" replace />;

  const look = async () => {
    await write('Your choice', () => settings.write('welcomed', true));
    await navigate('/blends');
  };
  const undo = async () => {
    await (await house()).goBack();
    await settings.write('welcomed', false);
    await navigate('/blends');
  };
  const begin = async () => {
    const id = await write('The first blend', async () => {
      await (await house()).clearExample();
      await settings.write('welcomed', true);
      return blends.create();
    });
    if (id === undefined) return;
    await navigate(`/blends/${id}`);
    tell({
      text: 'The example is put away. Settings can bring it back.',
      undo: () => void write('The example', undo),
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
          <Button className="min-h-12" onClick={() => void look()}>
            Look around the example
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
