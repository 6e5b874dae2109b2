/** Hands a text, or data as it is, to the browser as a download. */
export function saveFile(name: string, content: string | Blob, type = 'application/json'): void {
  const url = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The download has its own hold on the data once the click has been handled.
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}

/** Asks for one file; undefined where the artist thinks better of it. `camera`: a phone takes a picture at once, with the camera at its back. */
export const pickFile = async (
  accept: string,
  label: string,
  { camera = false } = {},
): Promise<File | undefined> => (await pickFiles(accept, label, { camera, several: false }))[0];

/** Asks for files, any number; none where the artist thinks better of it. */
export function pickFiles(
  accept: string,
  label: string,
  { camera = false, several = true } = {},
): Promise<readonly File[]> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.multiple = several;
    if (camera) input.setAttribute('capture', 'environment');
    input.setAttribute('aria-label', label);
    input.style.display = 'none';
    input.addEventListener('change', () => {
      input.remove();
      resolve([...(input.files ?? [])]);
    });
    input.addEventListener('cancel', () => {
      input.remove();
      resolve([]);
    });
    document.body.append(input);
    input.click();
  });
}
