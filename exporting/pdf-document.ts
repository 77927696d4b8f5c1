/** PDF user space: 72 points an inch. */
export const POINTS_PER_MM = 72 / 25.4;

/** Ends the document and gives its bytes. */
export function collectPdf(document: PDFKit.PDFDocument): Promise<Uint8Array> {
  return new Promise((resolve, reject) => {
    const chunks: Uint8Array[] = [];
    document.on("data", (chunk: Uint8Array) => chunks.push(chunk));
    document.on("error", reject);
    document.on("end", () => resolve(Buffer.concat(chunks)));
    document.end();
  });
}
