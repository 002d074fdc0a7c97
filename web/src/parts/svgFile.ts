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
    for (const name of drawn) element.setAttribute(name, style.getPropertyValue(name));
    element.removeAttribute('class');
    element.removeAttribute('style');
  }
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  return new XMLSerializer().serializeToString(copy);
};
