import { Panel } from '../../ui/Panel';
import { giftsWords, nameOrNone, planMessageWords, planMomentWords } from '@jubbet/core/words';
import { Link, useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { OneRecord } from '../../parts/OneRecord';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useWrite } from '../../parts/useWrite';
import { WindowList } from '../../ui/WindowList';
import { plans } from '../../store/plans';
import { useThere } from '../../store/useStored';

/** All plans, and the way to a new one. */
export const PlansScreen = () => {
  const data = useThere(['plan ids'], () => plans.ids());
  const write = useWrite();
  const navigate = useNavigate();
  const begin = async (): Promise<void> => {
    const id = await write('The plan', () => plans.begin());
    if (id !== undefined) await navigate(`/plans/${id}`);
  };
  return (
    <div className="mx-auto max-w-3xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title="Plans" />
        <Button look="first" onClick={() => void begin()}>
          New plan
        </Button>
      </div>
      {data?.length === 0 && (
        <p className="mt-4 max-w-prose">{planMessageWords({ code: 'what-a-plan-is' })}</p>
      )}
      {data && (
        <WindowList ids={data} rowPx={80} className="mt-4">
          {(id) => (
            <OneRecord
              what="plan"
              of={['plan record', id]}
              read={() => plans.get(id)}
              nameOf={({ plan }) => plan.name}
              onDelete={() => plans.remove(id)}
            >
              {({ plan }) => (
                <Panel className="px-4 py-3">
                  <h2 className="text-lg">
                    <Link to={`/plans/${id}`} className="text-press no-underline hover:underline">
                      {nameOrNone(plan.name)}
                    </Link>
                  </h2>
                  <p className="text-sm text-soft">
                    {giftsWords(plan.lines)}, ready by {planMomentWords(plan.ready)}
                  </p>
                </Panel>
              )}
            </OneRecord>
          )}
        </WindowList>
      )}
    </div>
  );
};
