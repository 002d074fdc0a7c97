import { useState } from 'react';
import { Button } from '../../parts/Button';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';

const house = async () => (await import('../../store/house')).house;

/** The first page offers the example house, or an empty one of one's own. */
export const Welcome = () => {
  const { data } = useStored(['settings'], () => settings.read());
  const [asked, setAsked] = useState(false);
  const write = useWrite();
  const tell = useNotice();
  if (!data || data.welcomed) return null;
  const answered = () => write('The choice', () => settings.write('welcomed', true));
  const undo = async () => {
    await (await house()).goBack();
    await settings.write('welcomed', false);
  };
  const empty = async () => {
    const done = await write('The empty house', async () => {
      await (await house()).clearExample();
      return true;
    });
    if (!done) return;
    await answered();
    tell({
      text: 'The example is removed. Everything you made is still here.',
      undo: () => void write('The example house', undo),
    });
  };
  return (
    <section
      aria-label="Welcome"
      className="mt-4 grid gap-3 rounded-xl border border-line bg-sheet px-5 py-4"
    >
      <p className="max-w-prose">
        This is Wardrobe Lane, an example. Everyone in it is made up. Look at how a blend reads,
        change what you like, or begin with an empty house; the example can be put in again in
        Settings.
      </p>
      {asked ? (
        <div role="group" aria-label="Begin with an empty house" className="grid gap-2">
          <p className="max-w-prose">
            The blends, batches and people of the example go. What you made or changed stays, and
            you can undo this.
          </p>
          <div className="flex flex-wrap gap-2">
            <Button look="first" onClick={() => void empty()}>
              Remove the example
            </Button>
            <Button onClick={() => setAsked(false)}>Cancel</Button>
          </div>
        </div>
      ) : (
        <div className="flex flex-wrap gap-2">
          <Button look="first" onClick={() => void answered()}>
            Look around
          </Button>
          <Button onClick={() => setAsked(true)}>Begin with an empty house</Button>
        </div>
      )}
    </section>
  );
};
