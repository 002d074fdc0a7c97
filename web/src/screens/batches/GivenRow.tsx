import { Notice } from '../../ui/Notice';
import type { Recipient } from '@jubbet/core/batch';
import { countedWords, dayWords, batchesWords } from '@jubbet/core/words';
import { Ellipsis } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { Button, ButtonLink } from '../../ui/Button';
import { InlineForm, InlineText } from '../../ui/InlineForm';
import { z } from 'zod';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { recipients } from '../../store/recipients';

/** Left empty it is a reaction all the same. */
const reactionSchema = z.object({ what: z.string().max(500) });

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
  const [isOpen, setOpen] = useState(false);
  const [isReacting, setReacting] = useState(false);
  const remove = (): void =>
    void write('Who got it', async () => {
      await recipients.remove(id);
      tell({
        text: `${name} is removed from who got it.`,
        undo: () => void write('Who got it', () => recipients.restore(id)),
      });
    });
  const react = async (what: string): Promise<boolean> => {
    const saved = await write('The reaction', () =>
      recipients.react(id, what.trim() || 'skin reacted').then(() => true),
    );
    if (saved) setOpen(false);
    return saved ?? false;
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
      <Button
        look="quiet"
        aria-label={`What can be done about ${name}`}
        aria-expanded={isOpen}
        className="px-2!"
        onClick={() => setOpen(!isOpen)}
      >
        <Ellipsis aria-hidden size={18} />
      </Button>
      {isOpen && !isReacting && (
        <span className="flex w-full flex-wrap gap-2">
          {!reaction && (
            <Button aria-label={`Note a reaction of ${name}`} onClick={() => setReacting(true)}>
              Note a reaction
            </Button>
          )}
          <Button look="quiet" aria-label={`Remove ${name} from who got it`} onClick={remove}>
            Remove
          </Button>
        </span>
      )}
      {isReacting && (
        <InlineForm
          label={`Reaction of ${name}`}
          schema={reactionSchema}
          start={{ what: '' }}
          save="Save the reaction"
          onSave={({ what }) => react(what)}
          onDone={() => setReacting(false)}
        >
          {(form) => (
            <InlineText
              form={form}
              name="what"
              label="What was seen"
              autoFocus
              className="w-64"
              placeholder={batchesWords.redAndItchyOnThe}
            />
          )}
        </InlineForm>
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
