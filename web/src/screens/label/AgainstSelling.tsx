import { Notice } from '../../ui/Notice';
import type { Catalog, Region } from '@jubbet/core/catalog';
import type { SaleStanding } from '@jubbet/core/label';
import type { Finding } from '@jubbet/core/limits';
import { findingMessage, regionWords, labelWords } from '@jubbet/core/words';

/** What stands against selling it: in the way, with a reason, or only elsewhere. */
export const AgainstSelling = ({
  catalog,
  standing: { forbidden, over, elsewhere },
  region,
}: {
  catalog: Catalog;
  standing: SaleStanding;
  region: Region;
}) => {
  const list = (findings: readonly Finding[]) => (
    <ul className="list-disc pl-5">
      {[...new Set(findings.map((entry) => findingMessage(catalog, entry)))].map((message) => (
        <li key={message}>{message}</li>
      ))}
    </ul>
  );
  return (
    <>
      {forbidden.length > 0 && (
        <Notice tone="over" isUrgent>
          <p>
            <b>{labelWords.notForSaleIn(regionWords[region])}</b> {labelWords.itHasNoLabelTo}
          </p>
          {list(forbidden)}
        </Notice>
      )}
      {over.length > 0 && (
        <Notice tone="caution">
          <p>
            <b>▲ Over a limit.</b> {labelWords.itIsSoldOnlyWith}
          </p>
          {list(over)}
        </Notice>
      )}
      {elsewhere.length > 0 && (
        <Notice tone="note">
          <p>{labelWords.itCouldNotBeSold}</p>
          {list(elsewhere)}
        </Notice>
      )}
    </>
  );
};
