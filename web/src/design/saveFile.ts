/** Hands a file to the browser's downloads. */
export function saveFile(name: string, content: Blob): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(content);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

/** Draws an SVG text, so many times its size. @throws where it cannot be drawn. */
async function drawn(svg: string, times: number): Promise<HTMLCanvasElement> {
  const picture = new Image();
  picture.src = `data:image/svg+xml,${encodeURIComponent(svg)}`;
  await picture.decode();
  const canvas = document.createElement('canvas');
  canvas.width = picture.naturalWidth * times;
  canvas.height = picture.naturalHeight * times;
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas;
}

/** An SVG text as a PNG, twice its size so that print is sharp. @throws where it cannot be drawn. */
export async function svgToPng(svg: string): Promise<Blob> {
  const canvas = await drawn(svg, 2);
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture'))), 'image/png'),
  );
}

/** The width of a page that is printed (mm): A4 across. */
const PAGE = 297;

/**
 * An SVG text as a PDF of one page in its own shape, at about 300 dots an inch. As a picture: so every script is in it,
 * whatever typefaces a reader has. @throws where it cannot be drawn.
 */
export async function svgToPdf(svg: string, title: string): Promise<Blob> {
  // Few want it, and it is large.
  const [canvas, { jsPDF }] = await Promise.all([drawn(svg, 3), import('jspdf')]);
  const size: [number, number] = [PAGE, (PAGE * canvas.height) / canvas.width];
  const file = new jsPDF({
    unit: 'mm',
    format: size,
    orientation: size[0] >= size[1] ? 'landscape' : 'portrait',
    compress: true,
  });
  file.setProperties({ title });
  file.addImage(canvas, 'PNG', 0, 0, ...size);
  return file.output('blob');
}
