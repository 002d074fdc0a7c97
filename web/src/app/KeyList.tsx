import { appWords } from '@jubbet/core/words';
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { Button } from '../ui/Button';

const groups: readonly { room: string; keys: readonly [string, string][] }[] = [
  {
    room: 'Everywhere',
    keys: [
      ['/', 'find an oil, a blend, a person, a batch'],
      ['u', 'to what was just said, and its undo'],
      ['?', 'this list'],
      ['Esc', 'close what is open'],
    ],
  },
  { room: 'Blends', keys: [['n', 'a new blend']] },
  {
    room: 'The blend',
    keys: [
      ['/', 'add an oil'],
      ['↑ ↓', 'from oil to oil, in the drops'],
      ['+ −', 'one drop more or less, in the drops'],
      ['m', 'make this'],
      ['l', 'the label'],
      ['Ctrl Z', 'undo; with Shift, redo'],
    ],
  },
  {
    room: 'The bench',
    keys: [
      ['space', 'a drop, whatever has the focus'],
      ['+', 'a drop too'],
      ['⌫', 'take a drop back'],
      ['↵', 'done, go on'],
      ['←', 'a step back'],
      ['→', 'leave this oil for later'],
    ],
  },
  { room: 'Label, card, first aid', keys: [['p', 'print']] },
];

/** Everything that has a key. */
export const KeyList = ({ onClose }: { onClose: () => void }) => (
  <Dialog open onClose={onClose} className="relative z-50">
    <div aria-hidden className="fixed inset-0 bg-night/50" />
    <div className="fixed inset-0 grid place-items-center overflow-y-auto p-4">
      <DialogPanel className="w-full max-w-2xl rounded-xl border border-line bg-sheet p-5">
        <DialogTitle className="font-serif text-xl font-semibold">Keys</DialogTitle>
        <div className="mt-3 grid gap-x-8 gap-y-4 sm:grid-cols-2">
          {groups.map(({ room, keys }) => (
            <section key={room}>
              <h3 className="font-sans text-sm font-semibold text-soft">{room}</h3>
              <dl className="mt-1 grid grid-cols-[4.5rem_1fr] gap-y-1">
                {keys.map(([key, what]) => (
                  <div key={key} className="contents">
                    <dt>
                      <kbd className="rounded border border-line px-1.5 font-sans text-sm">
                        {key}
                      </kbd>
                    </dt>
                    <dd>{what}</dd>
                  </div>
                ))}
              </dl>
            </section>
          ))}
        </div>
        <p className="mt-4 text-sm text-soft">{appWords.singleKeyShortcutsCanBe}</p>
        <Button className="mt-3" onClick={onClose}>
          Close
        </Button>
      </DialogPanel>
    </div>
  </Dialog>
);
