import { Notice } from '../../ui/Notice';
import type { Recipient } from '@jubbet/core/batch';
import { countedWords, dayWords, batchesWords } from '@jubbet/core/words';
import { useState } from 'react';
import { Link } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { recipients } from '../../store/recipients';

/** Someone who got some of a batch, and how their skin took it. */
export const GivenRow = ({
  id,
  recipient: { personId, name, pieces, which, on, reaction },
  batchId,
}: {
  id: string;
  recipient: Recipient;
  batchId: string;
}) => {
  const write = useWrite();
  const tell = useNotice();
  const [what, setWhat] = useState<string | null>(null);
  const remove = (): void =>
    void write('Who got it', async () => {
      await recipients.remove(id);
      tell({
        text: `${name} is removed from who got it.`,
        undo: () => void write('Who got it', () => recipients.restore(id)),
      });
    });
  const react = async (): Promise<void> => {
    const saved = await write('The reaction', () =>
      recipients.react(id, what?.trim() || 'skin reacted').then(() => true),
    );
    if (saved) setWhat(null);
  };
  return (
    <li className="flex min-h-11 flex-wrap items-center gap-x-4 border-b border-line py-1 last:border-0">
      <span className="w-28 text-sm text-soft">{dayWords(on)}</span>
      <span className="min-w-44 flex-1">
        {personId ? (
          <Link to={`/people/${personId}`} className="text-press">
            {name}
          </Link>
        ) : (
          name
        )}
        , {countedWords(pieces, 'piece')}
        {which && `: ${which}`}
      </span>
      {!reaction && what === null && (
        <Button look="quiet" aria-label={`Note a reaction of ${name}`} onClick={() => setWhat('')}>
          Note a reaction
        </Button>
      )}
      <Button look="quiet" aria-label={`Remove ${name} from who got it`} onClick={remove}>
        Remove
      </Button>
      {what !== null && (
        <form
          aria-label={`Reaction of ${name}`}
          className="flex w-full flex-wrap items-end gap-2 pb-2"
          onSubmit={(event) => {
            event.preventDefault();
            void react();
          }}
        >
          <TextField
            autoFocus
            label="What was seen"
            className="w-64"
            placeholder={batchesWords.redAndItchyOnThe}
            maxLength={500}
            value={what}
            onChange={(event) => setWhat(event.target.value)}
          />
          <Button type="submit" look="first">
            Save the reaction
          </Button>
          <Button look="quiet" onClick={() => setWhat(null)}>
            Cancel
          </Button>
        </form>
      )}
      {reaction && (
        <Notice
          tone="over"
          className="flex w-full flex-wrap items-center gap-x-3 gap-y-1 px-3! py-1.5!"
        >
          <span className="min-w-44 flex-1">
            <b className="text-brick">■ Reacted</b> on {dayWords(reaction.on)}: {reaction.what}
            {reaction.followedOn && `. Followed up on ${dayWords(reaction.followedOn)}`}
          </span>
          <ButtonLink look="quiet" to={`/recall?batch=${encodeURIComponent(batchId)}`}>
            {batchesWords.whoElseHasSomeOfIt}
          </ButtonLink>
          {reaction.followedOn === null && (
            <Button onClick={() => void write('The reaction', () => recipients.follow(id))}>
              Followed up
            </Button>
          )}
        </Notice>
      )}
    </li>
  );
};
