import { useState } from 'react';
import { Button } from './Button';
import { Tick } from './Tick';

/** Several of a list, and others in one's own words. Folded away until asked for. */
export const Ticks = ({
  title,
  known,
  chosen,
  ownWords,
  onChange,
  understand = (words) => [words],
  nameOf = (id) => id,
}: {
  title: string;
  known: readonly string[];
  chosen: readonly string[];
  ownWords: string;
  onChange: (chosen: string[]) => void;
  /** What one's own words mean, where that can be reported. */
  understand?: (words: string) => readonly string[];
  nameOf?: (id: string) => string;
}) => {
  const [typed, setTyped] = useState('');
  const toggle = (name: string) =>
    onChange(chosen.includes(name) ? chosen.filter((other) => other !== name) : [...chosen, name]);
  const own = chosen.filter((name) => !known.includes(name));
  const add = () => {
    const words = typed.trim();
    if (words) onChange([...new Set([...chosen, ...understand(words)])]);
    setTyped('');
  };
  return (
    <details open={chosen.length > 0} className="border-t border-line pt-2">
      <summary className="py-1 font-semibold">
        {title}
        {chosen.length > 0 && (
          <span className="font-normal text-soft">: {chosen.map(nameOf).join(', ')}</span>
        )}
      </summary>
      <div className="grid gap-x-3 pt-1 sm:grid-cols-2">
        {[...known, ...own].map((name) => (
          <Tick key={name} isOn={chosen.includes(name)} onTick={() => toggle(name)}>
            {nameOf(name)}
          </Tick>
        ))}
      </div>
      <div className="mt-1 flex gap-2">
        <input
          aria-label={`${title}: ${ownWords}`}
          placeholder={ownWords}
          maxLength={200}
          className="min-w-0 flex-1 rounded-md border border-field bg-transparent px-2 py-1.5 placeholder:text-soft"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return;
            event.preventDefault();
            add();
          }}
        />
        <Button disabled={typed.trim() === ''} onClick={add}>
          Add
        </Button>
      </div>
    </details>
  );
};
