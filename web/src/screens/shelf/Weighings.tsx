import type { Bottle } from '@jubbet/core/stock';
import { Button } from '../../ui/Button';
import { NumberField } from '../../ui/NumberField';

/** Drops and what they weigh, once or several times. */
export const Weighings = ({
  weighings,
  onChange,
}: {
  weighings: Bottle['weighings'];
  onChange: (weighings: Bottle['weighings']) => void;
}) => (
  <div className="grid gap-2">
    {weighings.map((weighing, index) => {
      const change = (part: Partial<(typeof weighings)[number]>) =>
        onChange(weighings.map((entry, n) => (n === index ? { ...entry, ...part } : entry)));
      return (
        <p key={index} className="flex flex-wrap items-baseline gap-2">
          <NumberField
            label={`Drops of weighing ${index + 1}`}
            framed
            className="w-16"
            unit="drops weigh"
            value={weighing.drops}
            rule={{ least: 1, most: 1000, whole: true }}
            onNumber={(drops) => change({ drops })}
          />
          <NumberField
            label={`Mass of weighing ${index + 1}, in g`}
            framed
            className="w-20"
            unit="g"
            value={weighing.massG}
            rule={{ least: 0, above: true, most: 100 }}
            onNumber={(massG) => change({ massG })}
          />
          <Button
            look="quiet"
            aria-label={`Remove weighing ${index + 1}`}
            onClick={() => onChange(weighings.filter((_, n) => n !== index))}
          >
            Remove
          </Button>
        </p>
      );
    })}
    {weighings.length < 20 && (
      <Button className="w-fit" onClick={() => onChange([...weighings, { drops: 20, massG: 0.9 }])}>
        Add a weighing
      </Button>
    )}
  </div>
);
