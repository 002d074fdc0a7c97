// Which blends are open in any tab: a blend into which nothing was typed goes when the last tab has
// left it. Browsers without locks have one tab at a time, as far as can be told.

const nameOf = (blendId: string): string => `jubbet/blend/${blendId}`;

const locks = (): LockManager | null => ('locks' in navigator ? navigator.locks : null);

/** Says that a blend is open here, until it is let go; that ends once all tabs know. */
export const holdOpen = (blendId: string): (() => Promise<void>) => {
  let letGo = (): void => undefined;
  const held = new Promise<void>((done) => {
    letGo = done;
  });
  const released = locks()?.request(nameOf(blendId), { mode: 'shared' }, () => held);
  return async () => {
    letGo();
    await released;
  };
};

/** Does something where no tab has the blend open. */
export const whenNobodyHas = async (blendId: string, act: () => Promise<void>): Promise<void> => {
  const all = locks();
  if (!all) return act();
  await all.request(nameOf(blendId), { ifAvailable: true }, async (lock) => {
    if (lock) await act();
  });
};
