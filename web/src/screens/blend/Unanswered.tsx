import { useCatalog } from '../../parts/catalog';
import { NotUnderstood } from '../../parts/NotUnderstood';
import { useSpoons } from '../../parts/useSpoons';
import type { TokenProps } from './tokenProps';

/** What nobody has understood of the recipe that this blend was read from. */
export const Unanswered = ({
  texts,
  change,
}: {
  texts: readonly string[];
  change: TokenProps['change'];
}) => {
  const catalog = useCatalog();
  const { country } = useSpoons();
  const answer = async (text: string, materialId: string | null): Promise<void> => {
    const { understoodAs } = await import('@jubbet/core/reading');
    change(understoodAs(catalog, text, materialId, country ?? 'metric'));
  };
  return <NotUnderstood texts={texts} onAnswer={(text, id) => void answer(text, id)} />;
};
