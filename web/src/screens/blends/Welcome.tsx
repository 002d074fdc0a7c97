import { Button } from '../../parts/Button';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';

/** The first page offers the example house, or an empty one of one's own. */
export const Welcome = () => {
  const { data } = useStored(['settings'], () => settings.read());
  if (!data || data.welcomed) return null;
  const answered = () => settings.write('welcomed', true);
  const empty = async () => {
    await (await import('../../store/house')).house.clear();
    await answered();
  };
  return (
    <section
      aria-label="Welcome"
      className="mt-4 grid gap-3 rounded-xl border border-line bg-sheet px-5 py-4"
    >
      <p className="max-w-prose">
        This is Wardrobe Lane, an example house. Everyone in it is made up. Look at how a blend
        reads, change what you like, or begin with an empty house; the example can be put in again
        in Settings.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button look="first" onClick={() => void answered()}>
          Look around
        </Button>
        <Button onClick={() => void empty()}>Begin with an empty house</Button>
      </div>
    </section>
  );
};
