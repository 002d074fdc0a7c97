import { Panel } from '../../ui/Panel';
import { handbookWords } from '@jubbet/core/words';
import { firstAid } from '@jubbet/core/catalog';
import { Phone, Printer } from 'lucide-react';
import { useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useKeys } from '../../parts/useKeys';
import { useWrite } from '../../parts/useWrite';
import { settings } from '../../store/settings';
import { useThere } from '../../store/useStored';

type Numbers = Readonly<Record<'emergency' | 'poison', string>>;

const numberWords = { emergency: 'Emergency number', poison: 'Poison information' } as const;

/** Only what a telephone can dial is a number to press. */
const dialled = (number: string): string => number.replace(/[^\d+*#]/g, '');

const Call = ({ whom, numbers }: { whom: keyof Numbers; numbers: Numbers }) => {
  const number = numbers[whom].trim();
  return (
    <p className="flex items-center gap-2 font-semibold">
      <Phone aria-hidden size={18} />
      {numberWords[whom]}:{' '}
      {number === '' ? (
        <span className="font-normal text-soft print:text-black">
          {handbookWords.notWrittenDownYet}{' '}
          <span className="hidden print:inline">____________________</span>
        </span>
      ) : dialled(number) ? (
        <a href={`tel:${dialled(number)}`} className="text-press print:text-black">
          {number}
        </a>
      ) : (
        number
      )}
    </p>
  );
};

/** What to do when something goes wrong, and whom to call: on one page. */
export const FirstAidScreen = () => {
  const navigate = useNavigate();
  const write = useWrite();
  const data = useThere(['settings'], () => settings.read());
  useKeys({ p: () => window.print() });
  if (!data) return null;
  const numbers: Numbers = { emergency: data.emergencyNumber, poison: data.poisonNumber };
  return (
    <div className="mx-auto max-w-4xl print:text-[10.5pt]">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title={handbookWords.ifSomethingGoesWrong} aside="first aid" />
        <div className="flex gap-2 print:hidden">
          <Button className="min-h-11" onClick={() => void navigate(-1)}>
            Back
          </Button>
          <Button look="first" className="min-h-11" onClick={() => window.print()}>
            <Printer aria-hidden size={18} /> Print
          </Button>
        </div>
      </div>
      <div className="mt-3 grid gap-3 sm:grid-cols-2 print:grid-cols-2">
        {firstAid.cases.map(({ id, title, call, doAtOnce, seeSomebody }) => (
          <Panel
            key={id}
            aria-label={title}
            className="break-inside-avoid px-5 py-4 print:border-black print:bg-white"
          >
            <h2 className="text-xl text-brick print:text-black">{title}</h2>
            <ol className="mt-1 grid list-decimal gap-1.5 pl-5 text-[17px] print:text-[10.5pt]">
              {doAtOnce.map((sentence) => (
                <li key={sentence}>{sentence}</li>
              ))}
            </ol>
            <p className="mt-2 mb-1">{seeSomebody}</p>
            <Call whom={call} numbers={numbers} />
          </Panel>
        ))}
        <Panel aria-label="Whom to call" className="px-5 py-4 print:hidden">
          <h2 className="text-xl">Whom to call</h2>
          <p className="mb-3 text-sm text-soft">{handbookWords.writeDownTheNumbersOf}</p>
          <div className="grid gap-3">
            <TextField
              label={numberWords.emergency}
              inputMode="tel"
              maxLength={60}
              className="w-full"
              defaultValue={data.emergencyNumber}
              onChange={({ target: { value } }) =>
                void write('The number', () => settings.write('emergencyNumber', value))
              }
            />
            <TextField
              label={numberWords.poison}
              inputMode="tel"
              maxLength={60}
              className="w-full"
              defaultValue={data.poisonNumber}
              onChange={({ target: { value } }) =>
                void write('The number', () => settings.write('poisonNumber', value))
              }
            />
          </div>
        </Panel>
      </div>
      <p className="mt-3 text-sm text-soft print:text-black">{firstAid.provenance}</p>
    </div>
  );
};
