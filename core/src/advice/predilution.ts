/**
 * Where one drop of an oil is already too much: so many drops of it into so much
 * carrier make a dilution of which one drop holds what may go in.
 *
 * @param mostMl what may go into the container, in ml, above 0
 * @param dropMl one drop of the oil, in ml, larger than `mostMl`
 * @returns one drop of oil in `carrierMl`; one drop of that holds at most `mostMl`
 */
export const predilution = (
  mostMl: number,
  dropMl: number,
): { readonly carrierMl: number; readonly share: number } => {
  // One drop of the dilution, of the same size, must hold no more than is allowed.
  const share = Math.min(1, mostMl / dropMl);
  const parts = Math.ceil(1 / share);
  return { carrierMl: (parts - 1) * dropMl, share: 1 / parts };
};
