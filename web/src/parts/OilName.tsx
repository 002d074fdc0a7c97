/**
 * The name of an oil, with what sets it apart from its look-alikes in bold:
 * Bergamot, **expressed**.
 */
export const OilName = ({ name }: { name: string }) => {
  const comma = name.indexOf(',');
  return comma < 0 ? (
    <span className="font-semibold">{name}</span>
  ) : (
    <span>
      {name.slice(0, comma + 1)}
      <b className="font-bold">{name.slice(comma + 1)}</b>
    </span>
  );
};
