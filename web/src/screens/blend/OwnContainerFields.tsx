import { blendWords } from '@jubbet/core/words';
import type { Container } from '@jubbet/core/catalog';
import type { RecipeContainer } from '@jubbet/core/recipe';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { ContainerMeasures } from '../../parts/ContainerMeasures';
import { useStored } from '../../store/useStored';
import { containers } from '../../store/containers';

/** A container as it is written where it is not one of the catalog. */
export type Measured = Exclude<RecipeContainer, { id: string }>;

export const measuredOf = ({ id: _id, ...measures }: Container): Measured => measures;

/** A container of one's own on this sheet, which can be kept for every other. */
export const OwnContainerFields = ({
  container,
  name,
  onContainer,
}: {
  container: Measured;
  name: string;
  onContainer: (container: Measured) => void;
}) => {
  const tell = useNotice();
  const write = useWrite();
  const shelved = useStored(['containers'], () => containers.list()).data ?? [];
  const calledSo = (container.name ?? '').trim();
  const there = shelved.some(({ container: one }) => one.name === calledSo);
  const keep = async () => {
    const id = await write('The container', () => containers.add({ ...container, name: calledSo }));
    if (!id) return;
    tell({
      text: `“${calledSo}” is on the shelf.`,
      undo: () => void write('The container', () => containers.remove(id)),
    });
  };
  return (
    <div className="grid gap-2 rounded-md bg-slate-wash px-3 py-2 text-sm">
      <ContainerMeasures container={container} name={name} onContainer={onContainer} />
      <div className="flex flex-wrap items-end gap-2">
        <TextField
          label={`What you call it${name}`}
          maxLength={60}
          className="w-48"
          value={container.name ?? ''}
          onChange={(event) => {
            const { name: _name, ...rest } = container;
            onContainer(event.target.value.trim() ? { ...rest, name: event.target.value } : rest);
          }}
        />
        {calledSo !== '' && !there && (
          <Button onClick={() => void keep()}>{blendWords.saveForOtherBlends}</Button>
        )}
        {there && <span className="pb-2 text-soft">on the shelf</span>}
      </div>
    </div>
  );
};
