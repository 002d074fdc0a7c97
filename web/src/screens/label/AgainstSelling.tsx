import type { Catalog, Region } from '@jubbet/core/catalog';
import type { SaleStanding } from '@jubbet/core/label';
import type { Finding } from '@jubbet/core/limits';
import { findingMessage, regionWords } from '@jubbet/core/words';

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
        <div role="alert" className="rounded-lg bg-brick-wash px-4 py-2 text-brick">
          <p>
            <b>■ Not for sale in {regionWords[region]}.</b> It has no label to be sold with. You
            can’t override this; change the blend, or keep this batch.
          </p>
          {list(forbidden)}
        </div>
      )}
      {over.length > 0 && (
        <div className="rounded-lg bg-amber-wash px-4 py-2 text-amber">
          <p>
            <b>▲ Over a limit.</b> It is sold only with a written reason, which your assessor has to
            read.
          </p>
          {list(over)}
        </div>
      )}
      {elsewhere.length > 0 && (
        <div className="rounded-lg bg-slate-wash px-4 py-2">
          <p>It could not be sold in the EU:</p>
          {list(elsewhere)}
        </div>
      )}
    </>
  );
};
