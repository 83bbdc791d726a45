/** Hands a file to the browser's downloads. */
export function saveFile(name: string, content: Blob): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(content);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

/** Draws an SVG text into a PNG, twice its size so that print is sharp. @throws where it cannot be drawn. */
export async function svgToPng(svg: string): Promise<Blob> {
  const picture = new Image();
  picture.src = `data:image/svg+xml,${encodeURIComponent(svg)}`;
  await picture.decode();
  const canvas = document.createElement('canvas');
  canvas.width = picture.naturalWidth * 2;
  canvas.height = picture.naturalHeight * 2;
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture'))), 'image/png'),
  );
}
