import { db } from '../../store/database';
import { house } from '../../store/house';
import { today } from '../../store/now';

// The example goes, and comes back beside what the maker has made since. Loaded when it is asked for.

export const putExampleAway = (): Promise<void> => house.clearExample();

export const bringExampleBack = async (): Promise<void> => {
  const { putExampleIn } = await import('../../store/putExample');
  await putExampleIn(db, today());
};

export const furnish = async (): Promise<void> => {
  const { seedExample } = await import('../../store/seedExample');
  await seedExample(db, today());
};
