/** What a style sheet says of a drawing, and a file must say by itself. */
const drawn = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-opacity',
  'stroke-dasharray',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
] as const;

/** A drawing of the page as a file of its own: its colours and typefaces written into it. */
export const svgFile = (drawing: SVGSVGElement): string => {
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  const shown = [drawing, ...drawing.querySelectorAll('*')];
  for (const [n, element] of [copy, ...copy.querySelectorAll('*')].entries()) {
    const original = shown[n];
    if (!original) continue;
    const style = getComputedStyle(original);
    for (const name of drawn) {
      const value = style.getPropertyValue(name);
      if (value !== '') element.setAttribute(name, value);
    }
    element.removeAttribute('class');
    element.removeAttribute('style');
  }
  return new XMLSerializer().serializeToString(copy);
};
