import { vi } from 'vitest';

/** Files that the page hands out from now on, each with its name, kind and text. */
export const savedFiles = (): { name: string; type: string; text: Promise<string> }[] => {
  const saved: { name: string; type: string; text: Promise<string> }[] = [];
  let blob = new Blob();
  URL.createObjectURL = (next) => {
    blob = next as Blob;
    return 'blob:file';
  };
  URL.revokeObjectURL = () => undefined;
  vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (
    this: HTMLAnchorElement,
  ) {
    const of = blob;
    const text = new Promise<string>((done) => {
      const reader = new FileReader();
      reader.onload = () => done(reader.result as string);
      reader.readAsText(of);
    });
    saved.push({ name: this.download, type: of.type, text });
  });
  return saved;
};
