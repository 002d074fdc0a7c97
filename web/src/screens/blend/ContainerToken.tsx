import { fillingsOf } from '@jubbet/core/drops';
import { type ContainerLine, setContainers } from '@jubbet/core/recipe';
import { containerKinds, fillMl, usualContainers, type Container } from '@jubbet/core/catalog';
import { capitalised, fillingsWords, oneOf, volumeWords, blendWords } from '@jubbet/core/words';
import { containers } from '../../store/containers';
import { Plus, X } from 'lucide-react';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { NumberField } from '../../ui/NumberField';
import { useStored } from '../../store/useStored';
import { MixingFields } from './MixingFields';
import { measuredOf, OwnContainerFields, type Measured } from './OwnContainerFields';
import { ContainerGallery } from './ContainerGallery';
import { shownContainer } from './shownContainer';
import type { TokenProps } from './tokenProps';
import { Token } from '../../parts/Token';
import { useUnits } from '../../parts/useUnits';

const kinds = containerKinds.map((kind) => [kind, oneOf(kind)] as const);

const own = 'own';

const ownId = (id: string): string => `${own}:${id}`;

const isSame = (a: Measured, b: Container): boolean =>
  a.name === b.name &&
  a.nominalMl === b.nominalMl &&
  a.workingFillPercent === b.workingFillPercent &&
  a.brimfulMl === b.brimfulMl;

const nearestOf = (kind: string, nominalMl: number) =>
  usualContainers
    .filter((entry) => entry.kind === kind)
    .sort((a, b) => Math.abs(a.nominalMl - nominalMl) - Math.abs(b.nominalMl - nominalMl))[0];

/** One line of containers: how many, of which kind, of which size. */
const LineFields = ({
  line,
  name,
  drawn,
  onLine,
  onRemove,
}: {
  line: ContainerLine;
  /** Added to the names of its fields, so that lines can be told apart. */
  name: string;
  /** True where containers are above it to be pointed at. */
  drawn: boolean;
  onLine: (line: ContainerLine) => void;
  onRemove: (() => void) | null;
}) => {
  const units = useUnits();
  const container = shownContainer(line.container);
  const toKind = (kind: string): void => {
    const nearest = nearestOf(kind, container.nominalMl);
    if (nearest) onLine({ ...line, container: { id: nearest.id } });
  };
  const sizes = usualContainers.filter(({ kind }) => kind === container.kind);
  const all = useStored(['containers'], () => containers.list()).data ?? [];
  const shelved = all.filter((item) => item.container.kind === container.kind);
  const isMine = container.id === null && shelved.find((item) => isSame(item.container, container));
  return (
    <li className="grid gap-2">
      {drawn && (
        <ContainerGallery
          container={container}
          onKind={toKind}
          onSize={(id) => onLine({ ...line, container: { id } })}
        />
      )}
      <div className="flex flex-wrap items-end gap-2">
        <label className="grid gap-1.5">
          <span className="text-sm text-soft">How many</span>
          <NumberField
            label={`How many of them${name}`}
            framed
            className="w-14"
            value={line.count}
            rule={{ least: 1, most: 1000, whole: true }}
            onNumber={(count) => onLine({ ...line, count })}
          />
        </label>
        <SelectField
          label={`Kind${name}`}
          value={container.kind}
          choices={kinds}
          onChoose={toKind}
        />
        <div className="min-w-0 flex-1">
          <SelectField
            label={`Size${name}`}
            value={container.id ?? (isMine ? ownId(isMine.id) : own)}
            choices={[
              ...sizes.map(
                (entry) =>
                  [entry.id, `${volumeWords(entry.nominalMl, units, 4)}: ${entry.suits}`] as const,
              ),
              ...shelved.map(
                ({ id, container: one }) =>
                  [
                    ownId(id),
                    `${volumeWords(one.nominalMl, units, 4)}: ${one.name}, my own`,
                  ] as const,
              ),
              [own, 'another of my own, measured with water'] as const,
            ]}
            onChoose={(id) => {
              const mine = shelved.find((item) => ownId(item.id) === id);
              const { kind, nominalMl, workingFillPercent } = container;
              onLine({
                ...line,
                container:
                  mine?.container ??
                  (id === own ? { kind, nominalMl, workingFillPercent } : { id }),
              });
            }}
          />
        </div>
        {onRemove && (
          <button
            type="button"
            aria-label={`Remove this container${name}`}
            className="rounded p-2 text-soft hover:text-brick"
            onClick={onRemove}
          >
            <X aria-hidden size={16} />
          </button>
        )}
      </div>
      {container.id === null && (
        <OwnContainerFields
          container={measuredOf(container)}
          name={name}
          onContainer={(next) => onLine({ ...line, container: next })}
        />
      )}
      {container.id !== null && (
        <p className="text-sm text-soft">
          Fill line {volumeWords(fillMl(container), units)}, brimful{' '}
          {container.brimfulMl === undefined
            ? 'not known'
            : volumeWords(container.brimfulMl, units)}
          . {capitalised(usualContainers.find(({ id }) => id === container.id)?.note ?? '')}
        </p>
      )}
    </li>
  );
};

export const ContainerToken = ({ recipe, change }: TokenProps) => {
  const lines = recipe.containers;
  const put = (index: number, line: ContainerLine) =>
    change(setContainers(lines.map((entry, at) => (at === index ? line : entry))));
  return (
    <Token label="Container" text={fillingsWords(fillingsOf(recipe))} wide="most">
      {() => (
        <div className="grid gap-3">
          <ul className="grid gap-3">
            {lines.map((line, index) => (
              <LineFields
                key={index}
                line={line}
                name={index === 0 ? '' : `, line ${index + 1}`}
                drawn={lines.length === 1}
                onLine={(next) => put(index, next)}
                onRemove={
                  lines.length > 1
                    ? () => change(setContainers(lines.filter((_, at) => at !== index)))
                    : null
                }
              />
            ))}
          </ul>
          <Button
            className="justify-self-start"
            onClick={() =>
              change(setContainers([...lines, { container: { id: 'tin-15' }, count: 1 }]))
            }
          >
            <Plus aria-hidden size={16} /> {blendWords.anotherKindOfContainer}
          </Button>
          <MixingFields recipe={recipe} change={change} />
        </div>
      )}
    </Token>
  );
};
